import { type PointYZ } from '../../geometry';
import { type Random, normal, seededRandom } from '../../random';
import { mirroredSection, type Section } from '../section';
import { sectionFromPoints } from '../section-from-points';
import { takesAgreement } from '../takes-agreement';

/** Two straight flanks out of a round top: the slope of each, and the radius of the top. */
interface Back {
  readonly near: number;
  readonly off: number;
  readonly topMm: number;
}
const anyBack = (random: Random): Back => {
  const near = 0.7 + 0.6 * random();
  return { near, off: near + 0.14 + 0.1 * random(), topMm: 15 + 50 * random() };
};
const trace = ({ near, off, topMm }: Back): PointYZ[] =>
  Array.from({ length: 61 }, (_, i) => {
    const yMm = (i - 30) * 7;
    return { yMm, zMm: (topMm - Math.hypot(yMm, topMm)) * (yMm < 0 ? near : off) };
  });
const read = (points: readonly PointYZ[]): Section => {
  const outcome = sectionFromPoints([...points]);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value.section;
};

type Shake = (points: readonly PointYZ[], random: Random) => PointYZ[];
const WHITE: Shake = (points, random) => points.map((p) => ({ yMm: p.yMm + normal(random), zMm: p.zMm + normal(random) }));
/** A tremor of 1 mm that runs on for centimetres: a few slow waves. */
const DRAWN_OUT: Shake = (points, random) => {
  const waves = Array.from({ length: 5 }, (_, k) => ({ k: k + 1, of: [0, 0, 0, 0].map(() => normal(random)) }));
  return points.map((p, i) => {
    const at = (2 * Math.PI * i) / points.length;
    const sum = (a: number, b: number) =>
      waves.reduce((s, { k, of }) => s + of[a]! * Math.cos(k * at) + of[b]! * Math.sin(k * at), 0) / Math.sqrt(waves.length);
    return { yMm: p.yMm + sum(0, 1), zMm: p.zMm + sum(2, 3) };
  });
};

const turned = (points: readonly PointYZ[], deg: number): PointYZ[] => {
  const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)];
  return points.map(({ yMm, zMm }) => ({ yMm: c * yMm - s * zMm, zMm: s * yMm + c * zMm }));
};
const FAULTS: Readonly<Record<string, (back: Back) => PointYZ[]>> = {
  'another station': (back) => trace({ ...back, near: back.near * 1.15, off: back.off * 1.15 }),
  'near and off exchanged': (back) => mirroredSection(read(trace(back))).points.map((p) => ({ ...p })),
  'held tilted by 5 degrees': (back) => turned(trace(back), 5),
};
const SETS = 80;

/** In how many of so many sets the takes that were left out are just those wanted. */
function leftOut(count: number, shake: Shake, fault: ((back: Back) => PointYZ[]) | null): number {
  const random = seededRandom(17);
  let right = 0;
  for (let i = 0; i < SETS; i++) {
    const back = anyBack(random);
    const takes = Array.from({ length: count }, (_, k) => {
      const points = fault !== null && k === count - 1 ? fault(back) : trace(back);
      return { id: String(k), section: read(shake(points, random)) };
    });
    const odd = takesAgreement(takes).odd.map((o) => o.id);
    if (odd.join() === (fault === null ? '' : String(count - 1))) right++;
  }
  return right;
}

describe.each([
  ['white', WHITE],
  ['drawn out', DRAWN_OUT],
] as const)('a tremor of 1 mm, %s', (_, shake) => {
  it.each([3, 5])('%d honest takes are all kept, in 95 sets of 100', (count) =>
    expect(leftOut(count, shake, null)).toBeGreaterThanOrEqual(Math.floor(0.95 * SETS)),
  );
  it.each(Object.keys(FAULTS))('one of three taken %s is the one that is left out', (fault) =>
    expect(leftOut(3, shake, FAULTS[fault]!)).toBeGreaterThanOrEqual(Math.floor(0.97 * SETS)),
  );
});

describe('a scale of 1.1', () => {
  it('is told by the length of the trace, and the take is not left out: it may have been drawn further', () => {
    const random = seededRandom(3);
    const back = { near: 1, off: 1.02, topMm: 20 };
    const scaled = trace(back).map(({ yMm, zMm }) => ({ yMm: 1.1 * yMm, zMm: 1.1 * zMm }));
    const takes = [trace(back), trace(back), scaled].map((points, k) => ({ id: String(k), section: read(DRAWN_OUT(points, random)) }));
    const { otherScale, accepted } = takesAgreement(takes);
    expect(accepted).toEqual(['0', '1', '2']);
    expect(otherScale.map((o) => o.id)).toEqual(['2']);
    expect(otherScale[0]!.ratio).toBeCloseTo(1.1, 1);
  });

  it('honest takes of one length are asked nothing', () => {
    const random = seededRandom(4);
    const takes = [0, 1, 2, 3, 4].map((k) => ({ id: String(k), section: read(WHITE(trace({ near: 1, off: 1.1, topMm: 30 }), random)) }));
    expect(takesAgreement(takes).otherScale).toEqual([]);
  });
});
