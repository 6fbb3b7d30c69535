import fc from 'fast-check';
import { standingDecision } from '../standing-decision';
import { type RecordedBody, type RecordedFact } from '../recorded';

const fact = (id: string, body: object, withdrawn = false): RecordedFact => ({ id, hand: '', withdrawn, body: body as RecordedBody });
const tried = (id: string, withdrawn = false) => fact(id, { kind: 'triedSetting', missed: [], score: 50 }, withdrawn);
const chosen = (triedId: string) => fact(`choice of ${triedId}`, { kind: 'chosenSetting', triedId, note: '' });
const width = (order: number) => ({ id: `width ${order}`, order, triedId: null });
const setting = (order: number, triedId: string) => ({ id: `setting ${order}`, order, triedId });
const stands = (
  all: Parameters<typeof standingDecision<ReturnType<typeof width> | ReturnType<typeof setting>>>[0],
  facts: RecordedFact[],
) => standingDecision(all, facts).decision?.id ?? null;

describe('the one decision of a visit', () => {
  it('is none while nothing is decided', () => expect(standingDecision([], [])).toEqual({ decision: null, superseded: [] }));
  it('is the width kept last while no setting is chosen', () => expect(stands([width(1), width(3), width(2)], [])).toBe('width 3'));
  it('is the chosen setting, and a width kept later doesn’t take its place', () =>
    expect(stands([width(1), setting(2, 'a'), width(3)], [tried('a'), chosen('a')])).toBe('setting 2'));
  it('is the setting chosen last', () =>
    expect(stands([setting(1, 'a'), setting(2, 'b')], [tried('a'), tried('b'), chosen('a'), chosen('b')])).toBe('setting 2'));
  it('chosen again, the first stands again', () =>
    expect(stands([setting(1, 'a'), setting(2, 'b'), setting(3, 'a')], [tried('a'), tried('b'), chosen('b'), chosen('a')])).toBe(
      'setting 3',
    ));
  it('once its setting is removed, the width stands again', () =>
    expect(stands([width(1), setting(2, 'a')], [tried('a', true), chosen('a')])).toBe('width 1'));

  it('everything else stays, oldest first, in whatever order it was heard of', () =>
    fc.assert(
      fc.property(fc.shuffledSubarray([width(1), setting(2, 'a'), width(3), setting(4, 'b')], { minLength: 4 }), (heard) => {
        const { decision, superseded } = standingDecision(heard, [tried('a'), tried('b'), chosen('a')]);
        expect(decision!.id).toBe('setting 2');
        expect(superseded.map((d) => d.id)).toEqual(['width 1', 'width 3', 'setting 4']);
      }),
    ));
});
