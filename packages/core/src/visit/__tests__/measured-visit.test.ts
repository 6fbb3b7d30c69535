import { type SectionStation, SECTION_STATIONS, STATIONS, STATION_TABLE, WHOLE_SECTIONS, expectedStationMm, isLine } from '../../back';
import { bodyInputOf } from '../body-input';
import { measuredStations, measuredVisit } from '../measured-visit';
import { toplineOfVisit } from '../topline-of-visit';
import { measuredNeeds } from '../needs';
import { type RecordedBody, type RecordedFact, type RecordedTake } from '../recorded';
import { ENOUGH_TAKES, missingTracing, stepDone, stepSkipped } from '../steps';

let count = 0;
const taken = (station: RecordedTake['station'], takenAtMm: number, more: Partial<RecordedTake> = {}): RecordedTake => ({
  id: `t${count++}`,
  station,
  takenAtMm,
  takenAt: '2026-11-20T09:00:00.000Z',
  hand: 'Isla',
  withdrawn: false,
  reading: {
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: 70, offMm: 71 },
      { depthMm: 120, nearMm: 130, offMm: 131 },
    ],
  },
  ...more,
});
const line = (station: 'topline' | 'withers'): RecordedTake =>
  taken(station, 0, { reading: { kind: 'line', line: Array.from({ length: 60 }, (_, i) => ({ xMm: i * 10 - 100, zMm: -i / 3 })) } });
const thrice = (make: () => RecordedTake): RecordedTake[] => Array.from({ length: ENOUGH_TAKES }, make);
const fact = (body: RecordedBody, withdrawn = false): RecordedFact => ({ id: `f${count++}`, hand: 'Isla', withdrawn, body });
const felt = (landmark: 'lowPoint' | 'girthGroove' | 'witherBase', atMm: number): RecordedFact =>
  fact({ kind: 'landmark', landmark, side: null, way: null, station: null, pose: null, atMm });
const scapula = (side: 'near' | 'off', landmark: 'scapulaRest' | 'scapulaForward', atMm: number): RecordedFact =>
  fact({ kind: 'landmark', landmark, side, way: null, station: null, pose: null, atMm });
const edge = (of: 'spine' | 'muscle', atMm: number, station: 'front' | 'low' = 'front'): RecordedFact =>
  fact({
    kind: 'landmark',
    landmark: of === 'spine' ? 'spineEdge' : 'muscleEdge',
    side: null,
    way: null,
    station,
    pose: 'relaxed',
    atMm,
  });
const rib = (atMm: number): RecordedFact =>
  fact({ kind: 'landmark', landmark: 'lastRib', side: null, way: 'flankHair', station: null, pose: null, atMm });
const measured = (takes: readonly RecordedTake[], facts: readonly RecordedFact[] = []) =>
  measuredVisit({ visit: { stationMm: 50 }, takes, facts });
const visited = (takes: readonly RecordedTake[], facts: readonly RecordedFact[] = []) => ({
  page: { facts },
  measured: measured(takes, facts),
});
const WHOLE = [...WHOLE_SECTIONS.flatMap((s) => thrice(() => taken(s, expectedStationMm(s, 50)))), ...thrice(() => line('topline'))];

describe('the stations', () => {
  it('are one table: sections across and lines along, the whole back among them', () => {
    expect(STATIONS).toEqual(Object.keys(STATION_TABLE));
    expect(SECTION_STATIONS).toEqual(['front', 'base', 'low', 'lastRib', 'extra1', 'extra2']);
    expect(WHOLE_SECTIONS).toEqual(['front', 'base', 'low', 'lastRib']);
    expect(STATIONS.filter(isLine)).toEqual(['topline', 'withers']);
  });

  it.each([
    ['front', 50],
    ['base', 100],
    ['low', 220],
    ['lastRib', 410],
  ] as const)('%s is expected at %d mm where the front is taken at 50', (station, mm) => {
    expect(expectedStationMm(station, 50)).toBe(mm);
    expect(measured([]).sections[station].takenAtMm).toBe(mm);
  });

  it('stand at their landmark once that is felt, and where they were taken once they are', () => {
    const facts = [scapula('near', 'scapulaRest', 0), scapula('off', 'scapulaRest', 0), felt('lowPoint', 250), rib(395)];
    const places = (takes: readonly RecordedTake[]) => {
      const { sections } = measured(takes, facts);
      return (['front', 'base', 'low', 'lastRib'] as const).map((s: SectionStation) => sections[s].takenAtMm);
    };
    expect(places([])).toEqual([50, 100, 250, 395]);
    expect(places([taken('low', 233)])).toEqual([50, 100, 233, 395]);
    expect(places([taken('low', 233, { withdrawn: true })])).toEqual([50, 100, 250, 395]);
  });
});

