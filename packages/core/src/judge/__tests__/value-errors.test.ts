import { seededRandom } from '../../random';
import { presentSetup } from '../../saddle';
import { MEASURING_ERRORS, schoolById } from '../../schools';
import { SDS_OF_90 } from '../../stats';
import { type BodyInput, bodyFrom, errorSources, measuredAgain, sit, sitBench } from '../../sit';
import { PLAIN_HORSE, inputOf, saddleFor } from '../../sit/__tests__/invented-horses';
import { type CriterionId } from '../../schools';
import { laidFront, valueErrors, valueOf } from '..';

const SCHOOL = schoolById('static-close');
const saddle = saddleFor(90);
const setup = presentSetup(saddle, 50);
const rider = { massKg: 75, offsetMm: 0, stirrupShare: 0, gait: 'stand' as const };
const input: BodyInput = inputOf(PLAIN_HORSE);
const errorsOf = (errors = MEASURING_ERRORS, of = input) => valueErrors({ input: of, school: { ...SCHOOL, errors }, saddle, setup, rider });
const found = errorsOf();
const { landmarkMm, placeMm } = MEASURING_ERRORS;
const together = (...sds: number[]): number => SDS_OF_90 * Math.hypot(...sds);

const tripled = ({ tiltDeg, sagMm }: typeof MEASURING_ERRORS.topline) => ({
  tiltDeg: MEASURING_ERRORS.byEyeTimes * tiltDeg,
  sagMm: MEASURING_ERRORS.byEyeTimes * sagMm,
});

/** Landmark and placing decide; how the back was traced moves the end of what bears by a few mm beside. */
function expectMostly(half: number, wanted: number): void {
  expect(half).toBeGreaterThan(wanted - 0.05);
  expect(half).toBeLessThan(Math.hypot(wanted, 7));
}

describe('how far off a number may be', () => {
  it('a distance to one landmark has the error of landmark and placing together', () => {
    // the tree's end against the last rib; the blade further back on either side counts, so each side half the time
    expectMostly(found.panelBeforeRib!.half, together(landmarkMm.lastRib, placeMm));
    expect(found.panelBeforeRib!.mostly).toMatchObject({ id: 'lastRib' });
    expect(found.panelBeforeRib!.mostly!.share).toBeCloseTo((together(landmarkMm.lastRib) / found.panelBeforeRib!.half) ** 2, 2);
    expect(found.pointBehindScapula!.half).toBeCloseTo(together(landmarkMm.scapulaRest, placeMm), 1);
  });

  it('a place set by eye errs more, one felt three times less, and readings that lie apart as they lie', () => {
    const read = (more: object): BodyInput => {
      const { landmarks } = input;
      return {
        ...input,
        landmarks: { ...landmarks, readings: landmarks.readings.map((r) => (r.landmark === 'lastRib' ? { ...r, ...more } : r)) },
      };
    };
    const ribMm = (more: object): number => errorsOf(undefined, read(more)).panelBeforeRib!.half;
    expectMostly(ribMm({ felt: false }), together(MEASURING_ERRORS.byEyeTimes * landmarkMm.lastRib, placeMm));
    expectMostly(ribMm({ times: 3, sdMm: 4 }), together(landmarkMm.lastRib / Math.sqrt(3), placeMm));
    expectMostly(ribMm({ times: 2, sdMm: 18 }), together(18 / Math.sqrt(2), placeMm));
  });

  it('what is read off the saddle has none', () => {
    expect(found.channelWidth!.half).toBe(0);
    expect(found.padThickness!.half).toBe(0);
    expect(found.padThickness!.mostly).toBeNull();
  });

  it('a number of the saddle that nobody measured makes its share, is named where it is the most of it, and comes first in what to measure', () => {
    const with_ = (unmeasured: object) => ({ ...saddle, build: { ...saddle.build, unmeasured } });
    const of = (unmeasured: object) => valueErrors({ input, school: SCHOOL, saddle: with_(unmeasured), setup, rider });
    const rear = of({ channelRearMm: [55, 95] });
    expect(rear.channelWidth!.half).toBeGreaterThan(5);
    expect(rear.channelWidth!.mostly).toEqual({ id: 'saddle', station: null, measure: 'channelRearMm', share: 1 });
    // the rib doesn't hang on the channel
    expect(rear.panelBeforeRib!.half).toBeCloseTo(found.panelBeforeRib!.half, 0);
    const both = of({ channelRearMm: 'default', lengthMm: 'default' });
    expect(both.panelBeforeRib!.half).toBeGreaterThan(1.5 * found.panelBeforeRib!.half);
    expect(both.panelBeforeRib!.unmeasured!.lengthMm).toBeGreaterThan(0.5);
    expect(found.panelBeforeRib!.unmeasured).toBeUndefined();
  });

  it('what wasn’t measured has no error of its own', () => {
    const noRib: BodyInput = { ...input, landmarks: { ...input.landmarks, lastRib: { ...input.landmarks.lastRib, atMm: null } } };
    expect(errorsOf(undefined, noRib).panelBeforeRib).toBeUndefined();
    expect(errorSources(noRib, MEASURING_ERRORS).some((s) => s.id === 'lastRib')).toBe(false);
  });

  it('a hand twice as unsure makes twice the error', () => {
    const twice = errorsOf({ ...MEASURING_ERRORS, landmarkMm: { ...landmarkMm, lastRib: 2 * landmarkMm.lastRib } });
    expectMostly(twice.panelBeforeRib!.half, together(2 * landmarkMm.lastRib, placeMm));
  });

  it('without a topline the room over the withers is much less sure', () => {
    const none = errorsOf(undefined, { ...input, topline: null });
    expect(none.withersOver!.half).toBeGreaterThan(1.5 * found.withersOver!.half);
    expect(none.seatLevel).toBeUndefined();
  });

  it('a topline said to be as last time errs three times as far as a traced one, and what rests on it says so', () => {
    const said: BodyInput = { ...input, toplineAsLast: true };
    const three = errorsOf({ ...MEASURING_ERRORS, topline: tripled(MEASURING_ERRORS.topline) });
    expect(errorsOf(undefined, said).seatLevel!.half).toBeCloseTo(three.seatLevel!.half, 6);
    expect(three.seatLevel!.half).toBeGreaterThan(1.2 * found.seatLevel!.half);
    const byEye = (of: BodyInput) => {
      const body = bodyFrom(of);
      return body.ok ? body.value.byEye.filter((need) => need === 'topline') : null;
    };
    expect([byEye(input), byEye(said)]).toEqual([[], ['topline']]);
  });

  it('asked again it is the same', () => expect(errorsOf()).toEqual(found));
});

