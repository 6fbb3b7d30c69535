import {
  chosenSettingOf,
  chosenTraitsOf,
  clearancesOf,
  feelingsOf,
  holdOfFacts,
  landmarkReadingsOf,
  liftOfFacts,
  triedSettingsOf,
} from '../facts-read';
import { type RecordedBody, type RecordedFact, factsOfKind } from '../recorded';

let count = 0;
const fact = (body: RecordedBody, withdrawn = false, id = `f${count++}`): RecordedFact => ({ id, hand: 'Isla', withdrawn, body });
const feel = (reaction: 'none' | 'guard', withdrawn = false, id?: string) =>
  fact({ kind: 'feel', spots: [{ place: 'loin', side: 'near' }], pass: 'light', reaction, signs: [] }, withdrawn, id);
const lift = (riseMm: number | null, withdrawn = false) =>
  fact({ kind: 'bellyLift', riseMm, byEye: null, even: null, withersFill: null }, withdrawn);
const tried = (id: string, score: number, stops = 0) =>
  fact({ kind: 'triedSetting', score, missed: Array(stops).fill({ id: 'sits', value: 0, stops: true }) } as never, false, id);

describe('what facts say, without the withdrawn ones', () => {
  it('feelings with their ids', () => {
    expect(feelingsOf([feel('none', false, 'a'), feel('guard', true, 'b')])).toEqual([
      { id: 'a', spots: [{ place: 'loin', side: 'near' }], pass: 'light', reaction: 'none', signs: [] },
    ]);
  });

  it('a hold, until it is cleared for that finding; a withdrawn finding or clearance counts no more', () => {
    const sore = feel('guard', false, 'sore');
    const cleared = (withdrawn: boolean) => fact({ kind: 'holdCleared', by: 'Dr. Trewin', reason: 'passed', clears: ['sore'] }, withdrawn);
    expect(holdOfFacts([sore]).state).toBe('held');
    expect(holdOfFacts([sore, cleared(false)]).state).toBe('cleared');
    expect(holdOfFacts([sore, cleared(true)]).state).toBe('held');
    expect(holdOfFacts([feel('guard', true)]).state).toBe('clear');
    expect(clearancesOf([cleared(false)])).toEqual([{ by: 'Dr. Trewin', reason: 'passed', clears: ['sore'] }]);
  });

  it('landmark readings in their order, without what the record adds', () => {
    const reading = { landmark: 'lowPoint', side: null, way: null, station: null, pose: null, atMm: 230 } as const;
    expect(landmarkReadingsOf([fact({ kind: 'landmark', ...reading }), fact({ kind: 'landmark', ...reading, atMm: 9 }, true)])).toEqual([
      reading,
    ]);
  });

  it('chosen traits name the fact they come from', () => {
    expect(chosenTraitsOf([fact({ kind: 'trait', trait: 'ribs', value: 'round' }, false, 'x')])).toEqual([
      { trait: 'ribs', value: 'round', source: { from: 'chosen', factId: 'x' } },
    ]);
  });

  it('the last belly lift that was measured, not one by eye and not a withdrawn one', () => {
    expect(liftOfFacts([])).toBeNull();
    expect(liftOfFacts([lift(10), lift(14), lift(null), lift(99, true)])).toBe(14);
  });

  it('tried settings: none refused first, then by score', () => {
    expect(triedSettingsOf([tried('low', 20), tried('refused', 90, 1), tried('high', 80)]).map((t) => t.id)).toEqual([
      'high',
      'low',
      'refused',
    ]);
  });

  it('the last choice, whose setting must still be there', () => {
    const choose = (triedId: string, withdrawn = false) => fact({ kind: 'chosenSetting', triedId, note: triedId }, withdrawn);
    const settings = [tried('a', 1), tried('b', 2)];
    expect(chosenSettingOf(settings)).toBeNull();
    expect(chosenSettingOf([...settings, choose('a'), choose('b')])).toMatchObject({ tried: { id: 'b' }, note: 'b' });
    expect(chosenSettingOf([...settings, choose('a'), choose('b', true)])).toMatchObject({ tried: { id: 'a' } });
    expect(chosenSettingOf([...settings, choose('gone')])).toBeNull();
  });

  it('facts of one kind carry whose hand and which fact', () => {
    expect(factsOfKind([fact({ kind: 'cautionsShown' }, false, 'c')], 'cautionsShown')).toMatchObject([{ id: 'c', hand: 'Isla' }]);
    expect(factsOfKind([fact({ kind: 'cautionsShown' }, true)], 'cautionsShown')).toEqual([]);
  });
});
