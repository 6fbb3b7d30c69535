import { type Socket, connect } from 'node:net';
import { setTimeout as pause } from 'node:timers/promises';
import { SOCKET_PROTOCOL } from '@fulcra/contract';
import { v7 } from 'uuid';
import WebSocket from 'ws';
import { type OwnServer } from '../machine/own-server';
import { fitterAt, mariadbPid, ownServer, peakMb, promised, QUICK, share, torture } from './promises';

const LINES = share(50, 200);
const REQUEST_WITHIN_MS = 4000;
/** No machine is so busy that a line it means to close is open for so long after its time. */
const GIVEN_UP_MS = 120_000;

/** Opens lines that say only so much and then nothing; how many are still open when their time is over. */
async function heldOpen(server: OwnServer, begin: string): Promise<number> {
  const { port } = new URL(server.address);
  let open = 0;
  const lines = Array.from({ length: LINES }, () => {
    const line: Socket = connect(Number(port), '127.0.0.1', () => {
      open++;
      if (begin !== '') line.write(begin);
    });
    line.on('data', () => undefined).on('error', () => undefined);
    line.on('close', () => open--);
    return line;
  });
  const began = Date.now();
  await Promise.all(lines.map((line) => new Promise((done) => line.once('connect', done).once('error', done))));
  while (open > 0 && Date.now() - began < REQUEST_WITHIN_MS + GIVEN_UP_MS) await pause(100);
  const still = open;
  for (const line of lines) line.destroy();
  return still;
}

async function slowLines(server: OwnServer): Promise<void> {
  const { port } = new URL(server.address);
  const head = `PUT /api/horses/${v7()} HTTP/1.1\r\nhost: 127.0.0.1:${port}\r\n`;
  const body = await heldOpen(server, `${head}content-type: application/json\r\ncontent-length: 1000\r\n\r\n{`);
  promised('bodies that never end, still open long after their time', `${body} of ${LINES}`, body === 0);
  const headers = await heldOpen(server, head);
  promised('heads that never end, still open', `${headers} of ${LINES}`, headers === 0);
  const answer = await fetch(`${server.address}/api/health`);
  promised('health meanwhile', answer.status, answer.status === 200);
}

const HUNG_REQUESTS = 40;
/** What the server waits for a connection, and then for its answer, with what the machine does besides. */
const HUNG_WITHIN_MS = 36_000;

/** MariaDB stops without ending: everything is answered in time, and goes on when it does. */
async function hungDatabase(server: OwnServer): Promise<void> {
  const fitter = await fitterAt(server);
  process.kill(mariadbPid(), 'SIGSTOP');
  try {
    const began = Date.now();
    const asked = Array.from({ length: HUNG_REQUESTS }, () => fitter.send('GET', '/api/horses').then((r) => r.status));
    const ready = await fetch(`${server.address}/api/ready`);
    promised('ready while the database hangs', ready.status, ready.status === 503);
    const health = Date.now();
    await fetch(`${server.address}/api/health`);
    promised('health while it hangs, ms', Date.now() - health, Date.now() - health < 1000);
    const statuses = new Set(await Promise.all(asked));
    const tookMs = Date.now() - began;
    promised(
      `answers while it hangs, after ${(tookMs / 1000).toFixed(0)} s at most`,
      [...statuses].join(),
      statuses.size === 1 && statuses.has(503),
    );
    promised('none waited longer than promised, ms', tookMs, tookMs < HUNG_WITHIN_MS);
  } finally {
    process.kill(mariadbPid(), 'SIGCONT');
  }
  await pause(3000);
  const after = await Promise.all(Array.from({ length: HUNG_REQUESTS }, () => fitter.send('GET', '/api/horses').then((r) => r.status)));
  const well = after.filter((s) => s === 200).length;
  promised('answers once it goes on', `${well} of ${HUNG_REQUESTS}`, well === HUNG_REQUESTS);
}

const MOST_GROWTH_MB = 60;

/** Somebody who opens sockets and reads nothing: what the server piles up for them. */
async function unreadSockets(server: OwnServer): Promise<void> {
  const { cookie, csrf } = await fitterAt(server);
  const before = peakMb(server.pid!);
  const address = `${server.address.replace('http', 'ws')}/api/stand-in/curve?rate=1000`;
  const sockets = Array.from({ length: 10 }, () => {
    const socket = new WebSocket(address, [SOCKET_PROTOCOL, csrf], { headers: { cookie } });
    socket.on('open', () => socket.pause());
    socket.on('error', () => undefined);
    return socket;
  });
  await pause(share(4000, 20_000));
  const grown = peakMb(server.pid!) - before;
  for (const socket of sockets) socket.terminate();
  promised('memory piled up for ten sockets nobody reads, MB', grown.toFixed(0), grown < MOST_GROWTH_MB);
}

torture(async () => {
  const server = await ownServer({ FULCRA_REQUEST_WITHIN_MS: String(REQUEST_WITHIN_MS) });
  await server.start();
  await slowLines(server);
  await unreadSockets(server);
  if (!QUICK) await hungDatabase(server);
  await server.kill();
});
