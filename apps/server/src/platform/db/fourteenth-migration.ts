import { type MigrationInterface, type QueryRunner } from 'typeorm';

const CHANGES = [
  // which visit of a horse is under way is found by an index alone
  'ALTER TABLE visit ADD KEY visit_horse_status (horse_id, status, started_on)',
  'ALTER TABLE photo ADD kept_bytes INT NULL, ADD width_px INT NULL, ADD height_px INT NULL, ADD KEY photo_of_practice (practice_id, bytes)',
  // what came whole before pictures were opened stays as it came
  'UPDATE photo SET kept_bytes = bytes WHERE held_bytes = bytes',
  `CREATE TABLE photo_small (
    photo_id CHAR(36) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL PRIMARY KEY,
    content MEDIUMBLOB NOT NULL,
    CONSTRAINT photo_small_photo FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
];

/** A picture is opened before it is kept: how many bytes it has then, its size, and a small one for lists. */
export class OpenedPhotos1765200000000 implements MigrationInterface {
  name = 'OpenedPhotos1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of CHANGES) await runner.query(sql);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
