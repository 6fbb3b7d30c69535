import { STATIONS, bendsLine, helloLine, seededRandom } from '@fulcra/core';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { type WebSocket } from 'ws';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { curveSource } from './curve-source';

/** The troubles that can be asked for. See docs/curve-sensor.md. */
const settingsSchema = z.object({
  animal: z.coerce.number().int().min(1).max(8).default(3),
  station: z.enum(STATIONS).default('front'),
  noise: z.coerce.number().min(0).max(5).default(0.15),
  dropouts: z.coerce.number().min(0).max(1).default(0),
  reversed: z.enum(['0', '1']).default('0'),
  /** Lines a second. */
  rate: z.coerce.number().min(0.5).max(1000).default(12),
  /** Dies without a goodbye after so many lines; 0 never. */
  dies: z.coerce.number().int().min(0).max(100_000).default(0),
  /** Sends rubbish between its lines. */
  garbage: z.enum(['0', '1']).default('0'),
  seed: z.coerce.number().int().min(0).max(1_000_000).default(1),
});
type Settings = z.infer<typeof settingsSchema>;

const RUBBISH = ['', 'B', 'B 7 nan *00', '\u0000\u0001\u0002', 'CURVE 9 x', '{"bends":[1,2,3]}', 'B 1 2 3 4 *zz', '🐴'.repeat(200)];

/** A curve sensor that isn't there: speaks the open line protocol so that the device panel can be used and tested without one. */
export const curveStandIn: FastifyPluginAsyncZod = async (app) => {
  app.get('/api/stand-in/curve', { websocket: true, schema: { hide: true, querystring: settingsSchema } }, (socket, request) => {
    signedIn(request);
    speak(socket, request.query);
  });
};

/** What is not read is not piled up, bytes; who answers nothing for so long is gone, ms. */
const MOST_UNREAD_BYTES = 262_144;
const PING_EVERY_MS = 30_000;

/** A phone that went out of reach says no goodbye. */
function endsWhenSilent(socket: WebSocket): void {
  let alive = true;
  socket.on('pong', () => (alive = true));
  const timer = setInterval(() => {
    if (!alive) return socket.terminate();
    alive = false;
    socket.ping();
  }, PING_EVERY_MS);
  timer.unref();
  socket.on('close', () => clearInterval(timer));
}

function speak(socket: WebSocket, settings: Settings): void {
  const random = seededRandom(settings.seed);
  const next = curveSource(
    {
      animal: settings.animal,
      station: settings.station,
      noiseDeg: settings.noise,
      reversed: settings.reversed === '1',
    },
    random,
  );
  const first = next();
  socket.send(helloLine({ pitchMm: first.pitchMm, joints: first.bendsDeg.length, centreJoint: first.centreJoint, name: 'stand-in curve' }));
  let count = 0;
  const tell = (): void => {
    count++;
    if (settings.garbage === '1') socket.send(RUBBISH[count % RUBBISH.length]!);
    if (random() >= settings.dropouts) socket.send(bendsLine(count, next()));
    if (settings.dies > 0 && count >= settings.dies) socket.terminate();
  };
  const perTick = Math.max(1, Math.round(settings.rate / 100));
  const timer = setInterval(
    () => {
      for (let i = 0; i < perTick && socket.readyState === socket.OPEN && socket.bufferedAmount < MOST_UNREAD_BYTES; i++) tell();
    },
    (1000 * perTick) / settings.rate,
  );
  endsWhenSilent(socket);
  socket.on('close', () => clearInterval(timer));
  socket.on('message', (message: Buffer) => {
    if (message.toString() === 'PRESS') socket.send(`PRESS ${count}`);
  });
}
