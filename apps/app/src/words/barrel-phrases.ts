import { lengthWords, personUnit } from './person-unit';
/** What the screen of the barrel says. */
export const BARREL_PHRASES = {
  barrel: 'The barrel',
  note: 'At the girth groove, with tape and stick; a half tracing wins over both.',
  way: 'How it is measured',
  tape: 'tape and stick',
  tracing: 'half tracing',
  get circumference() {
    return `Once round, ${personUnit.now()}`;
  },
  get breadth() {
    return `Breadth at the widest, ${personUnit.now()}`;
  },
  get widest() {
    return `Widest below the top of the back, ${personUnit.now()}`;
  },
  get depth() {
    return `Depth, back to breastbone, ${personUnit.now()}`;
  },
  noDepth: 'Without the depth it is drawn as an ellipse, which comes out less deep than most: measure it.',
  asEllipse: (depth: number): string => `Drawn as an ellipse, ${lengthWords(depth)} deep. Depth was not measured.`,
  shape: (exponent: number): string => `Shape number ${exponent.toFixed(2)}: 2 is an ellipse, more is squarer, less is flatter in the rib.`,
  traced: (points: number): string => `From ${points} traced places; the tracing is taken as it is.`,
  belowRow: (i: number): string => `Place ${i}: below the top, ${personUnit.now()}`,
  outRow: (i: number): string => `Place ${i}: out from the middle, ${personUnit.now()}`,
  below: 'below',
  out: 'out',
  addPlace: 'Add a place',
  dropPlace: 'Take the last away',
  keep: 'Keep this barrel',
  kept: 'Barrel kept.',
  clear: 'Take the depth away',
  drawing: (breadth: number, depth: number): string =>
    `The barrel from behind, ${lengthWords(breadth)} broad and ${lengthWords(depth)} deep`,
  fillAll: 'All three of round, breadth and height are needed.',
} as const;
