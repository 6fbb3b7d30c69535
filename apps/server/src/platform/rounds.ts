import { type FastifyInstance } from 'fastify';

export interface Round {
  readonly name: string;
  readonly everyMs: number;
  readonly work: () => Promise<unknown>;
}

/** Work that is gone round to while the server runs, one round after the other; what fails is said, and tried again by itself. */
export function rounds(app: FastifyInstance, { name, everyMs, work }: Round): { readonly goNow: () => Promise<void> } {
  let under: Promise<void> = Promise.resolve();
  const go = (): Promise<void> => {
    under = under.then(async () => {
      try {
        await work();
      } catch (error) {
        app.log.error({ problem: error instanceof Error ? error.message : 'unknown' }, `${name} failed; it is tried again`);
      }
    });
    return under;
  };
  const timer = setInterval(() => void go(), everyMs);
  timer.unref();
  app.addHook('onClose', async () => {
    clearInterval(timer);
    await under;
  });
  return { goNow: go };
}