describe('what is measured', () => {
  it('needs are met one by one', () => {
    const has = (takes: readonly RecordedTake[], facts: readonly RecordedFact[] = []) => [...measuredNeeds(measured(takes, facts))].sort();
    expect(has([])).toEqual([]);
    expect(has([taken('front', 50)])).toEqual(['frontSection']);
    expect(has([taken('front', 50, { withdrawn: true })])).toEqual([]);
    expect(has([], [scapula('near', 'scapulaRest', 0)])).toEqual([]);
    const both = [scapula('near', 'scapulaRest', 0), scapula('off', 'scapulaRest', 5)];
    expect(has([], both)).toEqual(['scapulaAtRest']);
    const drawn = [...both, scapula('near', 'scapulaForward', 60), scapula('off', 'scapulaForward', 65)];
    expect(has([], drawn)).toEqual(['scapulaAtRest', 'scapulaTravel']);
    expect(has([], drawn.slice(0, 3))).toEqual(['scapulaAtRest']);
    expect(has([], [both[0]!, both[1]!, drawn[3]!])).toEqual(['scapulaAtRest']);
    expect(has([], [both[1]!])).toEqual([]);
    expect(has([], [edge('spine', 25)])).toEqual(['spineLigament']);
    expect(has([], [edge('muscle', 120)])).toEqual(['longMuscle']);
    expect(has([], [felt('lowPoint', 230)])).toEqual(['lowPoint']);
    expect(has([], [edge('muscle', 120), edge('spine', 25, 'low')])).toEqual(['longMuscle', 'spineLigament']);
    expect(has([], [felt('girthGroove', 90)])).toEqual(['girthGroove']);
    expect(has([], [rib(400)])).toEqual(['lastRib']);
    expect(has(WHOLE)).toContain('wholeBack');
    expect(has(WHOLE.filter((t) => t.station !== 'topline'))).not.toContain('wholeBack');
    expect(has(WHOLE.filter((t) => t.station !== 'base'))).not.toContain('wholeBack');
  });

  it('goes to the engine as plain data: measured stations only, each with its spread, and the lift', () => {
    const facts = [fact({ kind: 'bellyLift', riseMm: 21, byEye: null, even: null, withersFill: null })];
    const takes = [...thrice(() => taken('front', 52)), taken('lastRib', 400)];
    const input = bodyInputOf(measured(takes, facts), facts);
    expect(input.stations.map((s) => [s.station, s.xMm, s.spread.assumed])).toEqual([
      ['front', 52, false],
      ['lastRib', 400, true],
    ]);
    expect(input.liftMm).toBe(21);
    expect(input.toplineAsLast).toBe(false);
    const points = [0, 100, 200, 300, 420].map((x) => ({ yMm: x, zMm: -x / 30 }));
    const said = taken('topline', 0, { reading: { kind: 'asLast', day: '2026-09-18', points } });
    expect(bodyInputOf(measured([...takes, said]), []).toplineAsLast).toBe(true);
    expect(bodyInputOf(measured([...takes, said, line('topline')]), []).toplineAsLast).toBe(false);
    expect(measuredStations(measured(takes)).map((s) => s.xMm)).toEqual([52, 400]);
  });
});

