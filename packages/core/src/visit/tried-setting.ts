import { CORE_VERSION } from '../version';
import { type MissedRow, type TriedSetting } from './recorded';
import { type SitPicture } from './sit-picture';

interface Thumb {
  readonly rows: number;
  readonly columns: number;
  readonly kPa: number[];
}

const THUMB = { rows: 14, columns: 24 } as const;

/** The map made coarse for a small drawing: mean pressure over blocks, near side first; -1 where there is no panel. */
export function pressureThumb(
  { countX, countY }: { readonly countX: number; readonly countY: number },
  pressureKPa: Float64Array,
  overlapMm: Float64Array,
): Thumb {
  const { rows, columns } = THUMB;
  const sums = new Float64Array(rows * columns);
  const counts = new Float64Array(rows * columns);
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      if (Number.isNaN(overlapMm[i * countY + j]!)) continue;
      const block = Math.floor((j * rows) / countY) * columns + Math.floor((i * columns) / countX);
      sums[block]! += pressureKPa[i * countY + j]!;
      counts[block]!++;
    }
  }
  return { rows, columns, kPa: Array.from(sums, (s, k) => (counts[k]! === 0 ? -1 : Math.round((s / counts[k]!) * 10) / 10)) };
}

/** The same in lists of its own, as it is written down. */
interface KeptTry extends TriedSetting {
  readonly missed: MissedRow[];
  readonly thumb: Thumb;
}

/** What is kept of a setting that was tried: what was set, and what was computed for it under which rules. */
export function triedSettingOf(
  picture: SitPicture,
  saddle: { readonly id: string; readonly name: string; readonly widthLabel: string },
): KeptTry {
  const { asked } = picture;
  const verdict = picture.verdicts[0]!;
  const { school } = asked;
  return {
    saddleId: saddle.id,
    saddleName: saddle.name,
    widthLabel: saddle.widthLabel,
    setup: asked.setup,
    rider: asked.rider,
    pose: asked.pose,
    schoolId: school.id,
    schoolVersion: school.version,
    coreVersion: CORE_VERSION,
    score: picture.score ?? verdict.score,
    missed: verdict.worst.map(({ id, value, stops, error }) => ({ id, value, stops, half: error?.half ?? null })),
    thumb: pressureThumb(picture.grid, picture.pressureKPa, picture.overlapMm),
  };
}
