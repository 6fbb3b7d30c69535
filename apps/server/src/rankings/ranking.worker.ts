import { parentPort, workerData } from 'node:worker_threads';
import { type RankingShare, rankShare } from './rank-saddles';

parentPort!.postMessage(rankShare(workerData as RankingShare));
