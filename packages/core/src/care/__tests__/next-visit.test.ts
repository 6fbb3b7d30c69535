import { type Leaves } from '../../change';
import { type NextVisitQuestion, AT_ONCE, INTERVAL_REASONS, SOONEST_DAYS, VISIT_INTERVAL_DAYS, type VisitReason, nextVisit } from '..';

const LAST = '2026-01-10';
const ask = (reasons: readonly VisitReason[], more: Partial<NextVisitQuestion> = {}) =>
  nextVisit({ lastVisitOn: LAST, reasons: new Set(reasons), forecast: null, ...more });
const leaves = (earlyDay: number): Leaves => ({
  code: 'leaves',
  chance: 0.8,
  day: earlyDay + 40,
  earlyDay,
  lateDay: null,
  trend: {} as never,
});
const dayOf = (iso: string): number => Math.round(Date.parse(`${iso}T00:00:00Z`) / 86_400_000);

describe('when a horse is due', () => {
  it('the intervals are the usual ones', () => {
    expect(VISIT_INTERVAL_DAYS).toEqual({
      ...{ shimsInUse: 42, newSaddle: 56, growing: 63, young: 63, returning: 63, newFlocking: 63 },
      ...{ changedWeight: 70, changedWork: 70, settledAdult: 182 },
    });
    expect(SOONEST_DAYS).toBe(14);
  });

  it.each([
    ['settledAdult', '2026-07-11'],
    ['shimsInUse', '2026-02-21'],
    ['newSaddle', '2026-03-07'],
    ['young', '2026-03-14'],
    ['growing', '2026-03-14'],
    ['returning', '2026-03-14'],
    ['newFlocking', '2026-03-14'],
    ['changedWeight', '2026-03-21'],
    ['changedWork', '2026-03-21'],
  ] as const)('%s alone: %s', (reason, on) => {
    expect(ask([reason])).toMatchObject({ on, reason, atOnce: false });
  });

  it('with nothing special half a year, and that stays behind whatever comes sooner', () => {
    expect(ask([])).toMatchObject({ on: '2026-07-11', reason: 'settledAdult', others: [] });
    expect(ask(['young', 'shimsInUse']).others).toEqual([
      { reason: 'young', on: '2026-03-14' },
      { reason: 'settledAdult', on: '2026-07-11' },
    ]);
  });

  it.each(['pain', 'unsafeTack', 'fall'] as const)('%s waits for nothing', (reason) => {
    expect(ask([reason, 'shimsInUse'])).toMatchObject({ on: LAST, reason, atOnce: true });
    expect(AT_ONCE).toContain(reason);
  });

  it('the forecast counts by its early end, where that is sooner than the rule', () => {
    expect(ask([], { forecast: leaves(dayOf('2026-05-01')) })).toMatchObject({ on: '2026-05-01', reason: 'treeForecast' });
    expect(ask([], { forecast: leaves(dayOf('2026-09-01')) })).toMatchObject({ reason: 'settledAdult' });
  });

  it('never within fourteen days of the visit, however soon the forecast or a practice’s own interval is', () => {
    expect(ask([], { forecast: leaves(dayOf('2026-01-12')) }).on).toBe('2026-01-24');
    expect(ask([], { forecast: leaves(dayOf('2026-01-24')) }).on).toBe('2026-01-24');
    expect(ask([], { forecast: leaves(dayOf('2026-01-25')) }).on).toBe('2026-01-25');
    expect(ask(['shimsInUse'], { intervals: { ...VISIT_INTERVAL_DAYS, shimsInUse: 3 } }).on).toBe('2026-01-24');
    expect(ask([], { forecast: { code: 'alreadyOut', chance: 1, trend: {} as never } })).toMatchObject({
      on: '2026-01-24',
      reason: 'treeForecast',
    });
  });

  it('what stays, and what can’t be known, brings nobody', () => {
    expect(ask([], { forecast: { code: 'stays', untilDay: 1, chance: 0, trend: {} as never } }).reason).toBe('settledAdult');
    expect(ask([], { forecast: { code: 'tooFewDates', dates: 3, trend: null } }).reason).toBe('settledAdult');
  });

  it('a practice’s own interval is the one that counts, for each reason', () => {
    for (const reason of INTERVAL_REASONS) {
      const intervals = { ...VISIT_INTERVAL_DAYS, [reason]: 20 };
      expect(ask([reason], { intervals })).toMatchObject({ on: '2026-01-30', reason });
    }
  });

  it('days are civil days: over new year, 29 February and a clock that is put forward', () => {
    expect(ask(['newSaddle'], { lastVisitOn: '2027-12-20' }).on).toBe('2028-02-14');
    expect(ask(['young'], { lastVisitOn: '2028-01-05' }).on).toBe('2028-03-08');
    expect(ask(['shimsInUse'], { lastVisitOn: '2026-03-01' }).on).toBe('2026-04-12');
    expect(ask(['shimsInUse'], { lastVisitOn: '2028-02-29' }).on).toBe('2028-04-11');
  });
});
