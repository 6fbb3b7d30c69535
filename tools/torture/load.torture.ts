import { setTimeout as pause } from 'node:timers/promises';
import { type OwnServer } from '../machine/own-server';
import { fitterAt, ownServer, peakMb, promised, quantile, share, torture } from './promises';

const WHOLE_VISIT = '019b8b1f-2400-7000-8000-000000000130';
const RANKINGS = share(4, 16);
/** What so many at once may take besides what one takes, MB. */
const MOST_MB = 300;

/** A stall is told by its share of the work it came from: a busy machine makes both longer. */
const MOST_OF_THE_WORK = 0.25;

/** How long health takes while something else is worked on, as shares of how long that took. */
async function healthMeanwhile(server: OwnServer, work: Promise<unknown>): Promise<number[]> {
  const start = performance.now();
  let over = false;
  const until = work.finally(() => (over = true));
  const tookMs: number[] = [];
  while (!over) {
    const began = performance.now();
    await fetch(`${server.address}/api/health`);
    tookMs.push(performance.now() - began);
    await pause(25);
  }
  await until;
  const workMs = performance.now() - start;
  return tookMs.map((ms) => ms / workMs);
}

/** So many stocks ranked at once by as many people, a third of whom give up. */
async function rankings(server: OwnServer): Promise<void> {
  const question = JSON.stringify({ visitId: WHOLE_VISIT, schoolId: 'static-close', rider: null, strapPullN: 60 });
  const people = await Promise.all(Array.from({ length: RANKINGS }, () => fitterAt(server)));
  const ask = ({ cookie, csrf }: (typeof people)[number], signal?: AbortSignal) =>
    fetch(`${server.address}/api/rankings`, {
      method: 'POST',
      headers: { cookie, 'x-fulcra-csrf': csrf, 'content-type': 'application/json' },
      body: question,
      ...(signal && { signal }),
    }).then(async (r) => (await r.arrayBuffer(), r.status));
  await ask(people[0]!);
  const before = peakMb(server.pid!);
  const all = Promise.all(people.map((p, i) => ask(p, i % 3 === 2 ? AbortSignal.timeout(2000) : undefined).catch(() => 'given up')));
  const stalls = await healthMeanwhile(server, all);
  const outcomes = await all;
  const grown = peakMb(server.pid!) - before;
  promised(`memory of ${RANKINGS} rankings at once besides that of one, MB`, grown.toFixed(0), grown < MOST_MB);
  const fit = outcomes.every((o) => o === 200 || o === 503 || o === 'given up') && outcomes.includes(200);
  promised('their answers', [...new Set(outcomes)].join(), fit);
  const stall = quantile(stalls, 0.99);
  promised('health meanwhile, 99 of 100 within, share of the work', stall.toFixed(3), stall < MOST_OF_THE_WORK);
}

const CLIENTS = 10;
const YARD_ROUNDS = share(20, 100);

async function yard(server: OwnServer): Promise<void> {
  const people = await Promise.all(Array.from({ length: CLIENTS }, () => fitterAt(server)));
  const tookMs: number[] = [];
  const reading = Promise.all(
    people.map(async (person) => {
      for (let i = 0; i < YARD_ROUNDS; i++) {
        const began = performance.now();
        const { status } = await person.send('GET', '/api/horses');
        tookMs.push(performance.now() - began);
        if (status !== 200) throw new Error(`the yard was answered with ${status}`);
      }
    }),
  );
  const stalls = await healthMeanwhile(server, reading);
  promised(`the yard for ${CLIENTS} at once, median ms`, quantile(tookMs, 0.5).toFixed(0), true);
  const stall = quantile(stalls, 0.95);
  promised('health meanwhile, 95 of 100 within, share of the work', stall.toFixed(3), stall < MOST_OF_THE_WORK);
}

torture(async () => {
  const server = await ownServer();
  await server.start();
  await yard(server);
  await rankings(server);
  await server.kill();
});
