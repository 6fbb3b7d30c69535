import { type ToplineMeasures, type Trait, type TraitValue } from '@fulcra/core';
import { type HorseForm, PLAIN } from './form';

/** What each value of a trait does to the plain horse, hundredths of its height; exaggerated so that it is seen at a glance. */
const OF_TRAIT: Readonly<Partial<Record<TraitValue, Partial<HorseForm>>>> = {
  high: { withers: 3.4 },
  gentleDip: { dip: 0 },
  deepDip: { dip: 4 },
  roached: { dip: -5 },
  uphill: { croup: -4 },
  downhill: { croup: 4 },
  loaded: { shoulder: 4 },
  short: { length: -8 },
  long: { length: 8 },
  slab: { belly: -2.5 },
  round: { belly: 3 },
};
const FLAT: Readonly<Partial<Record<Trait['trait'], Partial<HorseForm>>>> = { withers: { withers: -3 }, back: { dip: -2.5 } };

/** What one trait alone does. */
export const formOfTrait = (trait: Trait['trait'], value: TraitValue): Partial<HorseForm> =>
  (value === 'flat' ? FLAT[trait] : OF_TRAIT[value]) ?? {};

/** A horse of 155 cm (default) where nobody said how tall it is. */
export const USUAL_HEIGHT_MM = 1550;
/** The plain drawing's own measures, hundredths: dip under front and last rib, withers over the low point, croup over the withers. */
export const PLAIN_MEASURES = { dip: 3.2, witherOverLow: 5.7, croupOverWither: -1.4 } as const;
/** No measure pulls the drawing further than this, hundredths. */
const MOST = 7;

const kept = (v: number): number => Math.min(MOST, Math.max(-MOST, v));

/** What was said or measured of a horse, as the drawing shows it: measures where there are any, else its traits. */
export function formOfHorse(
  traits: readonly Pick<Trait, 'trait' | 'value'>[],
  topline: Pick<ToplineMeasures, 'dipMm' | 'witherOverLowMm' | 'croupOverWitherMm'> | null,
  { heightMm, mule = false }: { readonly heightMm: number | null; readonly mule?: boolean },
): HorseForm {
  const said = traits.reduce<HorseForm>((form, { trait, value }) => ({ ...form, ...formOfTrait(trait, value) }), PLAIN);
  const pony = heightMm !== null && heightMm < PONY_BELOW_MM ? { legs: -7, belly: Math.max(said.belly, 1.5) } : {};
  const form = { ...said, ...pony, ...(mule && MULE) };
  if (topline === null) return form;
  const share = (mm: number): number => (100 * mm) / (heightMm ?? USUAL_HEIGHT_MM);
  const dip = kept(share(topline.dipMm) - PLAIN_MEASURES.dip);
  return {
    ...form,
    dip,
    withers: kept(share(topline.witherOverLowMm) - PLAIN_MEASURES.witherOverLow - dip),
    ...(topline.croupOverWitherMm !== null && { croup: kept(share(topline.croupOverWitherMm) - PLAIN_MEASURES.croupOverWither) }),
  };
}

/** Whether a horse's type, as it was typed, says that it is a mule. */
export const isMule = (kind: string): boolean => /\bmule\b/i.test(kind);

/** Ponies are deeper and shorter in the leg (default). */
const PONY_BELOW_MM = 1480;
const MULE: Partial<HorseForm> = { ears: 7, croup: -1.5, withers: -2 };
