import fc from 'fast-check';
import { sitRow } from '../../judge';
import {
  type OwnSchool,
  type SchoolChange,
  SCHOOLS,
  allSchools,
  changeProblems,
  changedAt,
  changedSchool,
  NO_LIMIT,
  RULE_TEMPLATES,
  differences,
  schoolById,
  schoolOf,
  schoolFields,
  schoolOfOwn,
} from '..';

const BASE = schoolById('static-close');
const OURS: SchoolChange[] = [
  { path: 'rules.withersOver.least', value: 40 },
  { path: 'engine.friction', value: 0.5 },
];
const own = (changes: readonly SchoolChange[], id = 1, version = 1): OwnSchool => ({
  id: `own-01890000-0000-7000-8000-00000000000${id}`,
  name: 'Ours',
  basedOn: 'static-close',
  basedOnVersion: BASE.version,
  versions: [{ version, savedAt: '2026-11-20T10:00:00.000Z', by: 'Isla', changes }],
});
const school = (changes: readonly SchoolChange[]) => {
  const made = schoolOfOwn(own(changes), BASE);
  if (!made.ok) throw new Error(JSON.stringify(made.problems));
  return made.value;
};
const codes = (changes: readonly SchoolChange[]) => changeProblems(BASE, changes).map((p) => p.code);

describe('the numbers of a school', () => {
  const paths = new Map(schoolFields(BASE).map((f) => [f.path, f]));

  it.each([
    ['rules.withersOver.least', 'mm'],
    ['rules.middleShare.most', 'share'],
    ['rules.middleShare.weight', 'number'],
    ['rules.seatLevel.least', 'deg'],
    ['rules.loadOnArea.most', 'kPa'],
    ['rules.rollLetsGo.least', 'Nm'],
    ['front.stationMm', 'mm'],
    ['chains.leanDeg', 'deg'],
    ['chains.pullN', 'N'],
    ['errors.landmarkMm.lastRib', 'mm'],
    ['engine.stiffnessKPaPerMm.wool', 'kPa/mm'],
    ['engine.hardeningMm', 'mm'],
    ['engine.friction', 'number'],
    ['engine.gaitFactors.trot', 'number'],
    ['engine.poseShares.lifted', 'share'],
    ['engine.tree.sprung.bendNmPerDeg', 'Nm/deg'],
  ])('%s can be edited, in %s', (path, unit) => {
    expect(paths.get(path)).toMatchObject({ unit });
    // what the front and the chains don't turn on can be taken away
    const mayGo = ['rules.seatLevel.least', 'rules.loadOnArea.most', 'rules.rollLetsGo.least'];
    expect(paths.get(path)!.kind).toBe(mayGo.includes(path) ? 'limit' : 'number');
  });

  it.each([
    ['front.follows', ['frontSection', 'shoulderLine', 'barsAlongShoulder']],
    ['rules.withersOver.hardStop', ['never', 'least', 'most']],
    ['rules.withersBeside.hardStop', ['never', 'least']],
    ['rules.peakRatio.hardStop', ['never', 'most']],
  ])('%s is chosen from what it may be', (path, options) => expect(paths.get(path)).toMatchObject({ kind: 'choice', options }));

  it('what refuses and what only warns is the practice’s to say, and no other word', () => {
    const ours = school([
      { path: 'rules.peakRatio.hardStop', value: 'most' },
      { path: 'front.follows', value: 'shoulderLine' },
    ]);
    expect([ours.rules.peakRatio.hardStop, ours.front.follows]).toEqual(['most', 'shoulderLine']);
    expect(sitRow('peakRatio', 3, ours.rules.peakRatio)).toMatchObject({ stops: true, verdict: 'bad' });
    expect(sitRow('peakRatio', 3, BASE.rules.peakRatio).stops).toBe(false);
    expect(codes([{ path: 'rules.peakRatio.hardStop', value: 'least' }])).toEqual(['SCHOOL_CHOICE_UNKNOWN']);
    expect(codes([{ path: 'front.follows', value: 3 }])).toEqual(['SCHOOL_CHOICE_UNKNOWN']);
    expect(codes([{ path: 'engine.friction', value: 'much' }])).toEqual(['SCHOOL_CHOICE_UNKNOWN']);
    expect(changedAt([{ path: 'front.follows', value: 'shoulderLine' }], BASE, 'front.follows', BASE.front.follows)).toEqual([]);
  });

  it('all of them lie in their own range, so that every school could be typed in again', () => {
    for (const one of SCHOOLS) {
      for (const field of schoolFields(one)) {
        if (field.kind === 'choice') {
          expect(field.options).toContain(field.value);
          continue;
        }
        const { path, value, least, most } = field;
        if (value === NO_LIMIT) continue;
        expect(`${path} ${value >= least}`).toBe(`${path} true`);
        expect(`${path} ${value <= most}`).toBe(`${path} true`);
      }
    }
  });
});

