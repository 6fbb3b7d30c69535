import { type CriterionId, type School, COMPLAINED } from '@fulcra/core';
import { Small } from '../../ui/text';
import { criterionName } from '../../words/criterion-words';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';

/** What counts more in every score because of what was complained of; nothing where nothing does. */
export function WeighedLine({ school: { weighed } }: { readonly school: Pick<School, 'weighed'> }) {
  if (weighed === undefined) return null;
  const names = (Object.keys(weighed) as CriterionId[]).map((id) => criterionName(id).toLowerCase());
  return <Small>{FIT_ROOM_PHRASES.countsMore(names.join(', '), COMPLAINED.times)}</Small>;
}
