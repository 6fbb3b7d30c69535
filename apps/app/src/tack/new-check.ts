import { type TackCheckFields } from '@fulcra/contract';
import { momentNow } from '../platform/clock';

type Item = Pick<TackCheckFields, 'itemKind' | 'itemId'>;
type Said = Pick<TackCheckFields, 'hand' | 'found'> & Partial<Pick<TackCheckFields, 'round' | 'mended' | 'fall' | 'answers'>>;

/** A check as this practice makes one now: a whole walk unless it is said otherwise. */
export const newCheck = (item: Item, { round = 'full', mended = null, fall = null, answers = [], ...said }: Said): TackCheckFields => ({
  ...item,
  ...said,
  madeAt: momentNow(),
  source: 'practice',
  round,
  mended,
  fall,
  answers,
  withdrawn: false,
});
