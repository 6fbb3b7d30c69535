import { type Forecast } from '@fulcra/contract';
import { DEMO_ANIMALS, DEMO_APPOINTMENTS, DEMO_KEPT, DEMO_YARDS } from '@fulcra/demo';
import { dueWords, forecastWords, weeksWords } from '../../words/due-words';
import { appointmentFormSchema } from '../appointment-form';
import { dayPlans, monthAfter, weeksOf } from '../day-plan';

const horses = DEMO_ANIMALS.map(({ number, horse }) => ({
  horse: { ...horse, ...DEMO_KEPT[number], id: `019b8b1f-2400-7000-8000-${(200 + number).toString(16).padStart(12, '0')}` },
}));

describe('a day', () => {
  const [plan] = dayPlans(DEMO_APPOINTMENTS, horses, DEMO_YARDS);
  it('is by the hour, each stop with its horse and yard', () => {
    expect(plan!.stops.map((s) => [s.appointment.at, s.horseName, s.yard?.name])).toEqual([
      ['09:30', 'Pipit', 'Holm meadows'],
      ['11:00', 'Bramble', 'Skerry farm'],
      ['14:00', 'Corrie', 'Lighthouse field'],
    ]);
  });
  it('its road passes every yard once, the shortest way', () => {
    expect(plan!.road!.yards).toHaveLength(3);
    expect(plan!.road!.km).toBeGreaterThan(6);
    expect(plan!.road!.km).toBeLessThan(8);
  });
  it('what was called off or done is no longer planned; one yard makes no road', () => {
    expect(
      dayPlans(
        DEMO_APPOINTMENTS.map((a) => ({ ...a, state: 'cancelled' as const })),
        horses,
        DEMO_YARDS,
      ),
    ).toEqual([]);
    expect(dayPlans(DEMO_APPOINTMENTS.slice(0, 1), horses, DEMO_YARDS)[0]!.road).toBeNull();
    expect(dayPlans(DEMO_APPOINTMENTS, [], [])[0]!.stops[0]).toMatchObject({ horseName: '…', yard: undefined });
  });
});

describe('a month', () => {
  it('begins on Monday and ends on Sunday, and has all its days once', () => {
    for (const month of ['2026-02', '2026-11', '2028-02', '2027-01', '2026-03']) {
      const days = weeksOf(month).flat();
      expect(new Date(`${days[0]}T00:00:00Z`).getUTCDay()).toBe(1);
      expect(days.length % 7).toBe(0);
      expect(new Set(days).size).toBe(days.length);
      expect(days.filter((d) => d.startsWith(month))).toHaveLength(new Date(Date.UTC(+month.slice(0, 4), +month.slice(5), 0)).getUTCDate());
    }
  });
  it('goes on over new year, both ways', () => {
    expect(monthAfter('2026-12', 1)).toBe('2027-01');
    expect(monthAfter('2026-01', -1)).toBe('2025-12');
  });
});

describe('a visit that is planned', () => {
  const typed = { on: '2026-12-03', at: '09:30', minutes: '60', fitter: 'Isla', note: '' };
  it.each([
    [{}, true],
    [{ on: '2026-02-29' }, false],
    [{ on: '2028-02-29' }, true],
    [{ at: '24:00' }, false],
    [{ at: '9:30' }, false],
    [{ at: '23:59' }, true],
    [{ minutes: '4' }, false],
    [{ minutes: '5' }, true],
    [{ minutes: '720' }, true],
    [{ minutes: '721' }, false],
    [{ minutes: '12.5' }, false],
    [{ fitter: ' ' }, false],
  ])('%j', (change, reads) => expect(appointmentFormSchema.safeParse({ ...typed, ...change }).success).toBe(reads));
});

describe('why, in words', () => {
  const DUE = {
    horseId: 'h',
    horseName: 'Marl',
    yardId: null,
    lastVisitOn: '2026-09-01',
    on: '2026-11-03',
    reason: 'young',
    atOnce: false,
    others: [],
    forecast: null,
    schoolKnown: true,
    lapsed: [],
  } as const;
  it('says the day and the reason, that it has passed, or that it waits for nothing', () => {
    expect(dueWords(DUE, '2026-10-01')).toBe('Due 3 Nov 2026: it is young and fills out.');
    expect(dueWords(DUE, '2026-11-03')).toMatch(/^Due/);
    expect(dueWords(DUE, '2026-11-04')).toMatch(/^Overdue since 3 Nov 2026/);
    expect(dueWords({ ...DUE, atOnce: true, reason: 'pain' }, '2026-10-01')).toMatch(/^At once: .*veterinary/);
    expect([weeksWords('2026-09-01', '2026-11-03'), weeksWords('2026-09-01', '2026-09-08')]).toEqual(['9 weeks', 'one week']);
  });

  const FORECAST: Forecast = {
    id: 'frontEven',
    code: 'leaves',
    since: null,
    dates: 5,
    on: '2027-03-14',
    early: '2027-02-02',
    late: '2027-05-01',
    until: null,
    chance: 0.7,
    level: 0.917,
  };
  it.each([
    [{}, /about 14 Mar 2027 \(between 2 Feb 2027 and 1 May 2027; 70 % likely within what can be foretold, from 5 dates\)/],
    [{ late: null }, /and later than can be said/],
    [{ code: 'alreadyOut' }, /stops lying even now already/],
    [{ code: 'stays', until: '2027-06-01' }, /not within what can be foretold.*until 1 Jun 2027 \(70 % likely\)/],
    [{ code: 'tooFewDates', dates: 1 }, /one date, 4 are needed/],
    [{ since: { on: '2026-05-02', why: 'work' } }, /Counted from 2 May 2026 on, when its work changed\.$/],
  ] as const)('the forecast: %j', (change, words) => expect(forecastWords({ ...FORECAST, ...change })).toMatch(words));
});
