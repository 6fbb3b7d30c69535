import { type Trait, type TraitId, type TraitValue } from '@fulcra/core';
import { type AboveForm, PLAIN_ABOVE } from './above';
import { type BehindForm, PLAIN_BEHIND } from './behind';

/** What values of traits do to a form. */
type OfTraits<Form> = Readonly<Partial<Record<TraitId, Readonly<Partial<Record<TraitValue, Partial<Form>>>>>>>;

/** What each value that is seen from behind does to the plain horse; exaggerated so that it is seen at a glance. */
const BEHIND: OfTraits<BehindForm> = {
  ribs: { ordinary: {}, slab: { ribs: -4 }, round: { ribs: 5 } },
  muscle: { even: {}, weakNear: { near: -7 }, weakOff: { off: -7 } },
  spine: { ordinary: {}, bare: { spine: 4, near: -4.5, off: -4.5 }, broad: { spine: -3, near: 2, off: 2 } },
  stance: { square: {}, uneven: { stance: 6 } },
};
/** The same from above. */
const ABOVE: OfTraits<AboveForm> = {
  shoulderSize: { even: {}, biggerNear: { shoulderNear: 4.5 }, biggerOff: { shoulderOff: 4.5 } },
  hollow: { none: {}, near: { hollowNear: 5 }, off: { hollowOff: 5 }, both: { hollowNear: 5, hollowOff: 5 } },
  widening: { even: {}, towardRear: { rear: 5 }, towardFront: { rear: -5 } },
};

/** What one trait alone does, and from where it is seen; null for what is seen from the side. */
export function buildOfTrait(
  trait: TraitId,
  value: TraitValue,
): { readonly from: 'behind'; readonly form: BehindForm } | { readonly from: 'above'; readonly form: AboveForm } | null {
  const behind = BEHIND[trait]?.[value];
  if (behind !== undefined) return { from: 'behind', form: { ...PLAIN_BEHIND, ...behind } };
  const above = ABOVE[trait]?.[value];
  return above === undefined ? null : { from: 'above', form: { ...PLAIN_ABOVE, ...above } };
}

type Read = readonly Pick<Trait, 'trait' | 'value'>[];

/** What was said of a horse, as it is seen from behind: what two traits say of one place is added. */
export const behindOfHorse = (traits: Read): BehindForm => summed(PLAIN_BEHIND, traits, BEHIND);
/** The same from above. */
export const aboveOfHorse = (traits: Read): AboveForm => summed(PLAIN_ABOVE, traits, ABOVE);

function summed<Form extends object>(plain: Form, traits: Read, table: OfTraits<Form>): Form {
  const sum = { ...plain } as Record<string, number>;
  for (const { trait, value } of traits)
    for (const [name, by] of Object.entries(table[trait]?.[value] ?? {})) sum[name] = sum[name]! + (by as number);
  return sum as Form;
}
