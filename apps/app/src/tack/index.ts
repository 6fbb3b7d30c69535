export { HeldBanner } from './held-banner';
export { TackLine } from './tack-line';
export { type TackThing, useHeldTack, useTackAround, useTackThing, useTackThings } from './use-tack';
export { WalkBottom } from './walk-bottom';
export { NEW_WALK, WALK_DRAFT, keptFound, stopsOf } from './walk-draft';
export { WalkDrawing, markedSpots } from './walk-drawing';
export { WalkFound, WalkStopPanel } from './walk-panels';
export { newCheck } from './new-check';
