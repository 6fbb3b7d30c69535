export { NextVisit } from './next-visit';
