export { HeldBanner } from './held-banner';
export { TackLine } from './tack-line';
export { type TackThing, useHeldTack, useHeldTackOf, useTackThing, useTackThings } from './use-tack';
