import { lengthNumber, lengthWords } from './person-unit';
import {
  type AssumedSeatMeasure,
  type HangError,
  type PairRemedy,
  type PlanWarning,
  type PlumbCause,
  type RiderCriterion,
  type SuitsWord,
  type WeightLevel,
  type WeightLowering,
} from '@fulcra/core';
import { bothUnitsWords, mmWords, ordinalWords, countWords } from './measure-words';
import { measureShort } from './riders-phrases';

const held = (mm: number): string => String(Math.abs(Math.round(mm)));
const s = (n: number): string => (n === 1 ? '' : 's');
const holesWords = (n: number): string => `${n} hole${s(n)}`;

/** What the screen of the leg says. */
export const LEG_PHRASES = {
  leathers: 'Leathers',
  onHorse: (rider: string, horse: string, saddle: string): string => `${rider} on ${horse}, ${saddle}`,
  onPlain: (rider: string, saddle: string): string => `${rider}, ${saddle}, no horse`,
  plainSaddle: 'a plain saddle',
  plumb: 'plumb',
  centreOfMass: 'centre of mass',
  kneePeg: (deg: number): string => `${deg}°`,
  heelPeg: (mm: number): string => (mm === 0 ? 'heel under the hip' : `heel ${lengthWords(held(mm))} ${mm > 0 ? 'back' : 'ahead'}`),
  drawingSpoken: (hangMm: number, kneeDeg: number, heelMm: number): string =>
    `The leg from the near side: leather ${lengthWords(hangMm)}, knee ${kneeDeg} degrees, heel ${lengthWords(held(heelMm))} ${heelMm >= 0 ? 'behind' : 'ahead of'} the hip’s plumb`,
  dragHint: 'Draw the knee or the tread up and down; arrow keys move it by 1 mm, with shift by 10, Escape back.',
  drawn: 'Drawn by hand',
  backToPurpose: (purpose: string): string => `Back to ${purpose}`,
  headline: (purpose: string, hangMm: number, near: number, off: number): string =>
    `${purpose}: ${bothUnitsWords(hangMm)}, near ${ordinalWords(near)}, off ${ordinalWords(off)} hole.`,
  headlineNoPair: (purpose: string, hangMm: number): string => `${purpose}: ${bothUnitsWords(hangMm)} over the flap.`,
  headlineCannot: (purpose: string): string => `${purpose}: this leg can’t be hung so here.`,
  why: (least: number, most: number, hipDeg: number, trueDeg: number): string =>
    `Knee ${least}° to ${most}° as seen from the side; the joint itself ${trueDeg}°, the hip ${hipDeg}°. Hang is over the flap, iron included.`,
  sure: (mm: number): string => `Sure to ± ${lengthWords(Math.round(mm))}`,
  sureFrom: ({ from }: HangError): string =>
    `, most of it from ${from
      .slice(0, 2)
      .map((f) => `${measureShort[f.length]}${f.known === 'measured' ? '' : ' (by proportion)'}`)
      .join(' and ')}`,
  ofAChild: (mm: number, sd: number): string =>
    `A child’s lengths are only half as sure by proportion. The arm says ${mmWords(mm)} ± ${mmWords(sd)}: measure thigh and shank, and look at the leg on the saddle.`,
  sureHoles: (holes: number): string => `: that is ${holes.toFixed(1)} holes.`,
  missBy: (mm: number): string =>
    Math.abs(mm) < 0.5 ? 'The holes hit it.' : `The holes make it ${lengthWords(held(mm))} too ${mm > 0 ? 'long' : 'short'}.`,
  unevenBy: (mm: number): string =>
    Math.abs(mm) < 0.5 ? 'Both sides hang alike.' : `Off hangs ${lengthWords(held(mm))} ${mm > 0 ? 'lower' : 'higher'} than near.`,
  whichHole: (near: string, off: string): string => `near ${near}, off ${off}`,
  rider: 'Rider',
  saddle: 'Saddle',
  leather: 'Leathers',
  none: 'none',
  chooseRider: 'Choose a rider',
  noRider: 'Nobody is chosen to ride',
  noRiderText: 'The leg is drawn from a rider’s lengths: choose or add one.',
  measureRider: 'Measure this rider',
  notEnough: 'Not enough is known of this rider’s leg',
  purposes: 'What for',
  holesRow: (purpose: string, hangMm: number, kneeDeg: number): string => `${purpose}: ${lengthWords(hangMm)}, knee ${kneeDeg}°`,
  noPair: 'No pair of leathers was measured: lengths only. Hang one up and the holes follow.',
  measureAPair: 'Measure a pair',
  fromFirst: (holes: number, first: string): string =>
    holes === 0 ? `same holes as ${first}` : `${holesWords(Math.abs(holes))} ${holes > 0 ? 'longer' : 'shorter'} than ${first}`,
  moreOn: 'Working',
  keep: 'Keep these holes',
  keepAndPrint: 'Print the hole card',
  kept: 'Holes kept with the visit.',
  print: 'Print',
  barrel: 'Barrel',
  measureBarrel: 'Measure the barrel',
  sidePhoto: 'Photo from the side',
  suitsBoth: 'Which saddles suit both',
  standingSeated: 'How the rider is drawn',
  seatedView: 'sitting',
  overView: 'standing over the iron',
  assumedGround: 'Taken where nobody measured:',
  assumedBarrel: 'a plain barrel',
  assumedLevel: 'the saddle level on the back, not settled',
  assumedHorse: 'no horse: a plain one',
  both: 'Both sides',
  plumbTitle: 'Plumb',
  chairCause: (cause: PlumbCause | null): string => (cause === null ? '' : CAUSE_WORDS[cause]),
  heelWords: (balance: 'even' | 'chair' | 'tipped', mm: number): string =>
    balance === 'even'
      ? `The heel hangs ${lengthWords(held(mm))} ${mm >= 0 ? 'behind' : 'ahead of'} the hip’s plumb: even.`
      : balance === 'chair'
        ? `Chair seat: the heel comes ${lengthWords(held(mm))} ahead of the hip’s plumb.`
        : `Tipped forward: the heel lies ${lengthWords(held(mm))} behind the hip’s plumb.`,
  barShift: (mm: number): string =>
    mm === 0 ? '' : `The bar would have to lie ${lengthWords(held(mm))} further ${mm > 0 ? 'back' : 'forward'}.`,
  barAhead: (mm: number): string => `The bar lies ${lengthWords(held(mm))} ahead of the hip; about 150 is normal.`,
  partsBalance: (mm: number): string => `Of it ${lengthWords(signed(mm))} from how the saddle tips.`,
  partsLength: (mm: number, alone: number): string =>
    `The leg alone would put it ${lengthWords(held(alone))} behind; the knee reaches past the roll, which pushes the hip ${lengthWords(held(mm))} back.`,
  plumbEdge: 'That is within what this is sure to of being even: look at the rider before anything is changed.',
  rulesTitle: 'Two rules of thumb',
  ankleMark: 'ankle',
  armMark: 'arm',
  ankleRule: (mm: number, than: number): string => `Ankle rule: ${bothUnitsWords(mm)}, ${longer(mm - than)}.`,
  armRule: (mm: number, sd: number, than: number): string => `Arm rule: ${bothUnitsWords(mm)} ± ${Math.round(sd)}, ${longer(mm - than)}.`,
  rulesDiffer: 'The ankle rule lets the leg hang and knows no purpose; the arm rule knows no leg at all. Both are a start from the ground.',
  overTitle: 'Standing over the iron',
  overLean: (deg: number | null): string =>
    deg === null
      ? 'No lean brings the centre of mass over the tread: the foot is too far ahead.'
      : `The trunk leans ${Math.round(deg)}° forward until the centre of mass stands over the tread.`,
  overWhere: (ankle: number, toe: number, sitting: number): string =>
    `It is then ${lengthWords(held(ankle))} ${ankle > 0 ? 'behind' : 'ahead of'} the ankle and ${lengthWords(held(toe))} behind the toe; sitting upright, ${lengthWords(held(sitting))} behind the tread. The iron is a hinge: what stands beside the tread falls.`,
  hipTitle: 'Spread of the hips',
  hipSpread: (deg: number, level: 'comfortable' | 'wide' | 'caution'): string =>
    `${Math.round(deg)}° to each side: ${level === 'comfortable' ? 'comfortable' : level === 'wide' ? 'wide, for a while' : 'wider than most hips bear; watch for a rocking seat'}.`,
  hipHigher: (byMm: number, deg: number): string =>
    `A seat ${lengthWords(byMm)} higher would make it ${deg.toFixed(1)}°, and put the rider ${lengthWords(byMm)} higher over the horse.`,
  hipWidest: 'The thigh touches at the barrel’s widest: a higher seat buys nothing.',
  hipInjury: 'This rider has an old hip: comfort wins over the band.',
  weightTitle: 'Weight',
  weight: (kg: number, horseKg: number, percent: number): string =>
    `${Math.round(kg)} kg with tack on ${Math.round(horseKg)} kg: ${percent.toFixed(1)} %.`,
  weightParts: (rider: number, saddle: number, other: number): string =>
    `Rider ${rider} kg, saddle ${saddle} kg, other tack ${other} kg (default).`,
  weightWord: (level: WeightLevel, borderline: boolean): string =>
    WEIGHT_WORDS[level] + (borderline ? ' Within the tape’s error the next word up can’t be ruled out.' : ''),
  weightLowered: (list: readonly WeightLowering[], by: number): string =>
    `Levels are ${by} points lower: ${list.map((l) => LOWERED_WORDS[l]).join(', ')}.`,
  weightIdeal: 'Over the weight that was taped; a fat horse’s ideal weight is less, and the share more.',
  weightUnknownHorse: 'The horse’s weight wasn’t taken at this visit.',
  weightUnknownRider: 'The rider’s weight isn’t known.',
  evenTitle: 'The pair',
  remedy: (remedy: PairRemedy): string => REMEDY_WORDS(remedy),
  stretched: (near: number, off: number): string =>
    `Since it was measured first: near ${lengthWords(signed(near))}, off ${lengthWords(signed(off))}.`,
  perHole: (mm: number, measured: boolean): string =>
    measured
      ? `One hole is ${lengthWords(mm.toFixed(1))} of hang, as measured.`
      : `One hole is ${lengthWords(mm.toFixed(1))} of hang by the rule.`,
  doublesHalf: 'The strap is doubled: a hole changes the hang by half its spacing.',
  purposely: (mm: number, by: string, reason: string): string => `Uneven on purpose, off ${lengthWords(signed(mm))}, ${by}: ${reason}`,
  legsDiffer: (mm: number): string =>
    `The ${mm > 0 ? 'off' : 'near'} leg is ${lengthWords(held(mm))} longer. Leathers stay even unless a named person gives a reason.`,
  flapTitle: 'This saddle for this rider',
  criterion: (id: RiderCriterion): string => CRITERION_WORDS[id],
  suits: (word: SuitsWord): string => SUITS_WORDS[word],
  between: (least: number, most: number, share: boolean): string =>
    share
      ? `wants ${Math.round(100 * least)} to ${Math.round(100 * most)} %`
      : `wants ${lengthNumber(Math.round(least))} to ${lengthWords(Math.round(most))}`,
  has: (value: number | null, share: boolean): string =>
    value === null ? 'not measured' : share ? `${Math.round(100 * value)} %` : mmWords(value),
  seatSize: (size: number, low: number, high: number): string =>
    `Seat ${bothUnitsWords(size)}; half a size down ${mmWords(low)}, up ${mmWords(high)}: sit in both.`,
  seatBeyond: (wanted: number, nearest: number): string =>
    `A seat of ${bothUnitsWords(Math.round(wanted))} is wanted; none is made so. The nearest is ${bothUnitsWords(nearest)}: too ${nearest > wanted ? 'large' : 'small'} by ${mmWords(Math.abs(nearest - wanted))}.`,
  describeSaddle: 'Measure its flap',
  againstTitle: 'On another saddle',
  againstNone: 'Choose a saddle to see how many holes to move.',
  againstMove: (purpose: string, holes: number | null, mm: number): string =>
    `${purpose}: ${holes === null ? '' : holes === 0 ? 'same holes, ' : `${holesWords(Math.abs(holes))} ${holes > 0 ? 'longer' : 'shorter'}, `}${lengthWords(signed(mm))}`,
  buyTitle: 'Leathers to buy',
  buyOne: (mm: number, miss: number, spare: number): string =>
    `One pair serves all: ${bothUnitsWords(mm)}. Worst miss ${lengthWords(Math.round(miss))}, ${countWords(spare, 'hole')} to spare.`,
  buySeveral: (pairs: readonly { readonly mm: number; readonly on: readonly string[] }[]): string =>
    `No one pair serves all: ${pairs.map((p) => `${bothUnitsWords(p.mm)} for ${p.on.join(', ')}`).join('; ')}.`,
  buyNone: (most: number): string => `No length of the list serves all of them, nor do ${countWords(most, 'pair')}.`,
  buyKind: (looped: boolean, holes: number, spacingMm: number): string =>
    `${looped ? 'doubled' : 'single strap'}, ${holes} holes ${lengthWords(spacingMm)} apart`,
  buyFrom: 'Lengths of the practice’s list.',
  loadTitle: 'In the fit room',
  load: (kg: number, along: number, aside: number): string =>
    `${Math.round(kg)} kg, ${lengthWords(held(along))} ${along >= 0 ? 'behind' : 'ahead of'} the seat’s lowest point${Math.abs(aside) < 0.5 ? '' : `, ${lengthWords(held(aside))} to the ${aside > 0 ? 'off' : 'near'} side`}.`,
  loadShort: (aside: number): string =>
    `With the near leather one hole short the weight goes ${lengthWords(held(aside))} to the ${aside > 0 ? 'off' : 'near'} side.`,
  takeLoad: 'See it in the fit room',
  warning: (w: PlanWarning): string =>
    w.code === 'kneeBehindBar'
      ? `The knee lies ${lengthWords(Math.round(w.byMm))} behind the bar: longer than this leg can use with its knee in the flap.`
      : w.code === 'farApart'
        ? `${w.holes} holes from the first purpose: more than is ridden. Check the lengths.`
        : `The holes end: ${lengthWords(Math.abs(Math.round(w.missMm)))} too ${w.missMm > 0 ? 'long' : 'short'} at the nearest. Other leathers, or a hole more.`,
  ironNarrow: 'The fitter decides; the rider’s pain goes to a doctor, the horse’s to a veterinary surgeon.',
  bandSet: 'Angles',
  bandPhoto: 'as on a photo',
  bandSpoken: 'as spoken in lessons',
  bandSpokenNote: 'Angles as spoken in lessons are rounder than a photo shows: at 145° and more the knee lies behind the bar.',
  changeBands: 'Angles, lengths to buy, weight levels',
  card: 'Number of holes',
  cardFor: (rider: string, horse: string | null): string => (horse === null ? rider : `${rider} on ${horse}`),
  cardOn: (day: string, by: string): string => `${day}, ${by}`,
  cardLeather: (name: string): string => `Leathers: ${name}`,
  cardSaddle: (name: string): string => `Saddle: ${name}`,
  cardOther: (saddle: string): string => `On ${saddle}`,
  cardCount: 'Holes are counted from the shortest, as the numbers say.',
  cardCheck: 'Look again after a month: new leathers stretch, and the near side first.',
  cardNone: 'No holes were kept yet',
  cardNoneText: 'Choose rider and leathers, then keep the holes: the card follows.',
  toTheLeg: 'To the leathers',
  assumedSeat: (list: readonly AssumedSeatMeasure[]): string => list.map((m) => ASSUMED_WORDS[m]).join(', '),
} as const;

