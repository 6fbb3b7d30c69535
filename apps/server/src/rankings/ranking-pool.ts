import { availableParallelism } from 'node:os';
import { type DescribedSaddle, type StockRanking, inOrder } from '@fulcra/core';
import { Piscina } from 'piscina';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type RankingQuestion, type RankingShare } from './rank-saddles';
import { Turns } from '../platform/turns';

/** Threads for all rankings together; the rest of the machine goes on serving. */
const MOST_THREADS = 4;
/** Shares of stocks that may wait for a thread; more are refused in words (default). */
const MOST_WAITING = 64;
/** Memory of a thread, MB: a stock of fifty takes about 60 (default). */
const THREAD_MB = 192;
/** A thread with nothing to do is let go after this, ms. */
const IDLE_MS = 30_000;

type PoolRanking = StockRanking & { readonly threads: number };

export interface RankingPool {
  /**
   * Ranks a stock, each thread with its share of the saddles; then all in one order.
   * @param whose one ranking at a time for each; the next waits for its turn
   * @param given ends it, waiting or running, when it is aborted
   * @throws when a share fails: the whole ranking is then refused, never a part of it given as the whole
   */
  rank(question: RankingQuestion, saddles: readonly DescribedSaddle[], whose: string, given: AbortSignal): Promise<PoolRanking>;
  close(): Promise<void>;
}

/** @param file the bundled worker */
export function rankingPool(file: URL): RankingPool {
  const threads = Math.min(MOST_THREADS, availableParallelism());
  const pool = new Piscina<RankingShare, StockRanking>({
    filename: file.href,
    minThreads: 0,
    maxThreads: threads,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: THREAD_MB },
  });
  const turns = new Turns();
  const rank: RankingPool['rank'] = (question, saddles, whose, given) =>
    turns.take(whose, async () => {
      given.throwIfAborted();
      const shares = sharesOf(saddles, threads);
      if (pool.queueSize + shares.length > MOST_WAITING) throw new FulcraError('RANKINGS_BUSY');
      const parts = await Promise.all(shares.map((share) => pool.run({ question, saddles: share }, { signal: given })));
      return { ranked: inOrder(parts.flatMap((p) => p.ranked)), refused: parts.flatMap((p) => p.refused), threads: shares.length };
    });
  return { rank, close: () => pool.destroy() };
}

/** As many shares as there are threads and saddles for; at least one, so that an empty stock is answered too. */
export function sharesOf<T>(all: readonly T[], threads: number): T[][] {
  const count = Math.max(1, Math.min(threads, all.length));
  return Array.from({ length: count }, (_, share) => all.filter((_, i) => i % count === share));
}
