import { type Report } from '@fulcra/contract';
import { criterionName } from './criterion-words';
import { COMPLAINT_WORDS } from './intake-words';

/** What an owner might watch for, from what was found at the visit: the fitter strikes, changes or adds. */
export function watchProposals({ visit, chosen, tack, due }: Report): string[] {
  if (visit === null) return [];
  const shims = chosen !== null && Object.values(chosen.setup.shims).some((zones) => Object.values(zones).some((mm) => mm !== 0));
  const filled = chosen !== null && Object.values(chosen.setup.flock).some((zones) => Object.values(zones).some((mm) => mm !== 0));
  const misses = visit.ride.caveats.flatMap((c) => (c.code === 'SETTING_MISSES' ? c.ids : []));
  return [
    ...visit.complaints.map(({ complaint }) => `Whether it still: ${COMPLAINT_WORDS[complaint].toLowerCase()}.`),
    ...(shims ? ['Shims that slip or lie crooked.'] : []),
    ...(filled ? ['The saddle sinking as the new filling settles.'] : []),
    ...misses.map((id) => `${criterionName(id)}: look for rubs, dry patches or ruffled hair there.`),
    ...tack.filter((t) => t.state === 'watch').map((t) => `${t.name}: something to watch was found on it.`),
    ...(due?.forecast?.code === 'leaves' ? ['The saddle sitting lower in front, or tipping.'] : []),
    ...(visit.ride.caveats.some((c) => c.code === 'NOT_RIDDEN') ? ['How it goes in the first rides.'] : []),
  ];
}
