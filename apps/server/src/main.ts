import { buildApp } from './app';
import { seedDemo } from './demo/seed';
import { configFrom } from './platform/config';
import { migrate, openDatabase } from './open-database';
import { oneAtATime } from './platform/db/one-at-a-time';

/** Migrate, seed an empty demo, listen, and stop in good order. */
async function main(): Promise<void> {
  const config = configFrom(process.env);
  const db = await openDatabase(config.databaseUrl);
  const { ran, seeded } = await oneAtATime(db, async () => ({ ran: await migrate(db), seeded: config.demo && (await seedDemo(db)) }));
  const app = await buildApp(db, config);
  app.log.info({ migrations: ran, seeded }, 'database ready');
  const stop = async (): Promise<void> => {
    await app.close();
    await db.destroy();
  };
  const end = (): void => void stop().then(() => process.exit(0));
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, end);
  // whoever started it is gone, however it went: nobody would end it any more
  process.once('disconnect', end);
  await app.listen({ host: config.host, port: config.port });
  process.send?.({ listening: app.server.address() });
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
