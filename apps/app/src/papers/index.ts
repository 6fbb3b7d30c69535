export { writePdf } from './write-pdf';
export { type OrderPapers, useOrderPapers, useOrderVisit } from './order-papers';
