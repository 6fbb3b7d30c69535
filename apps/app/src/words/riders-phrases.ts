import { lengthWords, personUnit } from './person-unit';
import { type OldInjury, UNEVEN_LIMITS } from '@fulcra/contract';
import { type Purpose, type RiderMeasure, PROPORTIONS_HOLD_MM } from '@fulcra/core';
import { metresWords } from './measure-words';

export const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  advancedFlat: 'flat, advanced',
  general: 'general',
  western: 'western',
  trail: 'long day out',
  fencesLow: 'fences, low',
  fencesMiddle: 'fences, middle',
  fencesHigh: 'fences, high',
  crossCountry: 'across country',
  raceExercise: 'crouched, fast work',
};
export const INJURY_WORDS: Readonly<Record<OldInjury, string>> = { hip: 'hip', knee: 'knee', ankle: 'ankle', back: 'back' };

/** What the screens of riders say. */
export const RIDERS_PHRASES = {
  riders: 'Riders',
  peopleWho: 'People who ride your horses, with their lengths',
  addARider: 'Add a rider',
  aRider: 'A rider',
  theRidersName: 'Rider’s name',
  theRidersHeightCm: 'Rider’s height, cm',
  theRidersWeightKg: 'Rider’s weight, kg',
  oldInjuriesWhat: 'Old injuries, what they feel',
  addThisRider: 'Add this rider',
  keepChanges: 'Keep the changes',
  change: 'Change',
  nameHeight: 'Name, height, weight',
  noRiderYet: 'No rider yet',
  addOne: 'Add one; five lengths of the leg are enough for the leathers.',
  thisRiderIs: 'This rider is not here',
  mayHave: 'It may not have been sent from the other device yet.',
  toTheRiders: 'To the riders',
  cm: (mm: number): string => `${Math.round(mm / 10)} cm`,
  kg: (kg: number): string => `${kg} kg`,
  heightNotKnown: 'height not known',
  weightNotKnown: 'weight not known',
  lengthsMeasured: (count: number, of: number): string => `${count} of ${of} lengths measured`,
  theLeg: 'The leg on the saddle',
  onAPlain: 'Without a horse: on a plain one, and it says so.',
  measures: 'Lengths',
  tapALength: 'Tap a length; the figure shows where it is taken.',
  unit: 'Unit',
  measuredOn: (day: string): string => `measured ${day}`,
  asSaid: 'as said, not measured',
  now: 'new, not kept yet',
  fromInsideLeg: 'by proportion, from the inside leg',
  fromHeight: 'by proportion, from the height',
  fromArm: 'by proportion, from the arm',
  missing: 'missing: measure it',
  usualBoot: 'a usual boot’s, not measured',
  sd: (text: string): string => `± ${text}`,
  keepLengths: (count: number): string => (count === 1 ? 'Keep the new length' : `Keep the ${count} new lengths`),
  forget: 'Forget the new ones',
  lengthsKept: 'Lengths kept.',
  outOfRange: (name: string, least: string, most: string): string => `${name} lies between ${least} and ${most}. Check the unit.`,
  get measureUnder() {
    const { least, child } = PROPORTIONS_HOLD_MM;
    return `Height, inside leg or arm is enough to begin with. Under ${metresWords(child)} what is filled in is only half as sure; under ${metresWords(least)} the leg is measured.`;
  },
  cannotYet: 'Not enough is known for the leg to be drawn:',
  rideFor: 'What the leathers are for, the usual first',
  oldInjuries: 'Old injuries: comfort wins over the band',
  injuryHint: 'A stiff hip or knee is a reason for a longer leather than the band says; pain is one for a doctor.',
  legsDiffer: 'Legs of different length',
  get offLonger() {
    return `Off leg longer, ${personUnit.now()}`;
  },
  legsAsMeasured: (mm: number): string =>
    mm === 0 ? 'Measured: alike.' : `The ${mm > 0 ? 'off' : 'near'} leg is ${lengthWords(Math.abs(mm))} longer.`,
  neverUneven: 'Leathers stay even all the same, unless a named person answers for it with a reason.',
  unevenBy: (mm: number, by: string): string =>
    `Off leather ${lengthWords(Math.abs(mm))} ${mm > 0 ? 'longer' : 'shorter'} on purpose, says ${by}`,
  leaveUneven: 'Hang them uneven on purpose',
  get howMuchLonger() {
    return `Off leather longer by, ${personUnit.now()} (minus: shorter)`;
  },
  whoSays: 'Who answers for it',
  whyUneven: 'Reason',
  keepUneven: 'Keep this',
  evenAgain: 'Even again',
  get unevenNeeds() {
    return `It takes a number of at most ${lengthWords(UNEVEN_LIMITS.mostMm)}, a name and a reason of ${UNEVEN_LIMITS.leastReason} letters or more.`;
  },
  horsesRidden: 'Horses ridden',
  noHorses: 'None is noted. A horse’s riders are chosen with its complaint, at the visit.',
  history: 'History of lengths',
  noHistory: 'Nothing was measured yet.',
  by: (day: string, hand: string): string => `${day}, by ${hand}`,
  withdraw: 'Withdraw',
  bringBack: 'Bring back',
  withdrawn: 'withdrawn',
  grown: (mm: number): string => `${mm > 0 ? '+' : '−'}${lengthWords(Math.abs(Math.round(mm)))} since the time before`,
  figureShows: (name: string): string => `A standing and a seated figure; marked: ${name}`,
  figurePlain: 'A standing and a seated figure with the lengths that can be measured',
  standing: 'standing',
  seated: 'seated',
  typeMeasure: (name: string): string => `${name}: type it`,
} as const;

export const measureShort: Readonly<Record<RiderMeasure, string>> = {
  stature: 'height',
  insideLeg: 'inside leg',
  buttockToKneeHollow: 'buttock to hollow of the knee',
  thigh: 'thigh',
  kneeToSole: 'knee to sole',
  ankleHeight: 'ankle height',
  ankleToBall: 'ankle to ball',
  heelToAnkle: 'heel to ankle',
  hipBreadth: 'breadth of the hips',
  hipJointHalfDistance: 'hip joint from the middle',
  hipJointAboveSeat: 'hip joint over the seat',
  shoulderAboveHip: 'shoulder over the hip',
  armpitToFingertip: 'armpit to fingertip',
  bootSole: 'boot sole',
};
