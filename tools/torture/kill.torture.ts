import { setTimeout as pause } from 'node:timers/promises';
import { v7 } from 'uuid';
import { HORSE, visitOf } from '../../apps/server/test/journeys';
import { type Visitor } from '../../apps/server/test/visitor';
import { type OwnServer } from '../machine/own-server';
import { fitterAt, mariadbPid, ownServer, promised, share, torture } from './promises';

const ROUNDS = share(3, 30);
const WRITERS = 8;
const MOST_STARTS = 60;
/** Acknowledged before a kill comes, so that there is something to lose however slow the machine. */
const LEAST_WRITTEN = 20;
/** Every so many rounds MariaDB is killed with the server; the watch over it starts it again, a little later each time. */
const DATABASE_EVERY = share(3, 10);
const FACT = { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'cautionsShown' } };

interface Kept {
  readonly visitId: string;
  /** Facts the server said it has. */
  readonly acknowledged: Set<string>;
}

/** Writes one fact after another until the line breaks; one that wasn't answered is sent again next time, as a device does. */
async function writes(fitter: Visitor, { visitId, acknowledged }: Kept, unanswered: string[], stopped: () => boolean): Promise<void> {
  while (!stopped()) {
    const id = unanswered.pop() ?? v7();
    const reply = await fitter.send('PUT', `/api/visits/${visitId}/facts/${id}`, FACT).catch(() => null);
    if (reply?.status === 200) acknowledged.add(id);
    else unanswered.push(id);
    if (reply === null) return;
  }
}

/** As often as it takes while MariaDB is being started again. */
async function startPatiently(server: OwnServer): Promise<void> {
  for (let tries = 1; ; tries++) {
    try {
      return await server.start();
    } catch (error) {
      if (tries >= MOST_STARTS) throw error;
      await pause(2000);
    }
  }
}

/** Once so many were acknowledged; not where the writers ended before. */
async function written(many: number, { acknowledged }: Kept, writing: readonly Promise<void>[]): Promise<void> {
  let ended = false;
  void Promise.all(writing).finally(() => (ended = true));
  while (acknowledged.size < many && !ended) await pause(20);
}

async function oneRound(server: OwnServer, round: number, visits: Kept[], unanswered: string[]): Promise<void> {
  await startPatiently(server);
  const fitter = await fitterAt(server);
  if (visits.length === 0) {
    const [horseId, visitId] = [v7(), v7()];
    await fitter.send('PUT', `/api/horses/${horseId}`, HORSE);
    await fitter.send('PUT', `/api/visits/${visitId}`, visitOf(horseId));
    visits.push({ visitId, acknowledged: new Set() });
  }
  let over = false;
  const writing = Array.from({ length: WRITERS }, () => writes(fitter, visits[0]!, unanswered, () => over));
  await written(visits[0]!.acknowledged.size + LEAST_WRITTEN, visits[0]!, writing);
  await pause(Math.random() * 900);
  if (round % DATABASE_EVERY === DATABASE_EVERY - 1) process.kill(mariadbPid(), 'SIGKILL');
  await server.kill();
  over = true;
  await Promise.all(writing);
}

torture(async () => {
  const server = await ownServer();
  const visits: Kept[] = [];
  const unanswered: string[] = [];
  for (let round = 0; round < ROUNDS; round++) await oneRound(server, round, visits, unanswered);
  await startPatiently(server);
  const { visitId, acknowledged } = visits[0]!;
  const fitter = await fitterAt(server);
  const { facts } = (await fitter.send('GET', `/api/visits/${visitId}`)).body as { facts: { id: string }[] };
  const there = new Set(facts.map((f) => f.id));
  const lost = [...acknowledged].filter((id) => !there.has(id)).length;
  promised(
    `acknowledged writes lost in ${ROUNDS} kills, every ${DATABASE_EVERY}th with MariaDB`,
    `${lost} of ${acknowledged.size}`,
    lost === 0,
  );
  promised('writes twice', facts.length - there.size, facts.length === there.size);
  promised('something was written', acknowledged.size, acknowledged.size >= LEAST_WRITTEN * ROUNDS);
  await server.kill();
});
