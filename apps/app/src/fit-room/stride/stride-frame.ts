import { type Landmarks, type NearOff, type RiddenPicture, type SitPicture, type StrideTold } from '@fulcra/core';

/** The standing picture as it looks at one instant of a stride: where it lies, what it presses. */
export function pictureAt(
  picture: SitPicture,
  { grid, panelAt }: Pick<RiddenPicture, 'grid' | 'panelAt'>,
  told: StrideTold,
  index: number,
  scapula: Landmarks['scapula'],
): SitPicture {
  const instant = told.instants[index]!;
  const pressureKPa = Float64Array.from(instant.pressureKPa);
  return {
    ...picture,
    grid,
    pose: instant.pose,
    pressureKPa,
    overlapMm: Float64Array.from(panelAt, (there) => (there === 1 ? 0 : Number.NaN)),
    bladesMm: { near: bladeAt(scapula, 'near', instant.near), off: bladeAt(scapula, 'off', instant.off) },
    measures: { ...picture.measures, peakKPa: instant.peakKPa, centreMm: centreOf(grid, pressureKPa) },
  };
}

/** The hardest each place was pressed in the whole stride, on the standing saddle. */
export function hardestOf(picture: SitPicture, { grid, panelAt }: Pick<RiddenPicture, 'grid' | 'panelAt'>, told: StrideTold): SitPicture {
  const pressureKPa = Float64Array.from(told.greatestKPa);
  return {
    ...picture,
    grid,
    pressureKPa,
    overlapMm: Float64Array.from(panelAt, (there) => (there === 1 ? 0 : Number.NaN)),
    measures: { ...picture.measures, peakKPa: told.peak?.kPa ?? 0, centreMm: null },
  };
}

function centreOf(
  { countX, countY, stepMm, fromXMm, fromYMm }: SitPicture['grid'],
  pressureKPa: Float64Array,
): SitPicture['measures']['centreMm'] {
  let [sum, x, y] = [0, 0, 0];
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      const p = pressureKPa[i * countY + j]!;
      sum += p;
      x += p * (fromXMm + (i + 0.5) * stepMm);
      y += p * (fromYMm + (j + 0.5) * stepMm);
    }
  }
  return sum > 0 ? { x: x / sum, y: y / sum } : null;
}

/** Where a blade's edge stands, mm behind the scapula's resting edge; null where either end of its travel wasn't felt. */
function bladeAt(scapula: Landmarks['scapula'], side: NearOff, share: number): number | null {
  const { restMm, forwardMm } = scapula[side];
  return restMm === null || forwardMm === null ? null : restMm + share * (forwardMm - restMm);
}
