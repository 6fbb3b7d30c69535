import fc from 'fast-check';
import { presentSetup } from '../../saddle';
import { PLAIN_HORSE, horse, inputOf, saddleFor, sitOn } from './invented-horses';
import { type Section } from '../../back';
import { type BodyInput, bodyFrom } from '../body';
import { ENGINE_DEFAULTS } from '../../schools';
import { type RiderLoad, type SitQuestion, LEAST_DROP_MM, MOST_RIDER_KG } from '..';

const RIDER: RiderLoad = { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' };

describe('input that can’t be', () => {
  const saddle = saddleFor(90);
  const ask = (more: Partial<SitQuestion>) =>
    sitOn({ body: horse(), saddle, setup: presentSetup(saddle, 50), rider: RIDER, pose: 'resting', ...more });

  it('a rider of 500 kg is refused by name', () => {
    const outcome = ask({ rider: { ...RIDER, massKg: 500 } });
    expect(outcome).toMatchObject({
      ok: false,
      problems: [{ code: 'RIDER_MASS_OUT_OF_RANGE', values: { massKg: 500, mostKg: MOST_RIDER_KG } }],
    });
  });

  it.each([
    [{ massKg: Number.NaN }, 'RIDER_MASS_OUT_OF_RANGE'],
    [{ massKg: -1 }, 'RIDER_MASS_OUT_OF_RANGE'],
    [{ offsetMm: Number.NaN }, 'RIDER_OFFSET_OUT_OF_RANGE'],
    [{ offsetMm: 401 }, 'RIDER_OFFSET_OUT_OF_RANGE'],
    [{ alongMm: Infinity }, 'RIDER_OFFSET_OUT_OF_RANGE'],
    [{ stirrupShare: 1.4 }, 'STIRRUP_SHARE_OUT_OF_RANGE'],
    [{ stirrupShare: -0.01 }, 'STIRRUP_SHARE_OUT_OF_RANGE'],
    [{ stirrupShare: Number.NaN }, 'STIRRUP_SHARE_OUT_OF_RANGE'],
    [{ gait: 'piaffe' as never }, 'GAIT_UNKNOWN'],
  ] as const)('a rider of %j is refused', (change, code) =>
    expect(ask({ rider: { ...RIDER, ...change } })).toMatchObject({ ok: false, problems: [{ code }] }),
  );

  const setup = presentSetup(saddle, 50);
  it.each([
    [{ width: 4 }, 'SETUP_WIDTH_UNKNOWN'],
    [{ width: -1 }, 'SETUP_WIDTH_UNKNOWN'],
    [{ width: 0.5 }, 'SETUP_WIDTH_UNKNOWN'],
    [{ placeMm: Number.NaN }, 'SETUP_OUT_OF_RANGE'],
    [{ frontDepthMm: -1 }, 'SETUP_OUT_OF_RANGE'],
    [{ pad: { kind: 'felt' as const, thicknessMm: -3 } }, 'SETUP_OUT_OF_RANGE'],
    [{ flock: { ...setup.flock, near: { front: Number.NaN, middle: 0, rear: 0 } } }, 'SETUP_OUT_OF_RANGE'],
    [{ straps: ['tail' as never] }, 'SETUP_STRAP_UNKNOWN'],
  ] as const)('a setting of %j is refused', (change, code) =>
    expect(ask({ setup: { ...setup, ...change } })).toMatchObject({ ok: false, problems: [{ code }] }),
  );

  it('a strap pulled backwards, or a way of holding the back that there isn’t', () => {
    expect(ask({ strapPullN: -1 })).toMatchObject({ ok: false, problems: [{ code: 'STRAP_PULL_OUT_OF_RANGE' }] });
    expect(ask({ strapPullN: Number.NaN })).toMatchObject({ ok: false, problems: [{ code: 'STRAP_PULL_OUT_OF_RANGE' }] });
    expect(ask({ pose: 'bucking' as never })).toMatchObject({ ok: false, problems: [{ code: 'BACK_POSE_UNKNOWN' }] });
  });

  it('a buckle on its own anchor is refused by its strap; just below it is pulled', () => {
    const hung = (belowMm: number) => ({
      ...saddle,
      build: { ...saddle.build, straps: saddle.build.straps.map((s) => ({ ...s, belowMm })) },
    });
    const at = ENGINE_DEFAULTS.girthBuckle.belowMm;
    const codes = (belowMm: number) => {
      const outcome = ask({ saddle: hung(belowMm), setup: presentSetup(hung(belowMm), 50) });
      return outcome.ok ? [] : outcome.problems.map((p) => p.code);
    };
    expect(codes(at)).toContain('STRAP_BUCKLE_ON_ANCHOR');
    expect(codes(at - LEAST_DROP_MM + 0.1)).toContain('STRAP_BUCKLE_ON_ANCHOR');
    expect(codes(at - LEAST_DROP_MM)).not.toContain('STRAP_BUCKLE_ON_ANCHOR');
  });

  it('any numbers at all are refused by code or answered with numbers', () => {
    const any = fc.oneof(fc.double(), fc.constantFrom(Number.NaN, -1, 0, 0.5, 1e9, -Infinity, 70, 50));
    fc.assert(
      fc.property(any, any, any, any, any, any, (massKg, offsetMm, stirrupShare, width, placeMm, strapPullN) => {
        const outcome = ask({ rider: { ...RIDER, massKg, offsetMm, stirrupShare }, setup: { ...setup, width, placeMm }, strapPullN });
        if (!outcome.ok) {
          expect(outcome.problems.length).toBeGreaterThan(0);
          return;
        }
        expect(Object.values(outcome.value.settled.pose).every(Number.isFinite)).toBe(true);
        expect(Number.isFinite(outcome.value.measures.peakKPa)).toBe(true);
      }),
      { numRuns: 150 },
    );
  });

  it('a saddle laid off the measured back is refused with how much', () => {
    const outcome = ask({ setup: presentSetup(saddle, 390) });
    expect(outcome).toMatchObject({ ok: false, problems: [{ code: 'SADDLE_OFF_THE_BACK' }] });
  });

  it('a saddle longer than the back still gives what is known, and how much isn’t', () => {
    const long = saddleFor(90, { lengthMm: 450 });
    const outcome = ask({ saddle: long, setup: presentSetup(long, 50) });
    expect(outcome.ok && outcome.value.offTheBackShare).toBeGreaterThan(0);
    expect(outcome.ok && outcome.value.places.panelBeforeRibMm).toBeLessThan(0);
  });

  const lain = (input: BodyInput) => {
    const body = bodyFrom(input);
    return body.ok ? ask({ body: body.value, rider: null }) : body;
  };

  it('sections a millimetre across carry nothing: no panel finds a back', () => {
    expect(lain(scaled(0.001, 1))).toMatchObject({ ok: false, problems: [{ code: 'SADDLE_OFF_THE_BACK', values: { share: 100 } }] });
  });

  it('a whole horse of a millimetre has all its stations in one place', () => {
    expect(lain(scaled(0.001, 0.001))).toMatchObject({ ok: false, problems: [{ code: 'SURFACE_STATIONS_COINCIDE' }] });
  });

  it.each([
    [3, 'settled'],
    [5, 'doesNotSit'],
  ] as const)('on a horse %s times as large as a horse the saddle %s, and that is said', (k, state) => {
    const outcome = lain(scaled(k, k));
    expect(outcome.ok && outcome.value.settled.state).toBe(state);
    expect(outcome.ok && Object.values(outcome.value.settled.pose).every(Number.isFinite)).toBe(true);
  });

  it('on one of ten metres it lies ahead of everything that was measured', () => {
    expect(lain(scaled(10, 10))).toMatchObject({ ok: false, problems: [{ code: 'SADDLE_OFF_THE_BACK' }] });
  });

  it('a section that folds back under itself still gives a balance, or says why not', () => {
    const input = inputOf(PLAIN_HORSE);
    const stations = input.stations.map((s, i) => (i === 1 ? { ...s, section: folded(s.section) } : s));
    const outcome = lain({ ...input, stations });
    expect(outcome.ok && outcome.value.settled.state).toBe('settled');
    expect(outcome.ok && Math.abs(outcome.value.settled.residual.force)).toBeLessThan(1e-6);
    expect(outcome.ok && [...outcome.value.settled.cells.pressureKPa].every(Number.isFinite)).toBe(true);
  });
});

/** Every section as many times as large, and their places along the back. */
function scaled(across: number, along: number): BodyInput {
  const input = inputOf(PLAIN_HORSE);
  return {
    ...input,
    stations: input.stations.map((s) => ({
      ...s,
      xMm: s.xMm * along,
      section: { ...s.section, points: s.section.points.map((p) => ({ yMm: p.yMm * across, zMm: p.zMm * across })) },
    })),
    topline: {
      ...input.topline!,
      points: input.topline!.points.map((p) => ({ xMm: p.xMm * along, zMm: p.zMm * across })),
    },
  };
}

/** The foot of the off flank turned in under the barrel. */
const folded = (section: Section): Section => ({
  ...section,
  points: section.points.map((p, i, all) => (i > all.length - 4 ? { yMm: p.yMm - 60, zMm: p.zMm } : p)),
});
