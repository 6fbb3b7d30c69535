export { PutAway } from './put-away';
export { useBin } from './use-bin';
