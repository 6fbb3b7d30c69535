/**
 * The two sides of a horse. Near is the horse's left, y < 0; off is its right, y > 0.
 * Looking along the back from behind, near is on the left of the screen and of the paper.
 */
export type NearOff = 'near' | 'off';
export const SIDES: readonly NearOff[] = ['near', 'off'];
export const otherSide = (side: NearOff): NearOff => (side === 'near' ? 'off' : 'near');
