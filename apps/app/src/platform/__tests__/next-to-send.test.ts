import { type Waiting } from '../outbox';
import { nextToSend } from '../next-to-send';
import { type Write } from '../write';

const horse = { name: 'Marl', kind: '', bornYear: null, heightMm: null, note: '', sex: 'unknown' as const, riderIds: [] };
const horseWrite: Write = { kind: 'horse', horseId: 'h', body: horse };
const visitWrite: Write = {
  kind: 'visit',
  visitId: 'v',
  body: { horseId: 'h', startedOn: '2026-11-20', schoolId: 'static-close', stationMm: 50, status: 'open', note: '', result: null },
};
const fact: Write = {
  kind: 'fact',
  visitId: 'v',
  factId: 'f',
  body: { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'cautionsShown' } },
};
let order = 0;
const waiting = (write: Write, refused?: Waiting['refused'], practiceId = 'p'): Waiting => ({
  id: `w${order}`,
  order: order++,
  practiceId,
  write,
  refused,
});
const WRONG = { message: 'no', remedy: 'no' };
const CLASH = { ...WRONG, clash: { fields: ['note'], theirs: {} } };

describe('what may be sent next', () => {
  it('is the oldest of this practice', () => {
    const [other, first, second] = [waiting(horseWrite, undefined, 'q'), waiting(horseWrite), waiting(visitWrite)];
    expect(nextToSend([other, first, second], 'p')).toBe(first);
  });

  it('a later change of the same thing waits for the refused one before it', () => {
    const [clashing, later, elsewhere] = [waiting(horseWrite, CLASH), waiting(horseWrite), waiting(visitWrite)];
    expect(nextToSend([clashing, later, elsewhere], 'p')).toBe(elsewhere);
  });

  it('what hangs on a visit the server would not have waits for it, and is not refused one by one', () => {
    expect(nextToSend([waiting(visitWrite, WRONG), waiting(fact)], 'p')).toBeUndefined();
  });

  it('findings of a visit whose note clashes go on', () => {
    const finding = waiting(fact);
    expect(nextToSend([waiting(visitWrite, CLASH), finding], 'p')).toBe(finding);
  });
});
