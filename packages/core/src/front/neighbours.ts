import { type FrontArch, ARCH_LIMITS } from '../saddle/front-arch';
import { type School } from '../schools/school';
import { type LaidArch, type PreparedSection, layArch } from './arch-on-section';
import { type Padding } from './padding';
import { type FrontVerdict, judgeFront } from './verdict';

export interface Judged {
  readonly laid: LaidArch;
  readonly verdict: FrontVerdict;
}

/** "It fits" is only known against "the next one doesn't": one width down and one up, laid and judged alike. */
export interface WithNeighbours {
  readonly chosen: Judged;
  /** Null at the end of what can be built. */
  readonly narrower: Judged | null;
  readonly wider: Judged | null;
}

export function judgeWithNeighbours(
  body: PreparedSection,
  arch: FrontArch,
  padding: Padding,
  school: School,
  takenAtMm: number,
): WithNeighbours | null {
  const judge = (a: FrontArch): Judged | null => {
    if (a.includedAngleDeg < ARCH_LIMITS.leastDeg || a.includedAngleDeg > ARCH_LIMITS.mostDeg) return null;
    const laid = layArch(body, a, padding);
    return laid.ok ? { laid: laid.value, verdict: judgeFront(laid.value, school, takenAtMm) } : null;
  };
  const chosen = judge(arch);
  if (chosen === null) return null;
  const step = school.front.widthStepDeg;
  const turned = (byDeg: number): FrontArch => ({ ...arch, includedAngleDeg: arch.includedAngleDeg + byDeg });
  return { chosen, narrower: judge(turned(-step)), wider: judge(turned(step)) };
}
