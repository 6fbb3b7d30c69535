import { type MigrationInterface, type QueryRunner } from 'typeorm';

const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** What was put into the bin: the things themselves stay as they are. */
export class Bin1764900000000 implements MigrationInterface {
  name = 'Bin1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE binned (
      id CHAR(36) NOT NULL PRIMARY KEY,
      practice_id CHAR(36) NOT NULL,
      kind VARCHAR(20) NOT NULL,
      name VARCHAR(120) NOT NULL,
      binned_at VARCHAR(30) NOT NULL,
      binned_by VARCHAR(120) NOT NULL,
      restored BOOLEAN NOT NULL,
      KEY binned_practice (practice_id, restored),
      CONSTRAINT binned_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
    ) ${TABLE}`);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
