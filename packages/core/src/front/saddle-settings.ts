import { type SaddleFront, type WidthSetting, archOfSetting } from '../saddle/width-setting';
import { type NumberSetting, settingValues } from '../saddle/number-setting';
import { type School } from '../schools/school';
import { type PreparedSection, layArch } from './arch-on-section';
import { type Judged } from './neighbours';
import { wantedClearanceMm } from './front-search';
import { type FrontSink, type Padding, paddingOfSaddle, sinkOfSchool } from './padding';
import { type Severity, judgeFront } from './verdict';

/** One width a saddle can be set to, laid on this horse. */
export interface JudgedSetting extends Judged {
  readonly index: number;
  readonly setting: WidthSetting;
  /** How far it misses, mm, lower is better among verdicts of the same word; a hard stop costs more than any good point can win back. */
  readonly missMm: number;
}

const HARD_STOP_MM = 1000;
/** Height over the withers matters less than lying even (default). */
const CLEARANCE_SHARE = 0.25;

/** How far the front of a saddle comes down at each of its widths; null for one at which it doesn't rest. */
export type SinkOfWidths = readonly (FrontSink | null)[];

/** Every width this saddle can be set to, in its own order, each with its verdict. @param sinks absent where only the front is known */
export function judgeSettings(
  body: PreparedSection,
  front: SaddleFront,
  school: School,
  takenAtMm: number,
  sinks?: SinkOfWidths,
): JudgedSetting[] {
  const judged = front.settings.flatMap((setting, index): JudgedSetting[] => {
    const padding = paddingOfSaddle(front, school, sinkAt(school, sinks, index));
    return judgedSetting(body, { front, setting, index }, padding, { school, takenAtMm });
  });
  return judged.map((one) => inOwnSteps(one, judged));
}

/** What is known of one width: the school's own where the back isn't measured, and said so where it doesn't rest. */
export function sinkAt(school: School, sinks: SinkOfWidths | undefined, index: number): FrontSink {
  const own = sinkOfSchool(school);
  return sinks === undefined ? own : (sinks[index] ?? { ...own, from: 'noneRests' });
}

function judgedSetting(
  body: PreparedSection,
  { front, setting, index }: { readonly front: SaddleFront; readonly setting: WidthSetting; readonly index: number },
  padding: Padding,
  { school, takenAtMm }: { readonly school: School; readonly takenAtMm: number },
): JudgedSetting[] {
  const laid = layArch(body, archOfSetting(front, setting), padding);
  if (!laid.ok) return [];
  const verdict = judgeFront(laid.value, school, takenAtMm);
  const clearance = Math.abs(laid.value.loadedMm - wantedClearanceMm(school));
  const hard = verdict.code === 'withersLow' && verdict.severity === 'bad' ? HARD_STOP_MM : 0;
  return [{ index, setting, laid: laid.value, verdict, missMm: Math.abs(verdict.deviationMm) + CLEARANCE_SHARE * clearance + hard }];
}

/** A saddle goes by its own steps: how many of them lie between this setting and the one that lies most even, and what that is called. */
function inOwnSteps(one: JudgedSetting, all: readonly JudgedSetting[]): JudgedSetting {
  const { verdict } = one;
  if (verdict.widthsOff === 0) return one;
  const evenest = all.reduce((best, s) => (Math.abs(s.verdict.deviationMm) < Math.abs(best.verdict.deviationMm) ? s : best));
  const steps = Math.abs(evenest.index - one.index);
  const remedies = verdict.remedies.flatMap((r) => {
    if (r.code !== 'narrower' && r.code !== 'wider') return [r];
    // already its nearest: no step of this saddle helps
    return steps === 0 ? [] : [{ ...r, widths: steps, to: evenest.setting.label }];
  });
  return { ...one, verdict: { ...verdict, widthsOff: Math.sign(verdict.widthsOff) * Math.max(1, steps), remedies, ownSteps: true } };
}

const WEIGHT_OF: Readonly<Record<Severity, number>> = { good: 0, lookOut: 1, bad: 2 };

/** Which of two settings lies better: by the word of its verdict first, then by how far it misses. */
const byMiss = (a: JudgedSetting, b: JudgedSetting): number =>
  WEIGHT_OF[a.verdict.severity] - WEIGHT_OF[b.verdict.severity] || a.missMm - b.missMm;

/** The setting that misses least; null for a saddle without any. */
export const bestSetting = (settings: readonly JudgedSetting[]): JudgedSetting | null =>
  settings.reduce<JudgedSetting | null>((best, s) => (best === null || byMiss(s, best) < 0 ? s : best), null);

export interface RankedSaddle {
  readonly id: string;
  readonly best: JudgedSetting;
  readonly settings: readonly JudgedSetting[];
  /** The same width with the panel set to another depth in front, where that lies better than the one it has now. */
  readonly atDepth: { readonly depthMm: number; readonly judged: JudgedSetting } | null;
}

/** What a list of saddles is ranked by. */
export interface SaddleOfList {
  readonly id: string;
  readonly front: SaddleFront;
  /** How the panel's depth in front can be set; absent for not at all. */
  readonly depthFrontMm?: NumberSetting;
}

/** The depth of panel at which a saddle in one width lies best; null where that is the one it has. */
function betterDepth(
  { front, depthFrontMm }: SaddleOfList,
  best: JudgedSetting,
  judgedAt: (front: SaddleFront) => readonly JudgedSetting[],
): RankedSaddle['atDepth'] {
  const depths = depthFrontMm === undefined ? [] : settingValues(depthFrontMm).filter((d) => d !== front.frontPanelDepthMm);
  const others = depths.flatMap((depthMm) => {
    const judged = judgedAt({ ...front, frontPanelDepthMm: depthMm }).find((s) => s.index === best.index);
    return judged === undefined ? [] : [{ depthMm, judged }];
  });
  const found = others.sort((a, b) => byMiss(a.judged, b.judged))[0];
  return found !== undefined && byMiss(found.judged, best) < 0 ? found : null;
}

/** A stock list, best first, each saddle in its best setting. */
export function rankSaddles(
  body: PreparedSection,
  saddles: readonly SaddleOfList[],
  school: School,
  takenAtMm: number,
  sinksOf: (id: string) => SinkOfWidths | undefined = () => undefined,
): RankedSaddle[] {
  return saddles
    .flatMap((saddle) => {
      const judgedAt = (front: SaddleFront) => judgeSettings(body, front, school, takenAtMm, sinksOf(saddle.id));
      const settings = judgedAt(saddle.front);
      const best = bestSetting(settings);
      return best === null ? [] : [{ id: saddle.id, best, settings, atDepth: betterDepth(saddle, best, judgedAt) }];
    })
    .sort((a, b) => byMiss(a.best, b.best));
}
