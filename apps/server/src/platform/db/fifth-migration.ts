import { outlineOf } from '@fulcra/core';
import { type MigrationInterface, type QueryRunner } from 'typeorm';

const STEPS = [
  // each visit had one decision, so its own id is free to name it
  `ALTER TABLE decision
    ADD COLUMN id CHAR(36) NULL FIRST,
    ADD COLUMN seq BIGINT NOT NULL AUTO_INCREMENT AFTER id,
    ADD COLUMN outline LONGTEXT NULL,
    ADD UNIQUE KEY decision_seq (seq)`,
  'UPDATE decision SET id = visit_id',
];
const AFTER_OUTLINES = [
  `ALTER TABLE decision
    MODIFY id CHAR(36) NOT NULL,
    MODIFY outline LONGTEXT NOT NULL,
    DROP PRIMARY KEY,
    ADD PRIMARY KEY (id),
    ADD KEY decision_visit (visit_id, seq)`,
  'ALTER TABLE visit ADD KEY visit_practice_started (practice_id, started_on, id), ADD KEY visit_practice_status (practice_id, status, started_on)',
  `CREATE TABLE practice_settings (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    finger_mm DOUBLE NOT NULL,
    CONSTRAINT practice_settings_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
];
type Stored = { readonly id: string; readonly body: string };

/** Decisions are appended and keep an outline for lists; the yard has an index; a practice has settings. */
export class KeptDecisions1764300000000 implements MigrationInterface {
  name = 'KeptDecisions1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const step of STEPS) await runner.query(step);
    for (const { id, body } of (await runner.query('SELECT id, body FROM decision')) as Stored[]) {
      const { section } = JSON.parse(body) as { section: Parameters<typeof outlineOf>[0] };
      await runner.query('UPDATE decision SET outline = ? WHERE id = ?', [JSON.stringify(outlineOf(section)), id]);
    }
    for (const step of AFTER_OUTLINES) await runner.query(step);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
