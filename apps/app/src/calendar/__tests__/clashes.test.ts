import { CALENDAR_PHRASES } from '../../words/calendar-phrases';
import { clashes, plannedFor } from '../day-plan';

const at = (time: string, more: object = {}) => ({ on: '2026-12-03', at: time, minutes: 60, fitter: 'Isla', ...more });

describe('one person at two visits at once', () => {
  it.each([
    ['the same hour', at('09:30'), true],
    ['a minute before it is over', at('10:29'), true],
    ['as it is over', at('10:30'), false],
    ['one that is over as it begins', at('08:30'), false],
    ['one that lasts a minute into it', at('08:30', { minutes: 61 }), true],
    ['another day', at('09:30', { on: '2026-12-04' }), false],
    ['another person', at('09:30', { fitter: 'Rowan' }), false],
    ['the same person, spelt with a space', at('09:30', { fitter: 'Isla ' }), true],
  ])('%s', (_, other, wanted) => {
    expect(clashes(at('09:30'), other)).toBe(wanted);
    expect(clashes(other, at('09:30'))).toBe(wanted);
  });
});

it('the next visit planned is the soonest from that day on that is not called off', () => {
  const visit = (id: string, on: string, state = 'planned', horseId = 'h') => ({ id, on, state, horseId }) as never;
  const all = [
    visit('later', '2026-12-20'),
    visit('past', '2026-11-30'),
    visit('off', '2026-12-02', 'cancelled'),
    visit('soon', '2026-12-05'),
    visit('other', '2026-12-01', 'planned', 'x'),
  ];
  expect(plannedFor(all, 'h', '2026-12-01')!.id).toBe('soon');
  expect(plannedFor(all, 'h', '2026-12-05')!.id).toBe('soon');
  expect(plannedFor(all, 'h', '2026-12-21')).toBeUndefined();
});

describe('a reminder', () => {
  const letter = { owner: 'Aster', horse: 'Rushlight', why: 'half a year', planned: null, lapsed: [], practice: 'Reed' };
  it('asks for a day only where none is planned, and names the planned one', () => {
    const [asks, tells] = [
      CALENDAR_PHRASES.reminderText(letter),
      CALENDAR_PHRASES.reminderText({ ...letter, planned: '3 Dec 2026, 09:30' }),
    ];
    expect(asks).toMatch(/find a day/);
    expect(tells).not.toMatch(/find a day/);
    expect(tells).toContain('3 Dec 2026, 09:30');
  });
  it('asks for a look at what was not looked at since, by name', () => {
    expect(CALENDAR_PHRASES.reminderText({ ...letter, lapsed: ['Breaker'] })).toContain('Breaker');
    expect(CALENDAR_PHRASES.reminderText(letter)).not.toMatch(/look over the tack/);
  });
});
