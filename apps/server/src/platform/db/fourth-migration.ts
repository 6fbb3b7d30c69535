import { type MigrationInterface, type QueryRunner } from 'typeorm';

const STEPS = [
  'ALTER TABLE photo MODIFY visit_id CHAR(36) NULL, ADD COLUMN saddle_id CHAR(36) NULL AFTER visit_id',
  'ALTER TABLE photo ADD KEY photo_saddle (saddle_id, taken_at), ADD CONSTRAINT photo_saddle_fk FOREIGN KEY (saddle_id) REFERENCES saddle (id)',
];

/** Photos may be of a saddle of the stock instead of taken at a visit. */
export class SaddlePhotos1764200000000 implements MigrationInterface {
  name = 'SaddlePhotos1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const step of STEPS) await runner.query(step);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
