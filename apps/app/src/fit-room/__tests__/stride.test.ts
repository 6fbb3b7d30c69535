import { type RiddenPicture, type SitPicture, type StrideTold } from '@fulcra/core';
import { hardestOf, pictureAt } from '../stride/stride-frame';

const grid = { countX: 2, countY: 2, stepMm: 10, fromXMm: 100, fromYMm: -10 };
const pose = (heaveMm: number) => ({ surgeMm: 0, swayMm: 0, heaveMm, pitchDeg: 0, rollDeg: 0, yawDeg: 0 });
const told = {
  instants: [
    { pose: pose(1), pressureKPa: Float32Array.of(0, 4, 0, 4), peakKPa: 4, near: 0, off: 1 },
    { pose: pose(2), pressureKPa: Float32Array.of(2, 2, 2, 2), peakKPa: 2, near: 0.5, off: 0.5 },
  ],
} as unknown as StrideTold;
const ridden: Pick<RiddenPicture, 'grid' | 'panelAt'> = { grid, panelAt: Uint8Array.of(1, 1, 1, 0) };
const standing = {
  pose: pose(0),
  measures: { peakKPa: 9, meanKPa: 3 },
  grid: {},
  pressureKPa: Float64Array.of(1),
} as unknown as SitPicture;
const scapula = { near: { restMm: 0, forwardMm: 40 }, off: { restMm: 4, forwardMm: 44 } } as never;

describe('an instant of a stride as a picture', () => {
  it('lies where it lay then, presses what it pressed, and has no cell where there is no panel', () => {
    const first = pictureAt(standing, ridden, told, 0, scapula);
    expect(first.pose.heaveMm).toBe(1);
    expect([...first.pressureKPa]).toEqual([0, 4, 0, 4]);
    expect([...first.overlapMm]).toEqual([0, 0, 0, Number.NaN]);
    expect(first.measures).toMatchObject({ peakKPa: 4, meanKPa: 3, centreMm: { x: 110, y: 5 } });
    expect(pictureAt(standing, ridden, told, 1, scapula).measures.centreMm).toEqual({ x: 110, y: 0 });
  });

  it('the hardest of all instants lies on the saddle as it stands', () => {
    const all = hardestOf(standing, ridden, { ...told, greatestKPa: Float32Array.of(2, 4, 2, 4), peak: { kPa: 4 } } as never);
    expect([...all.pressureKPa]).toEqual([2, 4, 2, 4]);
    expect(all.pose).toEqual(standing.pose);
    expect(all.measures).toMatchObject({ peakKPa: 4, centreMm: null });
  });

  it('shows each blade where it swung to, and none that wasn’t felt', () => {
    expect(pictureAt(standing, ridden, told, 0, scapula).bladesMm).toEqual({ near: 0, off: 44 });
    expect(pictureAt(standing, ridden, told, 1, scapula).bladesMm).toEqual({ near: 20, off: 24 });
    const unfelt = { near: { restMm: 0, forwardMm: null }, off: { restMm: null, forwardMm: 3 } } as never;
    expect(pictureAt(standing, ridden, told, 0, unfelt).bladesMm).toEqual({ near: null, off: null });
  });
});
