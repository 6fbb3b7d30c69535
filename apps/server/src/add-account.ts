import { createInterface } from 'node:readline/promises';
import { v7 } from 'uuid';
import { hashPassword } from './platform/auth/passwords';
import { configFrom } from './platform/config';
import { migrate, openDatabase } from './platform/db/open-database';
import { practices } from './practice/practice.repository';

const LEAST_PASSWORD = 10;

/** Asks for a new practice and its first fitter. */
async function main(): Promise<void> {
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const db = await openDatabase(configFrom(process.env).databaseUrl);
  try {
    await migrate(db);
    const practiceName = await ask.question('Name of the practice: ');
    const personName = await ask.question('Name of the fitter: ');
    const email = (await ask.question('E-mail to sign in with: ')).trim().toLowerCase();
    const password = await ask.question(`Password, at least ${LEAST_PASSWORD} characters: `);
    if (password.length < LEAST_PASSWORD)
      throw new Error(`That password has ${password.length} characters; give at least ${LEAST_PASSWORD}.`);
    await practices(db).addAccount({
      practiceId: v7(),
      practiceName,
      personId: v7(),
      personName,
      email,
      passwordHash: await hashPassword(password),
    });
    console.log(`${personName} can now sign in as ${email}.`);
  } finally {
    ask.close();
    await db.destroy();
  }
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
