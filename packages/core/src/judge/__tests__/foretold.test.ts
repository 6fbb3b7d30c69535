import { FAULTS, type FaultForecast } from '../../shape';
import { type Ridden, type StrideTold } from '../../sit';
import { type InputChange, STATIC, madeInput, pose } from './made-input';
import { FAULT_EVIDENCE, foretoldAnswers, judgeSitting } from '..';

const foretold = (fault: FaultForecast['fault']): FaultForecast => ({
  fault,
  score: 3,
  likelihood: 'likely',
  for: [],
  against: [],
  remedies: [],
});
const answer = (fault: FaultForecast['fault'], change: InputChange, ridden: Ridden | null = null) =>
  foretoldAnswers([foretold(fault)], { verdict: judgeSitting(madeInput({ pulls: [{ leanDeg: 0 }], ...change }), STATIC), ridden })[0]!;
const walked = (word: StrideTold['word'], towards: StrideTold['towards']): Ridden => ({
  push: null,
  rollShapeNmPerDeg: null,
  strides: { walk: { gait: 'walk', word, towards, creepMm: 1 } as StrideTold },
});
const rowsOf = (of: ReturnType<typeof answer>): string[] => of.rows.map((r) => r.id);

describe('what the shape foretells meets what the saddle does', () => {
  it.each(FAULTS)('%s has numbers that would show it', (fault) => expect(FAULT_EVIDENCE[fault].rows.length).toBeGreaterThan(0));

  it.each<readonly [FaultForecast['fault'], InputChange, string]>([
    ['overrun', { places: { panelBeforeRibMm: -14 } }, 'panelBeforeRib'],
    ['pressOnSpine', { places: { channelSpareMm: -6 } }, 'ligamentClear'],
    ['pressOnSpine', { places: { channelMm: 50 } }, 'channelWidth'],
    ['bridge', { measures: { thirds: [0.45, 0.1, 0.45] } }, 'middleShare'],
    ['rock', { measures: { thirds: [0.2, 0.6, 0.2] } }, 'middleShare'],
    ['dropInFront', { tips: { near: 9, off: 9 } }, 'frontEven'],
    ['toOff', { settled: pose(0, 4) }, 'roll'],
    ['toNear', { settled: pose(0, -4) }, 'roll'],
  ])('%s is borne out where its number lies that way', (fault, change, row) => {
    const found = answer(fault, change);
    expect(found.state).toBe('found');
    expect(rowsOf(found)).toContain(row);
    // a saddle in which nothing is wrong holds it, or only strides tell
    expect(answer(fault, {}).state).toBe(FAULT_EVIDENCE[fault].towards.length > 0 ? 'open' : 'notFound');
  });

  it('and not where it lies the other way', () => {
    expect(answer('bridge', { measures: { thirds: [0.2, 0.6, 0.2] } }).state).toBe('notFound');
    expect(rowsOf(answer('toNear', { settled: pose(0, 4) }))).toEqual([]);
    expect(rowsOf(answer('dropInFront', { tips: { near: -9, off: -9 } }))).toEqual([]);
  });

  it('where it moves only strides tell that the saddle holds it', () => {
    expect(answer('forward', {})).toMatchObject({ state: 'open', asksToRide: true });
    expect(answer('forward', {}, walked('stays', null))).toMatchObject({ state: 'notFound', asksToRide: false });
    expect(answer('toOff', {}, walked('works', 'off')).state).toBe('found');
    expect(answer('toOff', {}, walked('works', 'near')).state).toBe('notFound');
  });

  it('what wasn’t measured stays open', () =>
    expect(answer('overrun', { body: { lastRibMm: null } })).toMatchObject({
      state: 'open',
      rows: [],
      unanswered: [{ id: 'panelBeforeRib' }],
    }));
});
