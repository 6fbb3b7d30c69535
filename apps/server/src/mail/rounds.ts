import { type FastifyInstance } from 'fastify';
import { type Deliver, type PostOffice } from './post-office';

const EVERY_MS = 15_000;

/** Goes round every quarter of a minute while the server runs; what fails is tried again by itself. */
export function mailRounds(app: FastifyInstance, office: PostOffice, deliver: Deliver): { readonly goNow: () => Promise<void> } {
  let under: Promise<void> = Promise.resolve();
  const go = (): Promise<void> => {
    under = under.then(async () => {
      try {
        await office.sendDue(deliver, new Date());
      } catch (error) {
        app.log.error({ problem: error instanceof Error ? error.message : 'unknown' }, 'the mail round failed; it is tried again');
      }
    });
    return under;
  };
  const timer = setInterval(() => void go(), EVERY_MS);
  timer.unref();
  app.addHook('onClose', async () => {
    clearInterval(timer);
    await under;
  });
  return { goNow: go };
}
