import { createInterface } from 'node:readline';
import { normalEmail } from '@fulcra/contract';
import { v7 } from 'uuid';
import { hashPassword } from './platform/auth/passwords';
import { configFrom } from './platform/config';
import { migrate, openDatabase } from './open-database';
import { practices } from './practice/practice.repository';

const LEAST_PASSWORD = 10;

/** Asks for a new practice and its first fitter. */
async function main(): Promise<void> {
  const input = createInterface({ input: process.stdin });
  const lines = input[Symbol.asyncIterator]();
  const ask = async (question: string): Promise<string> => {
    process.stdout.write(question);
    const line = await lines.next();
    if (line.done) throw new Error('The input ended before everything was answered; nothing was added.');
    return line.value.trim();
  };
  const db = await openDatabase(configFrom(process.env).databaseUrl, null);
  try {
    await migrate(db);
    const practiceName = await ask('Name of the practice: ');
    const personName = await ask('Name of the fitter: ');
    const email = normalEmail(await ask('E-mail to sign in with: '));
    const password = await ask(`Password, at least ${LEAST_PASSWORD} characters: `);
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
    input.close();
    await db.destroy();
  }
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
