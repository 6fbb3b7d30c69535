import { lengthWords } from './person-unit';
import { type ArchShape, type Flip, type FrontVerdict, type FrontVerdictCode, type Reason, type Remedy, type Severity } from '@fulcra/core';
import { type Tone } from './tone';
import { fingersWords, mmWords } from './measure-words';

export const SHAPE_WORDS: Readonly<Record<ArchShape, string>> = { peaked: 'peaked arch', round: 'round arch', broad: 'broad arch' };
export const TONE_OF: Readonly<Record<Severity, Tone>> = { good: 'good', lookOut: 'lookOut', bad: 'bad' };

const COUNT = ['no', 'one', 'two', 'three', 'four'];
const sizes = (n: number): string => `${COUNT[n] ?? n} size${n === 1 ? '' : 's'}`;
/** A saddle's own settings are steps; what isn't tied to a saddle goes by the school's width. */
const steps = (n: number): string => `${COUNT[n] ?? n} of its own steps`;
const off = ({ widthsOff, ownSteps }: FrontVerdict): string => (ownSteps === true ? steps : sizes)(Math.abs(widthsOff));

const HEADLINES: Readonly<Record<FrontVerdictCode, (v: FrontVerdict) => string>> = {
  even: () => 'It lies even over both points.',
  narrow: (v) => `Too narrow by ${off(v)}.`,
  wide: (v) => `Too wide by ${off(v)}.`,
  sidesDiffer: (v) => {
    const tight = v.reasons.find((r) => r.code === 'sideTighter');
    return `Close, but ${mmWords(tight?.byMm ?? 0)} tighter on the ${tight?.side ?? 'near'} side.`;
  },
  withersLow: (v) => {
    const room = v.reasons.find((r) => r.code === 'withersClearance');
    if (!v.borderline || room === undefined) return 'Too low over the withers.';
    return `Borderline over the withers: ${mmWords(room.clearanceMm)} of ${mmWords(room.leastMm)} ±${mmWords(room.halfMm)}.`;
  },
  withersTight: (v) => {
    const close = v.reasons.find((r) => r.code === 'besideWithersClose');
    return `Close, but tight beside the withers on the ${close?.side ?? 'near'} side.`;
  },
  withersHigh: () => 'Even, but it stands high over the withers.',
};

/** The member of a union that carries a code, also where one member carries several. */
type OfCode<U, C> = U extends { code: infer K } ? (C extends K ? U : never) : never;

/** What the ± of a room is of, where it is of more than the hand. */
const OF_WHICH = {
  saddle: '',
  stock: ' depending on the saddle of the stock it is built into',
  builds: ' depending on the saddle it is built into',
  default: '',
  noneRests: '',
} as const;

const REASONS: { readonly [C in Reason['code']]: (r: OfCode<Reason, C>, fingerMm: number) => string } = {
  tipCloser: (r) => `It is ${mmWords(r.byMm)} closer at the points than at the top, so it pinches below and tips the seat back.`,
  topCloser: (r) => `It is ${mmWords(r.byMm)} closer at the top than at the points, so the front will drop.`,
  evenOverPoint: (r) => `Top and points differ by ${mmWords(Math.abs(r.byMm))}; up to ${mmWords(r.toleranceMm)} counts as even.`,
  oneWidthOver: (r) => `It opens ${mmWords(r.byMm)} to the points, as one width over should (${mmWords(r.wantedMm)}).`,
  sideTighter: (r) => `The horse is fuller on the ${r.side} side: ${mmWords(r.byMm)} less room there.`,
  withersClearance: (r, fingerMm) =>
    `Over the withers ${mmWords(r.clearanceMm)} (${fingersWords(r.clearanceMm, fingerMm)}), ±${mmWords(r.halfMm)}${OF_WHICH[r.from]}, under saddle and rider; wanted ${r.mostMm === null ? `at least ${mmWords(r.leastMm)}` : `${mmWords(r.leastMm)} to ${mmWords(r.mostMm)}`}.`,
  besideWithersClose: (r) =>
    `Beside the withers only ${mmWords(r.roomMm)} ±${mmWords(r.halfMm)} on the ${r.side} side, under saddle and rider; wanted ${mmWords(r.leastMm)}.`,
  crownTouches: () => 'The arch rests on the withers before the points touch.',
  extrapolated: (r) => `The ${r.side} tracing ends above the point's tip and was carried on straight.`,
  otherStation: (r) => `The section was taken ${mmWords(r.takenMm)} behind the scapula; this school reads it at ${mmWords(r.wantedMm)}.`,
};

