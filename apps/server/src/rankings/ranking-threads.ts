import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import { type DescribedSaddle, type StockRanking, inOrder } from '@fulcra/core';
import { type RankingQuestion } from './rank-saddles';

/** Threads one ranking may take; the rest of the machine goes on serving. */
const MOST_THREADS = 4;

/**
 * Ranks a stock on as many threads as are worth it, each with its share of the saddles; then all in one order.
 * @param file the bundled worker
 * @param given ends every thread when it is aborted
 * @throws when a thread dies: the whole ranking is then refused, never a part of it given as the whole
 */
export async function rankOnThreads(
  file: URL,
  question: RankingQuestion,
  saddles: readonly DescribedSaddle[],
  given: AbortSignal,
): Promise<StockRanking & { readonly threads: number }> {
  const threads = Math.max(1, Math.min(MOST_THREADS, availableParallelism(), saddles.length));
  const shares = Array.from({ length: threads }, (_, t) => saddles.filter((_, i) => i % threads === t));
  const parts = await Promise.all(shares.map((share) => onThread(file, question, share, given)));
  return { ranked: inOrder(parts.flatMap((p) => p.ranked)), refused: parts.flatMap((p) => p.refused), threads };
}

function onThread(file: URL, question: RankingQuestion, saddles: readonly DescribedSaddle[], given: AbortSignal): Promise<StockRanking> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(file, { workerData: { question, saddles } });
    const end = (): void => void worker.terminate();
    given.addEventListener('abort', end, { once: true });
    worker.once('message', (ranking: StockRanking) => {
      given.removeEventListener('abort', end);
      resolve(ranking);
    });
    worker.once('error', reject);
    worker.once('exit', (code) => reject(new Error(`a ranking thread ended with ${code}`)));
  });
}
