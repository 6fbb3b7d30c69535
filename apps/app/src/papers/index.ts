export { writePdf } from './write-pdf';
