import { type TriedOnVisit, describedOf, presentSetup } from '@fulcra/core';
import { DEMO_SADDLES } from '@fulcra/demo';
import { type RoomStanding, nextInRoom } from '../model/next-in-room';
import { PLAIN_RIDER, type RoomState } from '../model/room-state';

const saddle = DEMO_SADDLES[5]!;
const now: RoomState = {
  saddleId: saddle.id,
  setup: presentSetup(describedOf(saddle), 50),
  rider: PLAIN_RIDER,
  pose: 'resting',
  strapPullN: 60,
};
const kept = { id: 'k', saddleId: now.saddleId, setup: now.setup, rider: now.rider, pose: now.pose } as TriedOnVisit;
const sits = { stops: [] };
const refused = { stops: [{}] } as unknown as RoomStanding['verdict'];
const next = (more: Partial<RoomStanding>): string =>
  nextInRoom({ verdict: sits, now, tried: [], chosenId: null, searched: [], ...more }).do;

describe('what the fit room proposes next', () => {
  it('waits for the verdict', () => expect(next({ verdict: null })).toBe('wait'));
  it('a setting that is not refused: keep it, then choose it, then its papers', () => {
    expect(next({})).toBe('keep');
    expect(next({ tried: [kept] })).toBe('choose');
    expect(next({ tried: [kept], chosenId: 'another' })).toBe('choose');
    expect(next({ tried: [kept], chosenId: 'k' })).toBe('papers');
  });
  it('a refused one: adjust this saddle first, then another of stock, kept or not', () => {
    expect(next({ verdict: refused })).toBe('findBest');
    expect(next({ verdict: refused, searched: ['another'] })).toBe('findBest');
    expect(next({ verdict: refused, searched: [now.saddleId] })).toBe('otherSaddle');
    expect(next({ verdict: refused, tried: [kept], searched: [now.saddleId] })).toBe('otherSaddle');
  });
  it('one that was chosen leads to its papers, refused or not: the fitter decided', () =>
    expect(next({ verdict: refused, tried: [kept], chosenId: 'k' })).toBe('papers'));
  it('what differs in one thing is another setting', () => {
    expect(next({ tried: [{ ...kept, pose: 'lifted' }] })).toBe('keep');
    expect(next({ tried: [{ ...kept, setup: { ...now.setup, placeMm: 51 } }] })).toBe('keep');
    expect(next({ tried: [{ ...kept, rider: null }] })).toBe('keep');
    expect(next({ tried: [{ ...kept, saddleId: 'another' }] })).toBe('keep');
  });
});
