import {
  type DescribedSaddle,
  type NeighbourOf,
  type SaddleSetup,
  type SitRow,
  type SitVerdict,
  type TriedRemedy,
  triedRemedies,
} from '@fulcra/core';
import { SIT_WORDS } from './criterion-words';
import { AXIS_WORDS, axisValue } from './setup-words';
import { sitNumber } from './sit-number';
import { remedyOfRow } from './sit-words';

const MOST_TOLD = 2;
const NONE = 'No single step on this saddle helps that without making something else worse.';
const TRYING = 'Trying one step of everything…';

/** What helps a number that misses: steps that were tried, with what they bring. @param neighbours null while they are being tried */
export function remedyLines(
  row: SitRow,
  { saddle, setup }: { readonly saddle: DescribedSaddle; readonly setup: SaddleSetup },
  neighbours: readonly NeighbourOf[] | null,
): string[] {
  if (neighbours === null) return [TRYING];
  const tried = triedRemedies(row, neighbours);
  if (tried === null) return [remedyOfRow(row)];
  if (tried.length === 0) return [NONE];
  return tried.slice(0, MOST_TOLD).map((remedy) => triedSentence(row, saddle, setup, remedy));
}

/** No more numbers are told of what a change does. */
const MOST_CHANGED = 4;

/** Numbers that miss before or after, from and to, what moves most against its limits first. */
export function changedLines(before: Pick<SitVerdict, 'rows'>, after: Pick<SitVerdict, 'rows'>): string[] {
  return before.rows
    .flatMap((from) => {
      const to = after.rows.find((r) => r.id === from.id);
      if (to === undefined || from.value === null || to.value === null || from.unit === 'yesNo') return [];
      const moved = Math.abs(from.outside - to.outside);
      const line = `${SIT_WORDS[from.id].name} ${sitNumber(from.id, from.unit, from.value)} → ${sitNumber(to.id, to.unit, to.value)}`;
      return moved > 0 ? [{ moved, line }] : [];
    })
    .sort((a, b) => b.moved - a.moved)
    .slice(0, MOST_CHANGED)
    .map((c) => c.line);
}

function triedSentence(
  { id, unit }: SitRow,
  saddle: DescribedSaddle,
  setup: SaddleSetup,
  { axis, assessed, from, to, mends }: TriedRemedy,
): string {
  const step = `${AXIS_WORDS[axis]} ${axisValue(saddle, setup, axis)} → ${axisValue(saddle, assessed.setup, axis)}`;
  const brings = unit === 'yesNo' ? '' : ` ${sitNumber(id, unit, from)} → ${sitNumber(id, unit, to)}`;
  return `Tried: ${step}. ${SIT_WORDS[id].name}${brings}${mends ? ', as it should be' : ''}.`;
}
