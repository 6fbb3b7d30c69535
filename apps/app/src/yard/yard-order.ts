import { type HorseSummary } from '@fulcra/contract';
import { type YardSort } from '../platform/use-views';

/** Horses that a search leaves, in the wished order; whatever has a visit under way comes first. */
export function yardOrder(horses: readonly HorseSummary[], search: string, order: YardSort): HorseSummary[] {
  const wanted = folded(search);
  const found = horses.filter(({ horse }) => folded(`${horse.name} ${horse.kind} ${horse.note}`).includes(wanted));
  return found.sort((a, b) => underWay(b) - underWay(a) || compare(a, b, order));
}

const underWay = (s: HorseSummary): number => (s.openVisitId === null ? 0 : 1);
const folded = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLocaleLowerCase();

function compare(a: HorseSummary, b: HorseSummary, order: YardSort): number {
  if (order === 'visited') return (b.lastVisitOn ?? '').localeCompare(a.lastVisitOn ?? '') || a.horse.name.localeCompare(b.horse.name);
  return a.horse.name.localeCompare(b.horse.name);
}
