export { KeptBy } from './kept-by';
