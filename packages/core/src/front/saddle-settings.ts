import { type SaddleFront, type WidthSetting, archOfSetting } from '../saddle/width-setting';
import { type School } from '../schools/school';
import { type PreparedSection, layArch } from './arch-on-section';
import { type Judged } from './neighbours';
import { wantedClearanceMm } from './front-search';
import { paddingOfSaddle } from './padding';
import { judgeFront } from './verdict';

/** One width a saddle can be set to, laid on this horse. */
export interface JudgedSetting extends Judged {
  readonly index: number;
  readonly setting: WidthSetting;
  /** Lower is better, mm; a hard stop costs more than any good point can win back. */
  readonly missMm: number;
}

const HARD_STOP_MM = 1000;
/** Height over the withers matters less than lying even (default). */
const CLEARANCE_SHARE = 0.25;

/** Every width this saddle can be set to, in its own order, each with its verdict. */
export function judgeSettings(body: PreparedSection, front: SaddleFront, school: School, takenAtMm: number): JudgedSetting[] {
  const padding = paddingOfSaddle(front, school);
  return front.settings.flatMap((setting, index) => {
    const laid = layArch(body, archOfSetting(front, setting), padding);
    if (!laid.ok) return [];
    const verdict = judgeFront(laid.value, school, takenAtMm);
    const clearance = Math.abs(laid.value.crownZMm - wantedClearanceMm(school));
    const hard = verdict.code === 'withersLow' ? HARD_STOP_MM : 0;
    return [{ index, setting, laid: laid.value, verdict, missMm: Math.abs(verdict.deviationMm) + CLEARANCE_SHARE * clearance + hard }];
  });
}

/** The setting that misses by least; null for a saddle without any. */
export const bestSetting = (settings: readonly JudgedSetting[]): JudgedSetting | null =>
  settings.reduce<JudgedSetting | null>((best, s) => (best === null || s.missMm < best.missMm ? s : best), null);

export interface RankedSaddle {
  readonly id: string;
  readonly best: JudgedSetting;
  readonly settings: readonly JudgedSetting[];
}

/** A stock list, best first, each saddle in its best setting. */
export function rankSaddles(
  body: PreparedSection,
  saddles: readonly { readonly id: string; readonly front: SaddleFront }[],
  school: School,
  takenAtMm: number,
): RankedSaddle[] {
  return saddles
    .flatMap(({ id, front }) => {
      const settings = judgeSettings(body, front, school, takenAtMm);
      const best = bestSetting(settings);
      return best === null ? [] : [{ id, best, settings }];
    })
    .sort((a, b) => a.best.missMm - b.best.missMm);
}
