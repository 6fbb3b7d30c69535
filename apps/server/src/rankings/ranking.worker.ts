export { rankShare as default } from './rank-saddles';
