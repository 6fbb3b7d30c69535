import { type ChildProcess, fork } from 'node:child_process';
import { Agent, request } from 'node:http';
import { resolve } from 'node:path';
import mysql from 'mysql2/promise';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { v7 } from 'uuid';
import { fillYard } from '../../apps/server/test/fill-yard';
import { TAKE, startedVisit } from '../../apps/server/test/journeys';
import { Visitor } from '../../apps/server/test/visitor';
import { yardQuestion } from '../../apps/server/src/views/yard';
import { OwnServer } from '../machine/own-server';

/**
 * What an answer takes against a bare route in another process that sends the same bytes from one row of the same database, one after
 * another on a line that stays open, uncompressed; and how that grows with a practice.
 */
const SIZES = [100, 1000, 5000];
const ROUNDS = 200;
const WHOLE_VISIT = '019b8b1f-2400-7000-8000-000000000130';

const agent = new Agent({ keepAlive: true, maxSockets: 1 });

interface Asked {
  readonly url: string;
  readonly method?: string;
  readonly headers?: Record<string, string>;
  readonly body?: string;
}

/** Asks once. @returns the answer's text */
const ask = ({ url, method = 'GET', headers = {}, body }: Asked): Promise<string> =>
  new Promise((done, failed) => {
    const sent = request(url, { agent, method, headers: { ...headers, ...(body && { 'content-type': 'application/json' }) } }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () => {
        if (answer.statusCode === 200) done(Buffer.concat(parts).toString());
        else failed(new Error(`${method} ${url} was answered with ${answer.statusCode}`));
      });
    });
    sent.on('error', failed);
    sent.end(body);
  });

/** Medians of both, ms, asked in turn so that what else the machine does meets both. */
async function inTurn(ours: (i: number) => Asked, bare: (i: number) => Asked): Promise<readonly [number, number]> {
  const tookMs: [number[], number[]] = [[], []];
  for (let i = -20; i < ROUNDS; i++) {
    for (const [side, make] of [ours, bare].entries()) {
      const began = performance.now();
      await ask(make(i));
      if (i >= 0) tookMs[side]!.push(performance.now() - began);
    }
  }
  return [median(tookMs[0]), median(tookMs[1])];
}

const median = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1]!;

async function bareRoute(databaseUrl: string): Promise<{ readonly child: ChildProcess; readonly address: string }> {
  const child = fork(resolve(import.meta.dirname, 'bare-route.mjs'), { env: { ...process.env, DATABASE_URL: databaseUrl } });
  const address = await new Promise<string>((done) => child.once('message', (m: { address: string }) => done(m.address)));
  return { child, address };
}

const say = (what: string, [ours, bare]: readonly [number, number], bytes: number): void =>
  console.log(
    `${what.padEnd(44)} ${ours.toFixed(2).padStart(8)} ms ${bare.toFixed(2).padStart(8)} ms ${(ours / bare).toFixed(2).padStart(6)} x ${bytes} bytes`,
  );

async function main(): Promise<void> {
  const server = await OwnServer.prepared();
  await server.start();
  const fitter = new Visitor(server.address);
  await fitter.signIn(DEMO_ACCOUNT.email, DEMO_ACCOUNT.password);
  const line = await mysql.createConnection(server.databaseUrl);
  await line.query('CREATE TABLE bench_answer (name VARCHAR(64) PRIMARY KEY, content LONGTEXT NOT NULL)');
  const { child, address } = await bareRoute(server.databaseUrl);
  const session = (await fitter.send('GET', '/api/session')).body as { practice: { id: string }; person: { id: string } };
  const headers = { cookie: fitter.cookie, 'x-fulcra-csrf': fitter.csrf };
  const read = async (what: string, path: string, bare = '/same'): Promise<void> => {
    const ours = { url: server.address + path, headers };
    const content = await ask(ours);
    await line.query('REPLACE INTO bench_answer VALUES (?, ?)', ['same', content]);
    const plain = await ask({ url: address + bare });
    if (plain.length !== content.length) throw new Error(`${path}: ${content.length} bytes of ours, ${plain.length} of the bare route`);
    say(
      what,
      await inTurn(
        () => ours,
        () => ({ url: address + bare }),
      ),
      content.length,
    );
  };
  console.log(`What is asked, ours and a bare route of the same bytes (medians of ${ROUNDS} in turn), their ratio\n`);
  await read('a whole visit', `/api/visits/${WHOLE_VISIT}`);
  await read('the stock', '/api/saddles');
  await read('health', '/api/health');
  let filled = 0;
  for (const size of SIZES) {
    const whose = { practiceId: session.practice.id, fitterId: session.person.id };
    await fillYard((sql, values) => line.query(sql, values), whose, { horses: size - filled, visits: 6 });
    filled = size;
    await read(`the yard of ${size} horses`, '/api/horses');
    child.send(yardQuestion(session.practice.id, { search: '', rider: '', sort: 'name', from: 0, limit: 40 }));
    await read(`  against one that asks the same of the tables`, '/api/horses', '/yard');
    await read(`searched, of ${size}`, '/api/horses?search=0042');
  }
  const visits: string[] = [];
  for (let i = -20; i < ROUNDS; i++) visits.push((await startedVisit(fitter, [])).visitId);
  const body = JSON.stringify(TAKE);
  const ours = (i: number) => ({ url: `${server.address}/api/visits/${visits[i + 20]}/takes/${v7()}`, method: 'PUT', headers, body });
  say('a take kept', await inTurn(ours, () => ({ url: `${address}/${v7()}`, method: 'PUT', body })), body.length);
  child.kill();
  await line.end();
  await server.kill();
}

await main();
