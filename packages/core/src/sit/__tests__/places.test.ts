import { presentSetup, underside } from '../../saddle';
import { ENGINE_DEFAULTS } from '../../schools';
import { surfaceHeightMm } from '../../back';
import { driftOf } from '../drift';
import { placesOf, withersRoom } from '../places';
import { posedSurface } from '../body';
import { horse, saddleFor } from './invented-horses';

const saddle = saddleFor(90);
const setup = presentSetup(saddle, 50);
const under = underside(saddle, setup);
const REST = { heaveMm: 0, pitchDeg: 0, rollDeg: 0 };

describe('where the panels lie on the muscle and beside the ligament', () => {
  const outer = Math.max(...Array.from({ length: 40 }, (_, i) => under.edgesAt(i * 10)).map((e) => e.outerMm));
  const body = { ...horse(), muscle: [{ xMm: 0, widthMm: 300 }], ligament: [{ xMm: 0, widthMm: 40 }] };
  const wide = (mm: number) => placesOf({ ...body, muscle: [{ xMm: 0, widthMm: mm }] }, saddle, setup, under).insideMuscleMm!;

  it('the outer edge lies inside half of the muscle’s width, on each side', () => {
    expect(wide(300)).toBeLessThanOrEqual(150 - under.edgesAt(100).outerMm);
    expect(wide(320) - wide(300)).toBeCloseTo(10, 6);
    expect(Math.abs(wide(300) - (150 - outer))).toBeLessThan(30);
  });
});

describe('room over and beside the withers', () => {
  const body = horse();
  const surface = posedSurface(body, 'resting', ENGINE_DEFAULTS);
  const room = (thicknessMm: number, heaveMm = 0) =>
    withersRoom(surface, saddle, { ...setup, pad: { ...setup.pad, thicknessMm } }, under, { ...REST, heaveMm });

  it('is the roof over the spine, at its least', () => {
    const { overMm, overAtMm } = room(0);
    const at = overAtMm! - setup.placeMm;
    expect(overMm).toBeCloseTo(under.roofAt(at) - surfaceHeightMm(surface, overAtMm!, 0), 6);
  });

  it('a pad under the withers takes its whole thickness from it, and heave adds to it', () => {
    expect(room(0).overMm! - room(8).overMm!).toBeCloseTo(8, 9);
    expect(room(0, 5).overMm! - room(0).overMm!).toBeCloseTo(5, 9);
  });

  it('a pad narrows the room beside them on both sides alike', () => {
    const [bare, padded] = [room(0).besideMm, room(8).besideMm];
    expect(bare.near! - padded.near!).toBeGreaterThan(0);
    expect(bare.near! - padded.near!).toBeCloseTo(bare.off! - padded.off!, 6);
  });
});

describe('drift', () => {
  /** Two cells that press alike on a slope: the back falls to the off side where slopeY is negative there. */
  const cells = (slopeX: number, slopeY: number) => ({
    stepMm: 10,
    slopeX: new Float64Array([slopeX, slopeX]),
    slopeY: new Float64Array([slopeY, slopeY]),
    normalZ: new Float64Array([1, 1]),
  });
  const drift = (slopeX: number, slopeY: number, alongN = 0) =>
    driftOf(
      cells(slopeX, slopeY) as never,
      { pressureKPa: new Float64Array([10, 10]) } as never,
      alongN === 0 ? [] : [{ alongN } as never],
      0.35,
    );

  it('goes to the side the back falls to: + toward the off, - toward the near', () => {
    expect(drift(0, -0.2).acrossN).toBeCloseTo(0.4, 9);
    expect(drift(0, 0.2).acrossN).toBeCloseTo(-0.4, 9);
    expect(drift(0, -0.2).across).toBeCloseTo(0.4 / 0.7, 9);
  });
  it('goes down the slope lengthwise: - toward the head where the back rises toward the tail', () => {
    expect(drift(0.2, 0).along).toBeCloseTo(-0.4 / 0.7, 9);
    expect(drift(-0.2, 0).along).toBeCloseTo(0.4 / 0.7, 9);
  });
  it('straps add to it along the back, and only there', () => {
    expect(drift(0.2, 0.1, -0.3)).toMatchObject({ strapsAlongN: -0.3 });
    expect(drift(0.2, 0.1, -0.3).along).toBeCloseTo(-0.7 / 0.7, 9);
    expect(drift(0.2, 0.1, -0.3).across).toBe(drift(0.2, 0.1).across);
  });
});
