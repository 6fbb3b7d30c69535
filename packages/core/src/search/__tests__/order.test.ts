import { type Ordered, betterOf, compareSettings, stopsOf } from '..';
import { type SitVerdict, sitRow } from '../../judge';
import { schoolById } from '../../schools';

const setting = (sits: boolean, stopMiss: number, score: number): Ordered => ({ sits, stopMiss, score });
/** Best first: rests before all, then hard stops by how far, then score. */
const IN_ORDER = [
  setting(true, 0, 90),
  setting(true, 0, 60),
  setting(true, 0.3, 95),
  setting(true, 0.5, 20),
  setting(true, 2.5, 99),
  setting(false, 0, 99),
  setting(false, 1, 99),
];

describe('the order of settings', () => {
  it('is one order, whatever two are held against each other', () => {
    for (const [i, a] of IN_ORDER.entries())
      for (const [j, b] of IN_ORDER.entries()) expect(Math.sign(betterOf(a, b))).toBe(Math.sign(i - j));
  });

  it('a saddle that tips off never comes before one that misses two limits by little', () =>
    expect(betterOf(setting(false, 0, 100), setting(true, 0.4, 1))).toBeGreaterThan(0));

  it('hard stops are weighed by how far they are missed, each in its worst pose', () => {
    const rules = schoolById('static-close').rules;
    const verdict = (over: number, rib: number) =>
      ({
        stops: [sitRow('withersOver', over, rules.withersOver), sitRow('panelBeforeRib', rib, rules.panelBeforeRib)],
      }) as unknown as SitVerdict;
    const found = stopsOf([verdict(30, -5), verdict(24, -2)]);
    expect(found.stops).toEqual(['withersOver', 'panelBeforeRib']);
    expect(found.stopMiss).toBeCloseTo((rules.withersOver.least - 24) / rules.withersOver.scale + 5 / 10, 9);
    expect(stopsOf([])).toEqual({ stops: [], stopMiss: 0 });
  });

  it('no word says otherwise than the order', () => {
    const BETTER = ['comesToRest', 'noLongerRefused', 'refusedByLess', 'better'];
    const WORSE = ['findsNoRest', 'wouldBeRefused', 'refusedByMore', 'worse'];
    for (const here of IN_ORDER) {
      for (const there of IN_ORDER) {
        const { code } = compareSettings(here, there);
        const order = betterOf(there, here);
        if (BETTER.includes(code)) expect(order).toBeLessThan(0);
        else if (WORSE.includes(code)) expect(order).toBeGreaterThan(0);
        else expect(here).toBe(there);
      }
    }
  });

  it.each([
    [60.99, 'asGood'],
    [61, 'better'],
    [59.01, 'asGood'],
    [59, 'worse'],
  ] as const)('a score of %d against 60 is %s', (score, code) =>
    expect(compareSettings(setting(true, 0, 60), setting(true, 0, score)).code).toBe(code),
  );

  it('as good is never said of one that is refused and another that isn’t', () => {
    expect(compareSettings(setting(true, 0, 60), setting(true, 0.01, 60)).code).toBe('wouldBeRefused');
    expect(compareSettings(setting(true, 0.01, 60), setting(true, 0, 60)).code).toBe('noLongerRefused');
    expect(compareSettings(setting(true, 1, 60), setting(true, 1.09, 60)).code).toBe('asFarOff');
    expect(compareSettings(setting(true, 1, 60), setting(true, 1.11, 60)).code).toBe('refusedByMore');
  });
});
