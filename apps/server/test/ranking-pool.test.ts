import { DEMO_ANIMALS, DEMO_SADDLES, trueBodyInput } from '@fulcra/demo';
import { describedOf, schoolById } from '@fulcra/core';
import { type RankingPool, rankingPool, sharesOf } from '../src/rankings/ranking-pool';
import { bundledWorker } from './running-server';

const question = {
  school: schoolById('static-close'),
  rider: { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' as const },
  strapPullN: 60,
  body: trueBodyInput(DEMO_ANIMALS[0]!.back),
};
const stock = DEMO_SADDLES.slice(0, 2).map(describedOf);
const never = new AbortController().signal;

describe('shares of a stock', () => {
  it.each([
    [0, 4, [[]]],
    [1, 4, [[0]]],
    [4, 4, [[0], [1], [2], [3]]],
    [
      5,
      2,
      [
        [0, 2, 4],
        [1, 3],
      ],
    ],
  ])('%i saddles on %i threads', (count, threads, shares) =>
    expect(
      sharesOf(
        Array.from({ length: count }, (_, i) => i),
        threads,
      ),
    ).toEqual(shares),
  );
});

describe('the pool of ranking threads', () => {
  let pool: RankingPool;
  beforeAll(() => {
    pool = rankingPool(bundledWorker());
  });
  afterAll(() => pool.close());

  it('ranks every saddle once, best first', async () => {
    const { ranked, refused } = await pool.rank(question, stock, 'one', never);
    expect([...ranked, ...refused].map((r) => r.id).sort()).toEqual(stock.map((s) => s.id).sort());
  }, 60_000);

  it('left by who asked, running or waiting, it is ended and the next is answered', async () => {
    const gone = new AbortController();
    const running = pool.rank(question, stock, 'two', gone.signal);
    const waiting = pool.rank(question, stock, 'two', gone.signal);
    setTimeout(() => gone.abort(), 50);
    const ends = await Promise.allSettled([running, waiting]);
    expect(ends.map((e) => e.status)).toEqual(['rejected', 'rejected']);
    const next = await pool.rank(question, stock.slice(0, 1), 'two', never);
    expect(next.ranked.length + next.refused.length).toBe(1);
  }, 60_000);

  it('more than may wait are refused in words, the others answered', async () => {
    const asked = Array.from({ length: 70 }, (_, i) => pool.rank(question, [], `many ${i}`, never));
    const ends = await Promise.allSettled(asked);
    const refused = ends.filter((e) => e.status === 'rejected');
    expect(refused.length).toBeGreaterThan(0);
    expect(refused.every((e) => (e.reason as { code?: string }).code === 'RANKINGS_BUSY')).toBe(true);
    expect(ends.length - refused.length).toBeGreaterThanOrEqual(64);
  }, 60_000);
});
