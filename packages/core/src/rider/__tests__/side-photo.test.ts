import { seededRandom } from '../../random';
import { BEHIND_LEG_MM, LEAST_SCALE_PX, PHOTO_POINTS, type MarkedPhoto, type PhotoPoint, type Px, readSidePhoto } from '..';
import { valueOf } from './fixtures';

type Truth = Readonly<Record<PhotoPoint, { readonly x: number; readonly z: number }>>;
const TRUTH: Truth = {
  ear: { x: -20, z: 780 },
  shoulder: { x: 5, z: 500 },
  hip: { x: 0, z: 0 },
  knee: { x: -170, z: -310 },
  ankle: { x: -5, z: -670 },
  heel: { x: 60, z: -710 },
  bar: { x: -150, z: -100 },
};

interface Shot {
  readonly distanceMm?: number;
  readonly tiltDeg?: number;
  readonly pxPerMm?: number;
  readonly looks?: 'left' | 'right';
  readonly at?: { readonly x: number; readonly z: number };
}

/** A pinhole camera square to the horse: what lies deeper comes out smaller. */
function shoot({ distanceMm = 7000, tiltDeg = 0, pxPerMm = 0.9, looks = 'left', at = { x: 300, z: -200 } }: Shot) {
  const [w, h] = [3000, 2000];
  const turn = (tiltDeg * Math.PI) / 180;
  const px = (x: number, z: number, depth: number): Px => {
    const k = (pxPerMm * distanceMm) / (distanceMm + depth);
    const [u, v] = [(looks === 'left' ? 1 : -1) * (x - at.x) * k, -(z - at.z) * k];
    return { x: w / 2 + u * Math.cos(turn) + v * Math.sin(turn), y: h / 2 - u * Math.sin(turn) + v * Math.cos(turn) };
  };
  const points = Object.fromEntries(PHOTO_POINTS.map((p) => [p, px(TRUTH[p].x, TRUTH[p].z, BEHIND_LEG_MM[p])])) as Record<PhotoPoint, Px>;
  const photo: MarkedPhoto = {
    widthPx: w,
    heightPx: h,
    looks,
    points,
    plumb: { from: px(-400, 300, 0), to: px(-400, -500, 0) },
    scale: { from: px(-300, -700, 0), to: px(-300, -200, 0), mm: 500 },
    distanceMm,
  };
  return { photo, px };
}
const wanted = { shoulder: 5, ear: -20, heel: 60, bar: -150 };
const truthAngle = (at: PhotoPoint, a: PhotoPoint, b: PhotoPoint): number => {
  const to = (p: PhotoPoint) => Math.atan2(TRUTH[p].z - TRUTH[at].z, TRUTH[p].x - TRUTH[at].x);
  const by = Math.abs(to(a) - to(b));
  return ((by > Math.PI ? 2 * Math.PI - by : by) * 180) / Math.PI;
};

describe('a photo from the side', () => {
  const random = seededRandom(11);
  const shots: Shot[] = Array.from({ length: 60 }, () => ({
    distanceMm: 6000 + 5000 * random(),
    tiltDeg: -12 + 24 * random(),
    pxPerMm: 0.4 + 1.2 * random(),
    looks: random() < 0.5 ? 'left' : 'right',
    at: { x: -200 + 600 * random(), z: -500 + 600 * random() },
  }));

  it('gives back offsets to 5 mm and angles to 1 degree, tilted, scaled and from any place', () => {
    for (const shot of shots) {
      const { behindHipMm, kneeDeg, hipDeg } = valueOf(readSidePhoto(shoot(shot).photo));
      for (const [point, mm] of Object.entries(wanted)) expect(Math.abs(behindHipMm[point as keyof typeof wanted]! - mm)).toBeLessThan(5);
      expect(Math.abs(kneeDeg! - truthAngle('knee', 'hip', 'ankle'))).toBeLessThan(1);
      expect(Math.abs(hipDeg! - truthAngle('hip', 'shoulder', 'knee'))).toBeLessThan(1);
    }
  });
  it('the phone’s own tilt does as well as a plumb line drawn', () => {
    const { photo } = shoot({ tiltDeg: 7 });
    const { plumb: _, ...rest } = photo;
    expect(valueOf(readSidePhoto({ ...rest, plumb: { tiltDeg: 7 } })).behindHipMm.heel).toBeCloseTo(60, 6);
    expect(Math.abs(valueOf(readSidePhoto({ ...rest, plumb: { tiltDeg: -7 } })).behindHipMm.heel! - 60)).toBeGreaterThan(50);
  });
  it('depth counts: read as if all lay in one plane, offsets would be wrong', () => {
    const { photo } = shoot({ distanceMm: 6000, at: { x: 1500, z: 0 } });
    const { mmPerPx } = valueOf(readSidePhoto(photo));
    const flat = (photo.points.bar!.x - photo.points.hip!.x) * mmPerPx;
    expect(Math.abs(flat + 150)).toBeGreaterThan(5);
    expect(valueOf(readSidePhoto(photo)).behindHipMm.bar).toBeCloseTo(-150, 6);
  });
  it('leather and trunk from their plumb, with their signs', () => {
    const { leatherDeg, trunkLeanDeg } = valueOf(readSidePhoto(shoot({}).photo));
    expect(leatherDeg).toBeCloseTo((Math.atan2(145, 570) * 180) / Math.PI, 3);
    expect(trunkLeanDeg).toBeCloseTo((Math.atan2(-5, 500) * 180) / Math.PI, 3);
  });
  it('what isn’t marked isn’t said; without hip or heel nothing is', () => {
    const { photo } = shoot({});
    const { knee: _k, bar: _b, ...some } = photo.points;
    const reading = valueOf(readSidePhoto({ ...photo, points: some }));
    expect([reading.kneeDeg, reading.hipDeg, reading.leatherDeg, reading.behindHipMm.bar]).toEqual([null, null, null, null]);
    const { hip: _h, ...noHip } = photo.points;
    expect(readSidePhoto({ ...photo, points: noHip })).toMatchObject({
      ok: false,
      problems: [{ code: 'PHOTO_POINTS_MISSING', values: { missing: 'hip' } }],
    });
  });
  it.each([
    [LEAST_SCALE_PX, true],
    [LEAST_SCALE_PX - 0.01, false],
    [0, false],
  ])('a scale of %d px: %s', (length, ok) => {
    const { photo } = shoot({});
    expect(readSidePhoto({ ...photo, scale: { from: { x: 0, y: 0 }, to: { x: length, y: 0 }, mm: 500 } }).ok).toBe(ok);
  });
  it.each([
    [5999, true],
    [6000, false],
  ])('from %d mm away it is too near: %s', (distanceMm, near) =>
    expect(valueOf(readSidePhoto(shoot({ distanceMm }).photo)).tooNear).toBe(near),
  );
});
