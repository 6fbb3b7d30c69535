import { sectionMeasurement } from '@fulcra/core';
import { type TakeRecord } from '@fulcra/contract';
import { agreementWords, takeWords } from '../../words/agreement-words';

let count = 0;
const take = (near1: number, near2: number, withdrawn = false): TakeRecord => ({
  id: `t${count++}`,
  visitId: 'v',
  station: 'front',
  takenAtMm: 50,
  takenAt: `2026-11-23T09:00:${String(count % 60).padStart(2, '0')}.000Z`,
  hand: 'Isla',
  withdrawn,
  reading: {
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: near1, offMm: near1 + 1 },
      { depthMm: 120, nearMm: near2, offMm: near2 + 1 },
    ],
  },
});
const words = (...takes: TakeRecord[]) => agreementWords(sectionMeasurement(takes, 'front', 50));

describe('a front said to be as last time', () => {
  it('is named as that, by day and in the strip', () => {
    const points = sectionMeasurement([take(78, 140), take(79, 141)], 'front', 50).consensus!.points;
    const said: TakeRecord = { ...take(1, 1), reading: { kind: 'asLast', day: '2026-09-18', points: [...points] } };
    const made = sectionMeasurement([said], 'front', 50);
    expect(agreementWords(made)).toEqual(['lookOut', expect.stringMatching(/^As on 18 Sept? 2026, not measured today/)]);
    expect(takeWords(made, said.id)).toEqual(['lookOut', 'as last time']);
    expect(words(said, take(78, 140))[1]).not.toContain('As on');
  });
});

describe('what the takes of a front say together', () => {
  it('goes from open over doubtful to measured', () => {
    const pegs = [[], [take(78, 140)], [take(78, 140), take(90, 152)], [take(78, 140), take(79, 141)]].map(
      (t) => sectionMeasurement(t, 'front', 50).peg,
    );
    expect(pegs).toEqual(['open', 'doubtful', 'doubtful', 'measured']);
  });

  it('a withdrawn take doesn’t count and can be brought back', () => {
    const front = sectionMeasurement([take(78, 140), take(95, 160, true), take(79, 141)], 'front', 50);
    expect(front.takes.map((t) => t.number)).toEqual([1, 3]);
    expect(front.withdrawn).toHaveLength(1);
    expect(front.agreement.state).toBe('agree');
  });

  it.each([
    [[], 'plain', /No take yet/],
    [[take(78, 140)], 'lookOut', /One take can be believed, not proved/],
    [[take(78, 140), take(92, 155)], 'bad', /Takes 1 and 2 differ by \d+ mm in width and [\d.]+°. One more take/],
    [[take(78, 140), take(79, 141)], 'lookOut', /2 takes agree.*A third makes it sure/],
    [[take(78, 140), take(79, 141), take(78, 141)], 'good', /3 takes agree/],
    [
      [take(78, 140), take(92, 155), take(79, 141)],
      'lookOut',
      /Take 2 is the odd one out: it lies [\d.]+ mm off what the others say together/,
    ],
  ] as const)('says so: case %#', (takes, tone, text) => {
    const [foundTone, found] = words(...takes);
    expect(foundTone).toBe(tone);
    expect(found).toMatch(text);
  });

  it('each take has a word of its own', () => {
    const takes = [take(78, 140), take(92, 155), take(79, 141)];
    const front = sectionMeasurement(takes, 'front', 50);
    expect(takes.map((t) => takeWords(front, t.id)[0])).toEqual(['good', 'bad', 'good']);
  });
});
