import { CURVE_OVER_MM, type DescribedSaddle, type SaddleMeasureId, type UnmeasuredId, unmeasuredOf } from '@fulcra/core';

/** What each measure of a saddle is called, and how it is taken. */
export const SADDLE_MEASURE_WORDS: Readonly<Record<SaddleMeasureId, { readonly name: string; readonly how: string }>> = {
  pointLengthMm: { name: 'Length of a point', how: 'Along the inside of a tree point, from where it leaves the arch to its tip.' },
  frontChannelMm: { name: 'Channel in front', how: 'Between the panels behind the points.' },
  headRiseMm: { name: 'Rise of the head', how: 'A straight edge along the rails; from it up to the crown of the arch.' },
  pointRakeDeg: {
    name: 'Lean of the points',
    how: 'How far the points lean forward of the arch, seen from the side; backward is less than nothing.',
  },
  lengthMm: { name: 'Length of the tree', how: 'Saddle upside down: from the front of the arch level to the rear end of the tree.' },
  midAngleDeg: { name: 'Angle in the middle', how: 'Two sticks laid on the panels halfway along; the angle between them.' },
  rearAngleDeg: { name: 'Angle at the rear', how: 'The same a hand ahead of the rear end.' },
  seatLowMm: { name: 'Lowest point of the seat', how: 'A marble on the seat; from where it lies level to the front of the arch.' },
  barMm: { name: 'Stirrup bar', how: 'From the front of the arch to the middle of the bar.' },
  massKg: { name: 'Weight', how: 'With its leathers and irons, as it goes on the horse.' },
  massAtMm: { name: 'Balance', how: 'Over a rail or a stretched hand; from the front of the arch to where it balances.' },
  channelMidMm: { name: 'Channel in the middle', how: 'Between the panels, halfway along.' },
  channelRearMm: { name: 'Channel at the rear', how: 'Between the panels, at the rear end of the tree.' },
  widthFrontMm: { name: 'Panel width in front', how: 'One panel from its inner to its outer edge, level across.' },
  widthMidMm: { name: 'Panel width in the middle', how: 'The same, halfway along.' },
  widthRearMm: { name: 'Panel width at the rear', how: 'The same, at the rear end of the tree.' },
  depthMidMm: { name: 'Panel depth in the middle', how: 'From tree to underside, halfway along, unloaded.' },
  aheadMm: { name: 'Panel ahead of the arch', how: 'From the front of the arch forward to the panel’s edge.' },
  cutBackMm: { name: 'Cut back for the shoulder', how: 'How much further back the panel’s outer front corner lies than its inner one.' },
  pastTreeMm: { name: 'Panel past the tree', how: 'From the rear end of the tree back to the panel’s end.' },
  frontTurnMm: { name: 'Front turned up', how: 'How far the front edge of the panel or bar turns off the horse: a bar’s flare.' },
  rearTurnMm: { name: 'Rear turned up', how: 'How far the rear end turns off the horse.' },
  bevelMm: { name: 'Rounded edges', how: 'How far in from its edge the panel is rounded off.' },
  curveMm: {
    name: 'Lengthwise curve',
    how: `A straight edge ${CURVE_OVER_MM} mm long along the underside; the greatest gap under its middle.`,
  },
  depthFrontMm: { name: 'Panel depth in front', how: 'From tree to underside beside the point, unloaded.' },
  depthRearMm: { name: 'Rear gusset', how: 'From tree to underside at the rear, unloaded.' },
};

export const measureHow = (id: string | null): string | undefined =>
  id === null ? undefined : SADDLE_MEASURE_WORDS[id as SaddleMeasureId]?.how;

/** What a number that nobody measured is called. */
export const unmeasuredName = (id: UnmeasuredId): string =>
  id === 'includedAngleDeg' ? 'Angle of the widths' : SADDLE_MEASURE_WORDS[id].name;

/** More than this are counted, not named. */
const NAMED = 3;

/** "length of the tree, balance and 4 more"; in the order given. */
export function unmeasuredList(ids: readonly UnmeasuredId[]): string {
  const names = ids.slice(0, NAMED).map((id) => unmeasuredName(id).toLowerCase());
  if (ids.length > NAMED) return `${names.join(', ')} and ${ids.length - NAMED} more`;
  return names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** "Not measured exactly on this saddle: balance and weight", as a line of a paper; nothing where all of it was. */
export function unmeasuredOnSaddle(saddle: Pick<DescribedSaddle, 'build'>): string[] {
  const unknown = unmeasuredOf(saddle);
  return unknown.length === 0 ? [] : [`Not measured exactly on this saddle: ${unmeasuredList(unknown)}`];
}

/** The same as a sentence among others. */
export const unmeasuredSentence = (saddle: Pick<DescribedSaddle, 'build'>): string[] =>
  unmeasuredOnSaddle(saddle).map((line) => `${line}.`);
