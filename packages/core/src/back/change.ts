import { type NearOff } from '../units';
import { type Section, depthReachedMm, sideOutward } from './section';
import { halfWidthAtMm, sideAngleDeg } from './section-measures';

/** Area is compared down to this depth below the spine, or as far as both tracings reach (default). */
export const CHANGE_DEPTH_MM = 140;
const SLICES = 70;

export interface SideChange {
  /** Gained (+) or lost (-) between the spine and the depth compared, cm2, and as a share of what was there. */
  readonly areaCm2: number;
  readonly areaShare: number;
  /** Flatter (+) or steeper (-), degrees; null where one of them is too short. */
  readonly angleDeg: number | null;
}
export type SectionChange = Readonly<Record<NearOff, SideChange>> & { readonly depthMm: number };

/** What a station gained or lost between two visits, each side by itself, laid together at the spine. */
export function sectionChange(before: Section, after: Section): SectionChange {
  const all = [before, after].flatMap((s) => [sideOutward(s, 'near'), sideOutward(s, 'off')]);
  const depthMm = Math.min(CHANGE_DEPTH_MM, ...all.map(depthReachedMm));
  const side = (name: NearOff): SideChange => {
    const [was, is] = [sideOutward(before, name), sideOutward(after, name)];
    const [wasArea, isArea] = [areaCm2(was, depthMm), areaCm2(is, depthMm)];
    const [wasAngle, isAngle] = [sideAngleDeg(was), sideAngleDeg(is)];
    return {
      areaCm2: isArea - wasArea,
      areaShare: wasArea > 0 ? isArea / wasArea - 1 : 0,
      angleDeg: wasAngle === null || isAngle === null ? null : isAngle - wasAngle,
    };
  };
  return { depthMm, near: side('near'), off: side('off') };
}

/**
 * Which of some stations changed most between its first section and its last, on either side, as a share of what was there.
 * @returns null where none was measured twice
 */
export function mostChanged<S>(stations: readonly { readonly station: S; readonly sections: readonly Section[] }[]): S | null {
  const changes = stations.flatMap(({ station, sections }) => {
    if (sections.length < 2) return [];
    const { near, off } = sectionChange(sections[0]!, sections.at(-1)!);
    return [{ station, share: Math.max(Math.abs(near.areaShare), Math.abs(off.areaShare)) }];
  });
  return changes.sort((a, b) => b.share - a.share)[0]?.station ?? null;
}

/** Area of one side between the spine and a depth, cm2, by the trapezium rule over the depth. */
function areaCm2(outward: ReturnType<typeof sideOutward>, depthMm: number): number {
  const widths = Array.from({ length: SLICES + 1 }, (_, i) => halfWidthAtMm(outward, (depthMm * i) / SLICES) ?? 0);
  const inner = widths.slice(1, -1).reduce((s, w) => s + w, 0);
  return (((widths[0]! + widths.at(-1)!) / 2 + inner) * depthMm) / SLICES / 100;
}
