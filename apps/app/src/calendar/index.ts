export { NextVisit } from './next-visit';
export { PlanSheet, type ToPlan } from './plan-sheet';
