export { PutAway } from './put-away';
