import { presentSetup } from '../../../saddle';
import {
  ENGINE_DEFAULTS,
  INSTANTS,
  STRIDE_DEFAULTS,
  STRIDE_GAITS,
  type StrideGait,
  mirroredStride,
  strideProblems,
} from '../../../schools';
import { type HorseBody, mirroredBody } from '../../body';
import { horse, saddleFor } from '../../__tests__/invented-horses';
import { type RiddenProgress, STRIDES, STRIDE_STEPS, laySaddle, loadsAtInstant, movingBack, ride, sitBench, wordFor } from '../..';
import { type Outcome } from '../../../problems';
import { type Ridden } from '../../ridden';
import { surfaceHeightMm } from '../../../back';

const RIDER = { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
const saddle = saddleFor(90);

function ridden(
  body: HorseBody,
  gaits: readonly (typeof STRIDE_GAITS)[number][],
  more: Partial<Parameters<typeof ride>[0]> = {},
  engine = ENGINE_DEFAULTS,
): { value: Ridden; steps: RiddenProgress[] } {
  const job = ride(
    { body, saddle, setup: presentSetup(saddle, 50), rider: RIDER, pose: 'resting', ...more },
    sitBench(body, 'resting', engine, 14),
    gaits,
  );
  const steps: RiddenProgress[] = [];
  let step: IteratorResult<RiddenProgress, Outcome<Ridden>> = job.next();
  for (; !step.done; step = job.next()) steps.push(step.value);
  if (!step.value.ok) throw new Error(JSON.stringify(step.value.problems));
  return { value: step.value.value, steps };
}

describe('strides as data', () => {
  it.each(STRIDE_GAITS)('%s has 24 numbers a row and comes down as much as it goes up', (gait) =>
    expect(strideProblems(STRIDE_DEFAULTS[gait])).toEqual([]),
  );

  const changed = (row: keyof StrideGait['rows'], values: readonly number[]): StrideGait => ({
    ...STRIDE_DEFAULTS.walk,
    rows: { ...STRIDE_DEFAULTS.walk.rows, [row]: { values, source: '' } },
  });
  it('a row too short, a number missing, a mean that doesn’t come down: each is said', () => {
    const { values } = STRIDE_DEFAULTS.walk.rows.verticalFactor;
    expect(strideProblems(changed('riderSwayMm', [1, 2]))).toEqual([{ code: 'rowLength', row: 'riderSwayMm', count: 2 }]);
    expect(
      strideProblems(
        changed(
          'riderSwayMm',
          values.map((v, i) => (i === 7 ? Number.NaN : v)),
        ),
      ),
    ).toEqual([{ code: 'notANumber', row: 'riderSwayMm', instant: 7 }]);
    expect(
      strideProblems(
        changed(
          'verticalFactor',
          values.map((v) => v * 1.019),
        ),
      ),
    ).toEqual([]);
    expect(
      strideProblems(
        changed(
          'verticalFactor',
          values.map((v) => v * 1.021),
        ),
      ),
    ).toMatchObject([{ code: 'meanVertical' }]);
    expect(
      strideProblems(
        changed(
          'verticalFactor',
          values.map((v) => v * 0.979),
        ),
      ),
    ).toMatchObject([{ code: 'meanVertical' }]);
  });

  it('the off lead is the near one in a mirror, and twice mirrored is the same', () => {
    const { canterNear: near, canterOff: off } = STRIDE_DEFAULTS;
    expect(off.rows.scapulaNear).toBe(near.rows.scapulaOff);
    expect(off.rows.riderSwayMm.values.map((v) => -v || 0)).toEqual(near.rows.riderSwayMm.values.map((v) => v || 0));
    expect(mirroredStride(off)).toEqual(near);
  });

  it.each([
    [0.29, 'stays'],
    [0.3, 'works'],
    [3, 'works'],
    [3.01, 'runs'],
  ] as const)('%d mm from stride to stride: it %s', (mm, word) => expect(wordFor(mm, ENGINE_DEFAULTS.creepMm)).toBe(word));
});

describe('the loads of an instant', () => {
  const made = laySaddle({ body: horse(), saddle, setup: presentSetup(saddle, 50), rider: RIDER, strapPullN: 0 }, ENGINE_DEFAULTS);
  if (!made.ok) throw new Error('not laid');
  const at = (gait: StrideGait, instant: number, pulls = made.value.pulls) =>
    loadsAtInstant({ saddle, setup: presentSetup(saddle, 50), rider: RIDER, pulls, under: made.value.under }, gait, instant);
  const weight = (70 + saddle.build.frame.massKg) * 9.81;
  const sum = (loads: ReturnType<typeof at>, of: 'forceX' | 'forceY' | 'forceZ') => loads.reduce((s, l) => s + l[of], 0);

  it.each([0, 5, 13, 23])('are W times the rows of instant %d, turned against the back', (i) => {
    const { rows } = STRIDE_DEFAULTS.canterNear;
    const [up, along] = [rows.verticalFactor.values[i]!, rows.foreAftFactor.values[i]!];
    const rad = (deg: number) => (deg * Math.PI) / 180;
    const loads = at(STRIDE_DEFAULTS.canterNear, i);
    expect(sum(loads, 'forceZ')).toBeCloseTo(-weight * up, 6);
    expect(sum(loads, 'forceX')).toBeCloseTo(weight * (along + up * Math.sin(rad(rows.backPitchDeg.values[i]!))), 6);
    expect(sum(loads, 'forceY')).toBeCloseTo(weight * up * Math.sin(rad(rows.barrelRollDeg.values[i]!)), 6);
  });

  it('the girth is not multiplied by the gait', () => {
    const girthed = laySaddle({ body: horse(), saddle, setup: presentSetup(saddle, 50), rider: RIDER, strapPullN: 40 }, ENGINE_DEFAULTS);
    if (!girthed.ok) throw new Error('not laid');
    const pull = (i: number) =>
      sum(at(STRIDE_DEFAULTS.trotSitting, i, girthed.value.pulls), 'forceZ') - sum(at(STRIDE_DEFAULTS.trotSitting, i), 'forceZ');
    expect(pull(5)).toBeCloseTo(pull(11), 9);
    expect(pull(5)).toBeLessThan(-100);
  });
});

describe('a back in motion', () => {
  const body = horse();
  const moving = movingBack(body, 250, ENGINE_DEFAULTS);
  const change = (x: number, y: number, back: { riseMm: number; near: number; off: number }) =>
    surfaceHeightMm(moving.at(back), x, y) - surfaceHeightMm(body.surface, x, y);

  it('rises most in the middle of what bears, and not at the withers', () => {
    expect(change(250, 0, { riseMm: 6, near: 0, off: 0 })).toBeCloseTo(6, 1);
    expect(change(40, 0, { riseMm: 6, near: 0, off: 0 })).toBeCloseTo(0, 6);
    expect(change(250, 0, { riseMm: -6, near: 0, off: 0 })).toBeCloseTo(-6, 1);
  });

  it('a blade at rest changes nothing; drawn back it stands out where it came to, on its own side', () => {
    expect(change(30, -90, { riseMm: 0, near: 0, off: 0 })).toBe(0);
    expect(change(30, -90, { riseMm: 0, near: 1, off: 0 })).toBeGreaterThan(4);
    expect(change(30, 90, { riseMm: 0, near: 1, off: 0 })).toBe(0);
    expect(change(30, 90, { riseMm: 0, near: 0, off: 1 })).toBeGreaterThan(4);
    expect(change(140, -90, { riseMm: 0, near: 1, off: 1 })).toBe(0);
  });

  it('swings as far as it was measured', () => {
    const far = movingBack({ ...body, scapula: { ...body.scapula, near: { restMm: 0, forwardMm: 80 } } }, 250, ENGINE_DEFAULTS);
    const back = { riseMm: 0, near: 1, off: 1 };
    expect(far.bladeMm(75, -90, back)).toBeGreaterThan(moving.bladeMm(75, -90, back) + 3);
    expect(far.bladeMm(75, 90, back)).toBe(moving.bladeMm(75, 90, back));
  });
});

describe('a saddle ridden', () => {
  const plain = ridden(horse(), ['walk', 'trotSitting']);

  it('goes through halt and three strides, and says how far it is', () => {
    expect(STRIDE_STEPS).toBe(STRIDES * INSTANTS);
    expect(plain.steps.at(-1)!.of).toBe(1 + 2 * STRIDE_STEPS);
    expect(plain.steps.map((s) => s.done)).toEqual([...plain.steps.keys()].map((i) => i + 1));
  });

  it('that fits stays in walk and trot, presses harder in the trot, and its third stride is its second but for the creep', () => {
    const { walk, trotSitting } = plain.value.strides;
    expect([walk!.word, trotSitting!.word]).toEqual(['stays', 'stays']);
    expect(walk!.creepMm).toBeLessThan(ENGINE_DEFAULTS.creepMm.stays);
    expect(trotSitting!.peak!.kPa).toBeGreaterThan(walk!.peak!.kPa);
    expect(walk!.instants).toHaveLength(INSTANTS);
    const at = walk!.instants[3]!.pressureKPa.findIndex((p) => p > 3);
    const over = walk!.instants.map((i) => i.pressureKPa[at]!);
    expect(walk!.greatestKPa[at]).toBeCloseTo(Math.max(...over), 4);
    expect(walk!.meanKPa[at]).toBeCloseTo(over.reduce((s, p) => s + p, 0) / INSTANTS, 3);
    expect(trotSitting!.driftAtLeastLoad!.instant).toBe(11);
  });

  it('a slope on which it stands and stays in walk runs it up the neck in canter', () => {
    const { walk, canterNear } = ridden(horse({ slope: 0.1 }), ['walk', 'canterNear'], { strapPullN: 0 }).value.strides;
    expect(walk!.word).toBe('stays');
    expect(canterNear).toMatchObject({ word: 'runs', towards: 'head', creepMm: null });
    expect(canterNear!.noRest).not.toBeNull();
  });

  it('a longer swing of the blade meets it harder', () => {
    const with_ = (travelMm: number) => {
      const body = horse();
      const scapula = { near: { restMm: 0, forwardMm: travelMm }, off: { restMm: 0, forwardMm: travelMm } };
      return ridden({ ...body, scapula }, ['walk'], { setup: presentSetup(saddle, 30) }).value.strides.walk!.blades;
    };
    const hardest = (blades: ReturnType<typeof with_>) => Math.max(0, ...blades.map((b) => b.pressesN));
    expect(hardest(with_(75))).toBeGreaterThan(hardest(with_(35)));
    expect(with_(75).map((b) => b.side)).toEqual(['near', 'off']);
  });

  it('on a horse in a mirror the other lead gives the mirrored answer', () => {
    const body = horse({ offDeg: 43 });
    const [a] = [ridden(body, ['canterNear']).value.strides.canterNear!];
    const b = ridden(mirroredBody(body), ['canterOff']).value.strides.canterOff!;
    expect(b.word).toBe(a.word);
    // the first samplings of both differ by up to a tenth of a millimetre
    expect(Math.abs(b.peak!.kPa / a.peak!.kPa - 1)).toBeLessThan(0.01);
    expect(Math.abs(b.peak!.atMm.y + a.peak!.atMm.y)).toBeLessThan(1);
    if (a.creepMm !== null) expect(b.creepMm!).toBeCloseTo(a.creepMm, 2);
  });

  it('is only pushed with nobody up, and not at all where it doesn’t stay at halt', () => {
    const empty = ridden(horse(), ['walk'], { rider: null }).value;
    expect(empty.strides).toEqual({});
    expect(empty.push!.rollNmPerDeg).toBeGreaterThan(0);
    const gone = ridden(horse({ slope: 0.9 }), ['walk'], { strapPullN: 0 }).value;
    expect(gone).toEqual({ push: null, rollShapeNmPerDeg: null, strides: {} });
  });
});

describe('pushed', () => {
  const pushed = (body: HorseBody) => ridden(body, []).value;
  it('a round top rolls more easily by its shape than a roof, and lets go sooner', () => {
    const roof = pushed(horse({ apexMm: 12, nearDeg: 38, offDeg: 38 }));
    const barrel = pushed(horse({ apexMm: 90, nearDeg: 56, offDeg: 56 }));
    expect(roof.rollShapeNmPerDeg!).toBeGreaterThan(barrel.rollShapeNmPerDeg!);
  });

  it('more friction holds it longer', () => {
    const slick = ridden(horse(), [], {}, { ...ENGINE_DEFAULTS, friction: 0.15 }).value.push!;
    const grip = ridden(horse(), [], {}, { ...ENGINE_DEFAULTS, friction: 0.6 }).value.push!;
    expect(grip.letsGoNm ?? Infinity).toBeGreaterThan(slick.letsGoNm!);
  });
});
