import { type MigrationInterface, type QueryRunner } from 'typeorm';
import { secret } from '../auth/secrets';

/** A key of each person's own: what they leave unsent on a device is sealed with it. And where a practice's curve sensor is. */
export class SealKeysAndSensor1765500000000 implements MigrationInterface {
  name = 'SealKeysAndSensor1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE person ADD seal_key CHAR(43) NOT NULL DEFAULT ''");
    const people = (await runner.query('SELECT id FROM person')) as { readonly id: string }[];
    for (const { id } of people) await runner.query('UPDATE person SET seal_key = ? WHERE id = ?', [secret(), id]);
    await runner.query("ALTER TABLE practice_settings ADD curve_address VARCHAR(200) NOT NULL DEFAULT ''");
    await runner.query('ALTER TABLE person ALTER seal_key DROP DEFAULT');
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
