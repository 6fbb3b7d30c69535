import { CRITERIA, CRITERION_IDS, type SitVerdict, presentSetup, schoolById, sitRow, QUICK, ReadyBody, describedOf } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBodyInput } from '@fulcra/demo';
import { sitNumber } from '../sit-number';
import { SIT_WORDS, howWords } from '../criterion-words';
import { reasonWithin, remedyOfRow, rowWords, sitHeadline, wantedWords } from '../sit-words';
import { personUnit } from '../person-unit';
import { workingLines } from '../working-words';
import { PLAIN_RIDER } from '../../fit-room';

const rowOf = (id: (typeof CRITERION_IDS)[number], value: number | null) => sitRow(id, value, schoolById('static-close').rules[id]);
const verdict = (...rows: ReturnType<typeof rowOf>[]): SitVerdict => ({
  schoolId: 'static-close',
  schoolName: 'Static close',
  rows,
  stops: rows.filter((r) => r.stops),
  worst: rows.filter((r) => r.costs > 0),
  score: 50,
  chains: [],
  standsOn: { share: 1, waitsFor: [], byEye: [], unmeasured: [] },
});

describe('the verdict in one sentence', () => {
  it('of a refused saddle says why, with its number', () => {
    expect(sitHeadline(verdict(rowOf('withersOver', 12)))).toBe('Refused: too low over the withers (12 mm).');
    expect(sitHeadline(verdict(rowOf('panelBeforeRib', -20), rowOf('withersOver', 12)))).toContain('and 1 more');
  });

  it('of one that nearly fits says what is off, and of one that fits that it does', () => {
    expect(reasonWithin(verdict(rowOf('withersOver', 12)))).toBe('too low over the withers (12 mm)');
    expect(reasonWithin(verdict(rowOf('seatLevel', 2.6)))).toBe('close: the seat tips back (+2.6°)');
    expect(sitHeadline(verdict(rowOf('seatLevel', 2.6)))).toBe('Close: the seat tips back (+2.6°).');
    expect(sitHeadline(verdict(rowOf('seatLevel', 0.2)))).toBe('Sits level, even and clear.');
  });
});

describe('words for every criterion', () => {
  it.each(CRITERION_IDS)('%s has a name, says where its number comes from, and a fault and a remedy wherever it can miss', (id) => {
    const words = SIT_WORDS[id];
    const rule = schoolById('static-close').rules[id];
    expect(words.name).not.toBe('');
    expect(howWords(id, schoolById('static-close'))).toMatch(/\.$/);
    if (rule?.least != null && id !== 'padThickness') expect([words.low, words.raise]).not.toContain('');
    if (rule?.most != null) expect([words.high, words.lower]).not.toContain('');
  });

  it('signs what has a direction and nothing else', () => {
    expect(sitNumber('roll', 'deg', 1.24)).toBe('+1.2°');
    expect(sitNumber('driftAlong', 'index', -0.151)).toBe('−0.15');
    expect(sitNumber('panelBeforeRib', 'mm', -12.4)).toBe('−12 mm');
    expect(sitNumber('middleShare', 'share', 0.314)).toBe('31 %');
  });

  it('says what is wanted of a number in the school’s own limits', () => {
    expect(wantedWords(rowOf('withersOver', 40))).toBe('wants 36 mm to 54 mm');
    expect(wantedWords(rowOf('pointBehindScapula', 40))).toBe('wants ≥ 50 mm');
    expect(rowWords(rowOf('pointBehindScapula', 40))).toMatch(/too near the scapula/);
    expect(remedyOfRow(rowOf('roll', 3))).toMatch(/off side/);
  });
});

describe('the working of a number', () => {
  const saddle = describedOf(DEMO_SADDLES[0]!);
  const ready = new ReadyBody(trueBodyInput(DEMO_ANIMALS[0]!.back));
  const outcome = QUICK.sit(ready, {
    saddle,
    setup: presentSetup(saddle, 55),
    rider: PLAIN_RIDER,
    pose: 'resting',
    strapPullN: 60,
    school: schoolById('static-close'),
  });

  it.each(CRITERION_IDS)('%s shows figures and never a hole', (id) => {
    if (!outcome.ok) throw new Error('refused');
    const lines = workingLines(id, outcome.value);
    expect(lines.length).toBeGreaterThan(0);
    for (const line of lines) expect(line).not.toMatch(/NaN|undefined|null|Infinity/);
    expect(CRITERIA[id]).toBeDefined();
  });

  it('is in the unit this person reads, every length of it; stiffness stays in kPa a millimetre', () => {
    if (!outcome.ok) throw new Error('refused');
    const said = () =>
      CRITERION_IDS.flatMap((id) => workingLines(id, outcome.value))
        .join('\n')
        .replaceAll('kPa/mm', '');
    expect(said()).toMatch(/ mm\b/);
    personUnit.set('in');
    expect(said()).not.toMatch(/ mm\b/);
    expect(said()).toMatch(/Arch at 2.17 in/);
    personUnit.set('mm');
  });
});