describe('an own school', () => {
  it('does what it changed, and everything else as its original', () => {
    const ours = school(OURS);
    expect([ours.rules.withersOver.least, ours.engine.friction, ours.name, ours.version]).toEqual([40, 0.5, 'Ours', 1]);
    expect(differences(ours, BASE).map(({ field, was }) => [field.path, was, field.value])).toEqual([
      ['rules.withersOver.least', BASE.rules.withersOver.least, 40],
      ['engine.friction', BASE.engine.friction, 0.5],
    ]);
    expect(BASE.engine.friction).toBe(0.35);
  });

  it('with any numbers changed and put back is its original again', () =>
    fc.assert(
      fc.property(
        fc.subarray(
          schoolFields(BASE).map((f) => f.path),
          { maxLength: 8 },
        ),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (paths, value) => {
          const away = paths.reduce<readonly SchoolChange[]>((all, path) => changedAt(all, BASE, path, value), []);
          const fields = new Map(schoolFields(BASE).map((f) => [f.path, f.value]));
          const back = paths.reduce<readonly SchoolChange[]>((all, path) => changedAt(all, BASE, path, fields.get(path)!), away);
          expect(back).toEqual([]);
        },
      ),
      { numRuns: 50 },
    ));

  it.each([
    ['a place that isn’t', [{ path: 'rules.magic.least', value: 1 }], ['SCHOOL_NUMBER_UNKNOWN']],
    ['a place on the way to one', [{ path: 'rules.withersOver', value: 1 }], ['SCHOOL_NUMBER_UNKNOWN']],
    ['what every object has', [{ path: 'rules.__proto__.least', value: 1 }], ['SCHOOL_NUMBER_UNKNOWN']],
    ['a stride, which isn’t edited', [{ path: 'engine.strides.walk.0', value: 1 }], ['SCHOOL_NUMBER_UNKNOWN']],
    ['no number', [{ path: 'engine.friction', value: Number.NaN }], ['SCHOOL_NUMBER_OUT_OF_RANGE']],
    ['too large', [{ path: 'rules.withersOver.least', value: 1001 }], ['SCHOOL_NUMBER_OUT_OF_RANGE']],
    ['a scale of nothing', [{ path: 'rules.withersOver.scale', value: 0 }], ['SCHOOL_NUMBER_OUT_OF_RANGE']],
    ['limits that cross', [{ path: 'rules.withersOver.least', value: 55 }], ['SCHOOL_LIMITS_CROSSED']],
  ])('%s is refused', (_, changes, wanted) => expect(codes(changes)).toEqual(wanted));

  it('a rule that an earlier release judged by is kept as it was written, and changes nothing', () => {
    const old = [{ path: 'rules.insideMuscle.least', value: -40 }];
    expect(codes(old)).toEqual([]);
    expect(changedSchool(BASE, old)).toEqual(BASE);
    expect(changedSchool(BASE, [...old, { path: 'rules.roll.weight', value: 3 }]).rules.roll!.weight).toBe(3);
    expect(codes([{ path: 'rules.insideMuscles.least', value: -40 }])).toEqual(['SCHOOL_NUMBER_UNKNOWN']);
  });

  it('a rule that the school hasn’t got is begun by a limit of it, with what another school has; only warning until it is told to refuse', () => {
    const path = 'rules.treeBeforeRib.least';
    expect(BASE.rules.treeBeforeRib).toBeUndefined();
    expect(schoolFields(BASE).find((f) => f.path === path)).toMatchObject({ kind: 'limit', value: NO_LIMIT, offered: true, suggested: 0 });
    const { scale, weight } = RULE_TEMPLATES.treeBeforeRib!;
    const ours = school([{ path, value: 12 }]);
    expect(ours.rules.treeBeforeRib).toEqual({ least: 12, most: null, scale, weight, hardStop: 'never' });
    expect(differences(ours, BASE).map((d) => [d.field.path, d.was])).toEqual([[path, NO_LIMIT]]);
    const refusing = school([
      { path, value: 12 },
      { path: 'rules.treeBeforeRib.hardStop', value: 'least' },
    ]);
    expect(sitRow('treeBeforeRib', 11, refusing.rules.treeBeforeRib).stops).toBe(true);
    // without a limit the rest of it is nothing
    expect(school([{ path: 'rules.treeBeforeRib.weight', value: 2 }]).rules.treeBeforeRib).toBeUndefined();
    expect(changedAt([{ path, value: 12 }], BASE, path, NO_LIMIT)).toEqual([]);
  });

  it('a limit can be taken away, with what it refused; one the front turns on can’t', () => {
    const away = school([{ path: 'rules.withersOver.most', value: NO_LIMIT }]);
    expect([BASE.rules.withersOver.most, away.rules.withersOver.most]).toEqual([expect.any(Number), null]);
    expect(school([{ path: 'rules.channelWidth.least', value: NO_LIMIT }]).rules.channelWidth).toBeUndefined();
    const onlyMost = school([
      { path: 'rules.roll.least', value: NO_LIMIT },
      { path: 'rules.roll.hardStop', value: 'least' },
    ]);
    expect(onlyMost.rules.roll).toMatchObject({ least: null, most: BASE.rules.roll!.most, hardStop: 'never' });
    expect(codes([{ path: 'rules.withersOver.least', value: NO_LIMIT }])).toEqual(['SCHOOL_CHOICE_UNKNOWN']);
    expect(codes([{ path: 'rules.treeBeforeRib.most', value: 5 }])).toEqual(['SCHOOL_NUMBER_UNKNOWN']);
    expect(codes([{ path: 'rules.treeBeforeRib.least', value: 'many' }])).toEqual(['SCHOOL_CHOICE_UNKNOWN']);
    expect(codes([{ path: 'rules.treeBeforeRib.least', value: 5000 }])).toEqual(['SCHOOL_NUMBER_OUT_OF_RANGE']);
  });

  it('limits that just meet are a school', () =>
    expect(codes([{ path: 'rules.withersOver.least', value: BASE.rules.withersOver.most! }])).toEqual([]));

  it('keeps every version it was', () => {
    const twice: OwnSchool = {
      ...own(OURS),
      versions: [...own([]).versions, { version: 2, savedAt: '2026-11-21T10:00:00.000Z', by: 'Isla', changes: OURS }],
    };
    const at = (version?: number) => schoolOfOwn(twice, BASE, version);
    expect(at(1).ok && at(1)).toMatchObject({ value: { version: 1, engine: { friction: 0.35 } } });
    expect(at()).toMatchObject({ value: { version: 2, engine: { friction: 0.5 } } });
    expect(at(3)).toMatchObject({ ok: false, problems: [{ code: 'SCHOOL_VERSION_UNKNOWN' }] });
  });
});

describe('a practice’s own schools are values that are handed on', () => {
  it('found by their id among those given and nowhere else: what wasn’t given is never stood in for', () => {
    const ours = own(OURS, 2);
    expect(schoolOf(ours.id, [])).toBeNull();
    expect(schoolOf(ours.id, [ours])!.engine.friction).toBe(0.5);
    expect(allSchools([ours]).map((s) => s.id)).toEqual([...SCHOOLS.map((s) => s.id), ours.id]);
    // asked by another practice, right afterwards in the same thread
    expect(schoolOf(ours.id, [own(OURS, 4)])).toBeNull();
    expect(allSchools([])).toEqual(SCHOOLS);
    const again = { ...ours, versions: own([], 2, 2).versions };
    expect(schoolOf(ours.id, [again])).toMatchObject({ version: 2, engine: { friction: 0.35 } });
    expect(schoolOf(ours.id, [ours])!.engine.friction).toBe(0.5);
  });

  it('one that can’t be read is left out', () => {
    const broken = own([{ path: 'rules.magic.least', value: 1 }], 3);
    expect(schoolOf(broken.id, [broken])).toBeNull();
    expect(allSchools([broken])).toEqual(SCHOOLS);
  });
});