/** "the next narrower, II" of a saddle's own steps; "one size narrower" of a free width. */
const towards = ({ widths, to }: { readonly widths: number; readonly to?: string }, way: string): string =>
  to === undefined ? `${sizes(widths)} ${way}` : widths === 1 ? `the next ${way}, “${to}”` : `“${to}”, ${steps(widths)} ${way}`;

const REMEDIES: { readonly [C in Remedy['code']]: (r: OfCode<Remedy, C>) => string } = {
  narrower: (r) => `Try ${towards(r, 'narrower')} (${r.byDeg.toFixed(1)}°).`,
  wider: (r) => `Try ${towards(r, 'wider')} (${r.byDeg.toFixed(1)}°).`,
  liftFront: (r) => `Lift the front ${mmWords(Math.max(1, r.byMm))}.`,
  liftSide: (r) => `Lift the ${r.side} front ${mmWords(r.byMm)}.`,
  takeAtStation: (r) => `For this school take the section ${mmWords(r.stationMm)} behind the scapula.`,
  traceDeeper: (r) => `Trace the ${r.side} side further down.`,
};

const word = <T extends { code: string }>(table: object, item: T, fingerMm = 0): string =>
  (table as Record<string, (i: T, fingerMm: number) => string>)[item.code]!(item, fingerMm);
/** @param fingerMm width of this practice's finger */
export const reasonWords = (reason: Reason, fingerMm: number): string => word(REASONS, reason, fingerMm);
export const remedyWords = (remedy: Remedy): string => word(REMEDIES, remedy);
export const headlineWords = (verdict: FrontVerdict): string => HEADLINES[verdict.code](verdict);

/** One sentence of reason and what to do, under the headline. */
export function verdictSentence(verdict: FrontVerdict, fingerMm: number): string {
  const main = verdict.reasons.find((r) => r.code === mainReason(verdict.code)) ?? verdict.reasons[0]!;
  return [reasonWords(main, fingerMm), ...choices(verdict.remedies.slice(0, 2))].join(' ');
}

/** The second way out is an "or". */
function choices([first, second]: readonly Remedy[]): string[] {
  if (first === undefined) return [];
  if (second === undefined) return [remedyWords(first)];
  const either = ['narrower', 'wider'].includes(first.code) && second.code === 'liftFront';
  const words = remedyWords(second);
  return [remedyWords(first), either ? `Or ${words.charAt(0).toLowerCase()}${words.slice(1)}` : words];
}

function mainReason(code: FrontVerdictCode): Reason['code'] {
  switch (code) {
    case 'narrow':
      return 'tipCloser';
    case 'wide':
      return 'topCloser';
    case 'sidesDiffer':
      return 'sideTighter';
    case 'withersTight':
      return 'besideWithersClose';
    case 'withersLow':
    case 'withersHigh':
      return 'withersClearance';
    case 'even':
      return 'evenOverPoint';
  }
}

export function flipWords(flip: Flip): string {
  const by =
    flip.byDeg === null ? mmWords(flip.byMm) : `${flip.byDeg.toFixed(1)}° (${lengthWords(flip.byMm.toFixed(1))} between top and points)`;
  if (flip.to === 'withersLow') return `${by} less room over the withers would make it too low.`;
  if (flip.to === 'even') return `A change of ${by} would make it even.`;
  return `A change of ${by} would make it too ${flip.to}.`;
}

/** What goes into the record, to be edited by the fitter. */
export const recordWords = (verdict: FrontVerdict, fingerMm: number): string =>
  [headlineWords(verdict), ...verdict.reasons.map((r) => reasonWords(r, fingerMm))].join(' ');
