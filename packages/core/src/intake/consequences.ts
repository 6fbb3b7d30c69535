import { type Trait } from '../shape';
import { type NearOff } from '../units';
import { type DatedFact } from './dated-facts';
import { fieldHistories } from './dated-facts';

/** What follows for the fitting from how the horse is just now; the interface finds the words. */
export type Consequence =
  /**
   * It lost muscle and will put it on again: the front wide with padding in it, looked at sooner, the weaker side first. A long time off
   * makes one side weaker: until it is measured which, that is to be looked for.
   */
  | {
      readonly code: 'TIME_OFF';
      readonly away: 'weeks' | 'months' | 'longer';
      readonly weakerSide: NearOff | null;
      readonly lookForWeaker: boolean;
    }
  /** Nothing between skin and pad: no grip pad, it pulls at the skin. */
  | { readonly code: 'CLIPPED' }
  /** Spine and ligament stand bare: room over them and padding beside. */
  | { readonly code: 'BARE_SPINE' }
  /** Handled with care: a helper at the head, nothing tried alone. */
  | { readonly code: 'HANDLE_WITH_CARE'; readonly temperament: 'watchful' | 'sharp' };

const AWAY = ['weeks', 'months', 'longer'] as const;
const CARE = ['watchful', 'sharp'] as const;

const oneOf = <T extends string>(options: readonly T[], value: unknown): T | undefined => options.find((o) => o === value);

/** Every fact of a horse that changes something has its rule here; one that changes nothing isn't asked for. */
export function consequencesOf(facts: readonly DatedFact[], traits: readonly Trait[]): Consequence[] {
  const now = new Map(fieldHistories(facts).map((h) => [h.field, h.latest.value]));
  const trait = (id: Trait['trait']) => traits.find((t) => t.trait === id)?.value;
  const away = oneOf(AWAY, now.get('timeOff'));
  const temperament = oneOf(CARE, now.get('temperament'));
  const weakerSide: NearOff | null = trait('muscle') === 'weakNear' ? 'near' : trait('muscle') === 'weakOff' ? 'off' : null;
  return [
    ...(temperament === undefined ? [] : [{ code: 'HANDLE_WITH_CARE' as const, temperament }]),
    ...(away === undefined
      ? []
      : [{ code: 'TIME_OFF' as const, away, weakerSide, lookForWeaker: weakerSide === null && away !== 'weeks' }]),
    ...(now.get('coat') === 'clipped' ? [{ code: 'CLIPPED' as const }] : []),
    ...(trait('spine') === 'bare' ? [{ code: 'BARE_SPINE' as const }] : []),
  ];
}
