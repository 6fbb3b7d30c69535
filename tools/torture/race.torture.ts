import mysql from 'mysql2/promise';
import { v7 } from 'uuid';
import { DECISION, HORSE, TAKE, startedVisit } from '../../apps/server/test/journeys';
import { standingsThatDiffer } from '../../apps/server/test/standings';
import { type Visitor } from '../../apps/server/test/visitor';
import { fitterAt, ownServer, promised, share, torture } from './promises';

const ROUNDS = share(15, 150);

type Pair = readonly [Visitor, Visitor];

/** Two devices on two processes change different fields of one horse: how often one change is gone. */
async function differentFields([one, other]: Pair): Promise<number> {
  const path = `/api/horses/${v7()}`;
  let [was, lost] = [{ ...HORSE }, 0];
  await one.send('PUT', path, was);
  for (let round = 0; round < ROUNDS; round++) {
    const wanted = { ...was, note: `note ${round}`, kind: `kind ${round}` };
    await Promise.all([
      one.send('PUT', path, { ...was, note: wanted.note, was }),
      other.send('PUT', path, { ...was, kind: wanted.kind, was }),
    ]);
    const { id: _, ...stands } = (await other.send('PUT', path, { ...was, was })).body as typeof was & { id: string };
    if (stands.note !== wanted.note || stands.kind !== wanted.kind) lost++;
    was = stands;
  }
  return lost;
}

/** The same field: how often it wasn't one taken and one told of the clash. */
async function sameField([one, other]: Pair): Promise<number> {
  const path = `/api/horses/${v7()}`;
  let [was, silent] = [{ ...HORSE }, 0];
  await one.send('PUT', path, was);
  for (let round = 0; round < ROUNDS; round++) {
    const notes = [`one ${round}`, `other ${round}`];
    const replies = await Promise.all([one, other].map((device, i) => device.send('PUT', path, { ...was, note: notes[i], was })));
    const taken = replies.findIndex((r) => r.status === 200);
    if (
      replies
        .map((r) => r.status)
        .sort()
        .join() !== '200,409'
    )
      silent++;
    was = { ...was, note: notes[taken] ?? was.note };
  }
  return silent;
}

/** A new horse sent three times at once over both: how many of the answers were not yes. */
async function thrice([one, other]: Pair): Promise<number> {
  let refused = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const path = `/api/horses/${v7()}`;
    const replies = await Promise.all([one, other, one].map((device) => device.send('PUT', path, HORSE)));
    refused += replies.filter((r) => r.status !== 200).length;
  }
  return refused;
}

/** Eight takes at once at one station, over both: how often more than five stand; decisions of both: how many are gone. */
async function appended([one, other]: Pair): Promise<{ readonly tooMany: number; readonly gone: number }> {
  let [tooMany, gone] = [0, 0];
  for (let round = 0; round < ROUNDS / 5; round++) {
    const { visitId } = await startedVisit(one, []);
    const put = (what: string, i: number, body: object) => [one, other][i % 2]!.send('PUT', `/api/visits/${visitId}/${what}/${v7()}`, body);
    const takes = await Promise.all(Array.from({ length: 8 }, (_, i) => put('takes', i, TAKE)));
    if (takes.filter((r) => r.status === 200).length !== 5) tooMany++;
    const decided = await Promise.all(Array.from({ length: 4 }, (_, i) => put('decisions', i, { ...DECISION, reasons: `of ${i}` })));
    gone += decided.filter((r) => r.status !== 200).length;
  }
  return { tooMany, gone };
}

torture(async () => {
  const server = await ownServer();
  await server.start();
  const beside = await ownServer();
  await beside.start();
  const pair: Pair = [await fitterAt(server), await fitterAt(beside)];
  const lost = await differentFields(pair);
  promised('changes of different fields lost, two devices on two processes', `${lost} of ${2 * ROUNDS}`, lost === 0);
  const silent = await sameField(pair);
  promised('changes of the same field without a clash', `${silent} of ${ROUNDS}`, silent === 0);
  const refused = await thrice(pair);
  promised('the same new record three times at once, answers other than yes', `${refused} of ${3 * ROUNDS}`, refused === 0);
  const { tooMany, gone } = await appended(pair);
  promised('more or fewer than five takes of eight at once', `${tooMany} of ${ROUNDS / 5}`, tooMany === 0);
  promised('decisions refused that came with another', `${gone} of ${(4 * ROUNDS) / 5}`, gone === 0);
  const line = await mysql.createConnection({ uri: server.databaseUrl, dateStrings: ['DATE'] });
  const differ = await standingsThatDiffer(async (sql, values) => (await line.query(sql, values))[0]);
  promised('horses that stand in the list otherwise than what was written of them', differ.length, differ.length === 0);
  await line.end();
  await Promise.all([server.kill(), beside.kill()]);
});