/** What a school reads of this saddle on a horse that was measured otherwise; null where it doesn't rest. */
function read(of: BodyInput, putOffMm: number, ids: readonly CriterionId[]) {
  const body = bodyFrom(of);
  if (!body.ok) return null;
  const put = { ...setup, placeMm: setup.placeMm + putOffMm };
  const question = { body: body.value, saddle, setup: put, rider, pose: 'resting' as const };
  const sitting = sit(question, sitBench(body.value, 'resting', SCHOOL.engine, 20));
  if (!sitting.ok || sitting.value.settled.state !== 'settled') return null;
  const judged = { ...question, sitting: sitting.value, laid: laidFront(body.value, saddle, put), ridden: null };
  return ids.map((id) => valueOf(id, judged, SCHOOL)!);
}

describe('nine in ten is nine in ten', () => {
  const IDS = ['withersOver', 'panelBeforeRib', 'pointBehindScapula', 'seatLevel', 'middleShare', 'strapLean', 'roll'] as const;
  const MEASURINGS = 500;

  it('of five hundred measurings of one horse, so many lie within the error of its true numbers', () => {
    const random = seededRandom(5);
    const truth = read(input, 0, IDS)!;
    const held = IDS.map(() => 0);
    let count = 0;
    for (let i = 0; i < MEASURINGS; i++) {
      const again = measuredAgain(input, MEASURING_ERRORS, random);
      const values = read(again.input, again.putOffMm, IDS);
      if (values === null) continue;
      count++;
      values.forEach((v, k) => (held[k]! += Math.abs(v - truth[k]!) <= found[IDS[k]!]!.half ? 1 : 0));
    }
    expect(count).toBeGreaterThan(0.95 * MEASURINGS);
    const shares = Object.fromEntries(IDS.map((id, k) => [id, held[k]! / count]));
    for (const id of IDS) {
      expect(shares[id]).toBeGreaterThan(0.86);
      expect(shares[id]).toBeLessThan(0.94);
    }
  });
});
