import { type HandKind, HANDS, TOLD_IDS, takesCoverage } from '../coverage';

const SETS = 120;
const mean = (values: readonly number[]): number => values.reduce((s, v) => s + v, 0) / values.length;

/** A small share of what `npm run coverage-of-errors` prints. */
describe('what takes tell as nine in ten, drawn from hands of their own', () => {
  const found = (Object.keys(HANDS) as HandKind[]).flatMap((hand) => [2, 3, 5].map((takes) => takesCoverage(hand, takes, SETS, 7 * takes)));

  it.each(TOLD_IDS)('%s: averaged over hands nine in ten, and no hand far under', (id) => {
    const shares = found.map((f) => f.inside[id]);
    expect(mean(shares)).toBeGreaterThan(0.87);
    expect(mean(shares)).toBeLessThan(0.975);
    expect(Math.min(...shares)).toBeGreaterThan(0.75);
  });

  it('honest takes are kept', () => expect(mean(found.map((f) => f.kept))).toBeGreaterThan(0.96));
});
