import { buildApp } from './app';
import { seedDemo } from './demo/seed';
import { type Config, configFrom } from './platform/config';
import { migrate, openDatabase } from './open-database';
import { oneAtATime } from './platform/db/one-at-a-time';

/** Migrate, seed an empty demo, listen, and stop in good order. */
async function main(): Promise<void> {
  const config = configFrom(process.env);
  const { ran, seeded } = await prepared(config);
  const db = await openDatabase(config.databaseUrl);
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

/** A migration may take its time, so it has a connection of its own that waits. */
async function prepared(config: Config): Promise<{ readonly ran: readonly string[]; readonly seeded: boolean }> {
  const db = await openDatabase(config.databaseUrl, null);
  try {
    return await oneAtATime(db, async () => ({ ran: await migrate(db), seeded: config.demo && (await seedDemo(db)) }));
  } finally {
    await db.destroy();
  }
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
