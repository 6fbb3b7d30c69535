import { presentSetup, underside } from '../../saddle';
import { ENGINE_DEFAULTS } from '../../schools';
import { surfaceHeightMm } from '../../back';
import { driftOf } from '../drift';
import { type Bears, placesOf, withersRoom } from '../places';
import { type StrapPull } from '../girth';
import { AS_PUT } from '../contact';
import { posedSurface } from '../body';
import { horse, saddleFor } from './invented-horses';

const saddle = saddleFor(90);
const setup = presentSetup(saddle, 50);
const under = underside(saddle, setup);
const REST = AS_PUT;
const BEARS = { bearsFromMm: null, bearsToMm: null };

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

describe('ends that carry nothing', () => {
  const body = horse();
  const at = (bears: Bears) => placesOf(body, saddle, setup, under, bears);
  const whole = at(BEARS);

  it('are not counted: what bears ends where pressure does, and never past the panel', () => {
    const short = at({ bearsFromMm: whole.panelFrontMm + 25, bearsToMm: whole.panelEndMm - 40 });
    expect(short.panelBeforeRibMm! - whole.panelBeforeRibMm!).toBeCloseTo(40, 9);
    expect(short.treeBeforeRibMm! - whole.treeBeforeRibMm!).toBeCloseTo(40 - (whole.panelEndMm - whole.treeEndMm), 9);
    expect(short.panelBehindRestMm! - whole.panelBehindRestMm!).toBeCloseTo(25, 9);
    const past = at({ bearsFromMm: whole.panelFrontMm - 9, bearsToMm: whole.panelEndMm + 9 });
    expect([past.panelBeforeRibMm, past.panelBehindRestMm]).toEqual([whole.panelBeforeRibMm, whole.panelBehindRestMm]);
  });
});

describe('drift', () => {
  /** Two cells that press alike on a slope and hold along it. */
  const drift = (n: readonly [number, number], shear: readonly [number, number], pulls: readonly StrapPull[] = []) => {
    const both = (v: number) => new Float64Array([v, v]);
    const cells = { nx: both(n[0]), ny: both(n[1]), pressureKPa: both(10), shearX: both(shear[0]), shearY: both(shear[1]) };
    return driftOf({ count: 2, areaMm2: both(100) }, cells, pulls, 0.35);
  };

  it('is the holding used over the holding there is, against the way it is held', () => {
    expect(drift([0, 0], [1.4, 0]).along).toBeCloseTo(-1.4 / 3.5, 9);
    expect(drift([0, 0], [-1.4, 0]).along).toBeCloseTo(1.4 / 3.5, 9);
    expect(drift([0, 0], [0, 0.7]).across).toBeCloseTo(-0.7 / 3.5, 9);
    expect(drift([0, 0], [0, -0.7]).across).toBeCloseTo(0.7 / 3.5, 9);
  });
  it('on a slope there is less skin along the way to hold by', () => {
    expect(drift([0.6, 0], [1.4, 0]).along).toBeCloseTo(-1.4 / (3.5 * 0.8), 9);
    expect(drift([0.6, 0], [1.4, 0]).across).toBeCloseTo(0, 12);
  });
  it('beside it stands what the slope alone presses, and the straps', () => {
    expect(drift([-0.2, 0.1], [0, 0])).toMatchObject({ slopeAlongN: expect.closeTo(-0.4, 9), acrossN: expect.closeTo(0.2, 9) });
    expect(drift([0, 0], [0, 0], [{ alongN: -3 } as StrapPull]).strapsAlongN).toBe(-3);
  });
});