describe('lines and shapes of a visit', () => {
  it('its topline is measured to the last rib, or to its end where that wasn’t found; untraced it isn’t', () => {
    expect(toplineOfVisit(measured([]))).toBeNull();
    const traced = thrice(() => line('topline'));
    const toEnd = toplineOfVisit(measured(traced))!;
    // a straight line that falls a third of a millimetre each ten
    expect(toEnd.dipMm).toBeCloseTo(0, 6);
    expect(toEnd.straightMm).toBeCloseTo(Math.hypot(490 - 50, 44 / 3), 0);
    expect(toplineOfVisit(measured(traced, [rib(300)]))!.straightMm).toBeCloseTo(Math.hypot(250, 25 / 3), 0);
  });

  it('the withers’ profile is its own, the topline another', () => {
    const made = measured([...thrice(() => line('withers')), line('topline')]);
    expect([made.withers.peg, made.withers.everTaken, made.topline.everTaken]).toEqual(['measured', 3, 1]);
  });

  it('sections that don’t agree yet give no shape; those that do give one', () => {
    const apart = taken('front', 50, {
      reading: {
        kind: 'widths',
        widths: [
          { depthMm: 60, nearMm: 90, offMm: 40 },
          { depthMm: 120, nearMm: 150, offMm: 90 },
        ],
      },
    });
    const one = measured(WHOLE);
    const traitsOf = (m: typeof one) => m.traits.filter((t) => t.source.from !== 'chosen').map((t) => t.trait);
    expect(traitsOf(one).length).toBeGreaterThan(0);
    expect(traitsOf(measured([taken('front', 50), apart]))).toEqual([]);
    expect(traitsOf(measured([]))).toEqual([]);
  });
});

describe('the steps of a visit', () => {
  it('tracings are a step like the others', () => {
    expect(stepDone(visited(WHOLE), 'tracings')).toBe(true);
    expect(stepDone(visited(WHOLE.slice(1)), 'tracings')).toBe(false);
  });

  it('tracings are done when every station of a whole back has enough takes that agree', () => {
    expect(missingTracing(measured([]))).toBe('front');
    expect(missingTracing(measured(WHOLE))).toBeNull();
    const oneShort = WHOLE.slice(1);
    expect(missingTracing(measured(oneShort))).toBe('front');
    expect(missingTracing(measured(WHOLE.filter((t) => t.station !== 'topline')))).toBe('topline');
  });

  it.each([
    ['intake', { kind: 'intake', field: 'weightKg', value: 500 }],
    ['intake', { kind: 'complaint', complaint: 'rolls', place: null, side: null, when: [], note: '' }],
    ['feel', { kind: 'feel', spots: [], pass: 'light', reaction: 'none', signs: [] }],
    ['shape', { kind: 'trait', trait: 'ribs', value: 'round' }],
  ] as const)('%s is done by what was found, and not once that is withdrawn', (step, body) => {
    expect(stepDone(visited([]), step)).toBe(false);
    expect(stepDone(visited([], [fact(body as RecordedBody)]), step)).toBe(true);
    expect(stepDone(visited([], [fact(body as RecordedBody, true)]), step)).toBe(false);
  });

  it('landmarks are done with both blades at rest and the last rib', () => {
    const all = [scapula('near', 'scapulaRest', 0), scapula('off', 'scapulaRest', 0), rib(400)];
    expect(stepDone(visited([], all), 'landmarks')).toBe(true);
    for (let i = 0; i < 3; i++)
      expect(
        stepDone(
          visited(
            [],
            all.filter((_, k) => k !== i),
          ),
          'landmarks',
        ),
      ).toBe(false);
  });

  it('a step left out is that step only, and not once that is taken back', () => {
    const skipped = (withdrawn: boolean) => visited([], [fact({ kind: 'skipped', step: 'feel' }, withdrawn)]);
    expect([stepSkipped(skipped(false), 'feel'), stepSkipped(skipped(false), 'shape'), stepSkipped(skipped(true), 'feel')]).toEqual([
      true,
      false,
      false,
    ]);
  });
});
