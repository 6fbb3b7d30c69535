import { paddingOfSchool, recommendFront } from '../../front';
import { seededRandom } from '../../random';
import { DEFAULT_POINT_LENGTH_MM } from '../../saddle';
import { SCHOOLS, schoolById } from '../../schools';
import { bodyFrom, sit, sitBench } from '../../sit';
import { anyHorse, horse, inputOf } from '../../sit/__tests__/invented-horses';
import { STANDARD_RIDER, frontSink, saddleBehindFront, setupBehindFront } from '..';

const BACKS = 9;
/** The picture's own cells: finer than those the room was foretold with. */
const FINE_MM = 8;

/** The front a school recommends, as foretold and as it then sits in the saddle behind it. */
function foretoldAndSat(seed: number, school: (typeof SCHOOLS)[number]) {
  const body = bodyFrom(inputOf(anyHorse(seededRandom(seed))));
  if (!body.ok || body.value.front === null) throw new Error('no back');
  const sink = frontSink(body.value, school);
  if (sink === null) return null;
  const found = recommendFront(body.value.front.section, school, DEFAULT_POINT_LENGTH_MM, paddingOfSchool(school, sink));
  if (!found.ok) return null;
  const { target } = found.value;
  const bench = sitBench(body.value, 'resting', school.engine, FINE_MM);
  const saddle = saddleBehindFront(target, bench, body.value.front.takenAtMm);
  const setup = setupBehindFront(saddle, target.padding.padMm, body.value.front.takenAtMm);
  const sitting = sit({ body: body.value, saddle, setup, rider: STANDARD_RIDER, pose: 'resting' }, bench);
  if (!sitting.ok || sitting.value.settled.state !== 'settled') return null;
  return { foretoldMm: target.loadedMm, satMm: sitting.value.withers.overMm!, halfMm: sink.halfMm };
}

describe('the room over the withers under load', () => {
  it.each(SCHOOLS.map((s) => [s.id, s] as const))(
    '%s: is foretold within 3 mm, and its front isn’t refused for its withers',
    (_, school) => {
      const told = Array.from({ length: BACKS }, (_, seed) => foretoldAndSat(100 + seed, school)).flatMap((t) => t ?? []);
      // some of these backs slope more than any saddle stays on: a third of them at most
      expect(told.length).toBeGreaterThan(BACKS / 2);
      for (const { foretoldMm, satMm, halfMm } of told) {
        expect(Math.abs(foretoldMm - satMm)).toBeLessThan(3);
        expect(satMm).toBeGreaterThan(school.rules.withersOver.least - halfMm);
      }
    },
  );

  it('comes down by the rider’s weight and by what lies between', () => {
    const body = horse();
    const school = schoolById('static-close');
    const padded = { ...school, front: { ...school.front, padMm: 12 } };
    const [bare, on] = [frontSink(body, school)!, frontSink(body, padded)!];
    expect(bare.from).toBe('sitting');
    expect(bare.mm).toBeGreaterThan(5);
    // the pad lies over the withers too
    expect(on.mm - bare.mm).toBeGreaterThan(8);
    expect(on.mm - bare.mm).toBeLessThan(16);
  });

  it('says nothing of a horse without a front section', () =>
    expect(frontSink({ ...horse(), front: null }, schoolById('static-close'))).toBeNull());
});
