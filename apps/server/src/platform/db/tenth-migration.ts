import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** A practice's own schools, kept with its settings. */
export class OwnSchools1764800000000 implements MigrationInterface {
  name = 'OwnSchools1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE practice_settings ADD COLUMN schools LONGTEXT NULL`);
    await runner.query(`UPDATE practice_settings SET schools = '[]' WHERE schools IS NULL`);
    await runner.query('ALTER TABLE practice_settings MODIFY schools LONGTEXT NOT NULL');
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
