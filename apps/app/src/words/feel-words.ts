import { type FeelPlace, type HoldReason, PASSES, type PassId, type Reaction, type SkinSign, GRAVITY_N_PER_KG } from '@fulcra/core';

export const PLACE_WORDS: Readonly<Record<FeelPlace, string>> = {
  behindScapula: 'behind the shoulder blade',
  witherBase: 'base of the withers',
  longMuscleFront: 'long back muscle, front',
  longMuscleMiddle: 'long back muscle, middle',
  underRear: 'under the rear of the saddle',
  loin: 'loin',
  girth: 'girth',
  sternum: 'sternum',
};

export const REACTION_WORDS: Readonly<Record<Reaction, string>> = {
  none: 'Nothing',
  flinch: 'Flinches',
  dip: 'Dips away',
  guard: 'Guards, goes hard',
  aggression: 'Threatens',
};

export const SIGN_WORDS: Readonly<Record<SkinSign, string>> = {
  swelling: 'swelling',
  heat: 'heat',
  openSkin: 'open skin',
  scar: 'scar',
  whiteHair: 'white hair',
  rub: 'rub',
  dryPatch: 'dry patch',
  ruffled: 'ruffled hair',
};

const FEELS: Readonly<Record<PassId, string>> = {
  light: 'the flat hand strokes; the hair lies down',
  medium: 'the flat hand leans; the skin moves over the muscle',
  firm: 'about the weight of two arms; the muscle gives',
};
const NAMES: Readonly<Record<PassId, string>> = { light: 'Light', medium: 'Medium', firm: 'Firm' };
export const passName = (id: PassId): string => NAMES[id];

/** What a scale shows under a hand: 5 N -> "0.5", 70 N -> "7". */
const scaleKg = (newton: number): string => {
  const kg = newton / GRAVITY_N_PER_KG;
  return kg < 1 ? kg.toFixed(1) : (Math.round(2 * kg) / 2).toString();
};

export function passWords(id: PassId): string {
  const { leastN, mostN } = PASSES.find((p) => p.id === id)!;
  return `${NAMES[id]}, ${leastN} to ${mostN} N: ${FEELS[id]}. On a kitchen scale ${scaleKg(leastN)} to ${scaleKg(mostN)} kg.`;
}

export function holdReasonWords(reason: HoldReason): string {
  if (reason.code === 'SKIN') return SIGN_WORDS[reason.sign];
  const what: Readonly<Record<Reaction, string>> = {
    none: '',
    flinch: 'flinches',
    dip: 'dips away',
    guard: 'guards',
    aggression: 'threatens',
  };
  return `${what[reason.reaction]} under a ${NAMES[reason.pass].toLowerCase()} hand`;
}

/** Before the first touch; short, and once a visit. */
export const CAUTIONS: readonly string[] = [
  'A competent helper at the head. Hat and boots on; stand beside, never behind.',
  'Start light, never jab. Stop at the first reaction; don’t lift a leg or tighten a girth on a horse that objects.',
  'Pain is a matter for a veterinary surgeon. What is found here is a screening, not a diagnosis; the fitter decides.',
];
