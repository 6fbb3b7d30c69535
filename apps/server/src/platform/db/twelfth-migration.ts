import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** When the server last heard of a thing in the bin: a device's own clock may be wrong, and thirty days are counted from here. */
export class BinHeard1765000000000 implements MigrationInterface {
  name = 'BinHeard1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE binned ADD heard_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3), ADD KEY binned_heard (restored, heard_at)',
    );
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