const ASSUMED_WORDS: Readonly<Record<AssumedSeatMeasure, string>> = {
  barOutMm: 'how far out the bar lies',
  barBelowSeatMm: 'how far under the seat the bar lies',
  seatOverTreeMm: 'how high the seat lies over the tree',
};
const CAUSE_WORDS: Readonly<Record<PlumbCause, string>> = {
  bar: 'Cause: where the bar lies.',
  balance: 'Cause: the saddle tips; level it before anything else.',
  length: 'Cause: the leather is so short for this flap that the roll pushes the knee back.',
};
const WEIGHT_WORDS: Readonly<Record<WeightLevel, string>> = {
  fine: 'Nothing to say.',
  note: 'Worth a note: short days, a fit horse.',
  caution: 'Caution: heavy for this horse.',
  professional: 'A professional’s word is needed before this rider gets on.',
};
const LOWERED_WORDS: Readonly<Record<WeightLowering, string>> = {
  unfit: 'out of work',
  underSix: 'under six',
  overTwenty: 'over twenty',
  soreBack: 'something sore was found',
};
const CRITERION_WORDS: Readonly<Record<RiderCriterion, string>> = {
  seatSize: 'Seat size',
  flapLength: 'Flap below the bar',
  kneeRoll: 'Flap ahead of the bar, for the knee',
  leatherOnFlap: 'Leather on the flap, from its front',
  heelUnderHip: 'Heel behind the hip',
};
export const SUITS_WORDS: Readonly<Record<SuitsWord, string>> = {
  suits: 'suits',
  nearly: 'within the error',
  misses: 'misses',
  unknown: 'not measured',
};

const signed = (mm: number): string => `${mm < 0 ? '−' : '+'}${Math.abs(Math.round(mm))}`;
const longer = (mm: number): string => (Math.abs(mm) < 0.5 ? 'the same' : `${lengthWords(held(mm))} ${mm > 0 ? 'longer' : 'shorter'}`);

function REMEDY_WORDS(remedy: PairRemedy): string {
  switch (remedy.code) {
    case 'even':
      return 'Both hang alike in the same hole. Swap sides every few weeks and they stay so.';
    case 'otherHole':
      return `The ${remedy.side} leather has stretched: ride it ${holesWords(remedy.holes)} shorter than the other. Swapping sides evens the wear to come.`;
    case 'halfAHole':
      return `Whole holes don’t even it: have a saddler punch half a hole on the ${remedy.side} side; it leaves ${lengthWords(held(remedy.leavesMm))}.`;
    case 'swap':
      return `The off bar hangs ${lengthWords(held(remedy.offBarLowerMm))} lower: swapping sides helps today and leaves ${lengthWords(held(remedy.leavesMm))}. The bars are a saddler’s work.`;
    case 'replacePair':
      return `They differ by ${lengthWords(held(remedy.differMm))}: replace the pair.`;
  }
}
