import { createInterface } from 'node:readline';
import { parseArgs } from 'node:util';
import { WebSocketServer } from 'ws';

const USAGE = `Passes a curve sensor's lines on to a page of Fulcra on this very device, which may open ws:// here though it came over https.

  <whatever reads the sensor> | npm run -s curve-bridge -- --page https://fitting.example [--port 8081]

Lines are read from the standard input, in the protocol of docs/curve-sensor.md; the last CURVE line is said first to whoever connects.
In Fulcra, under Practice, the sensor is then at ws://127.0.0.1:8081.`;

const { values } = parseArgs({ options: { page: { type: 'string' }, port: { type: 'string', default: '8081' } } });
const page = values.page !== undefined && URL.canParse(values.page) ? new URL(values.page).origin : null;
const port = Number(values.port);
if (page === null || !Number.isInteger(port) || port < 1 || port > 65_535) {
  console.error(USAGE);
  process.exit(1);
}

/** Heard on this device alone, and by that page alone: any other in the browser could ask for it too. */
const server = new WebSocketServer({ host: '127.0.0.1', port, verifyClient: ({ origin }) => origin === page, maxPayload: 1024 });
let hello = null;
server.on('listening', () => console.error(`Passing lines on at ws://127.0.0.1:${port} to ${page}.`));
server.on('connection', (socket) => {
  if (hello !== null) socket.send(hello);
});
server.on('error', (error) => {
  console.error(`Nothing is passed on: ${error.message}`);
  process.exit(1);
});

const lines = createInterface({ input: process.stdin, crlfDelay: Infinity });
lines.on('line', (line) => {
  if (line.startsWith('CURVE ')) hello = line;
  for (const socket of server.clients) socket.send(line);
});
lines.on('close', () => {
  for (const socket of server.clients) {
    socket.send('BYE the sensor sends nothing more');
    socket.close();
  }
  server.close();
});
