import { type MigrationInterface, type QueryRunner } from 'typeorm';

const SEEN = 'FROM visit v WHERE v.horse_id = h.id AND NOT EXISTS (SELECT 1 FROM binned b WHERE b.id = v.id AND b.restored = 0)';
const LATEST = 'ORDER BY v.started_on DESC, v.id DESC LIMIT 1';
const DECIDED = `SELECT v.id ${SEEN} AND EXISTS (SELECT 1 FROM decision d WHERE d.visit_id = v.id) ${LATEST}`;
const CHANGES = [
  `ALTER TABLE horse
    ADD in_bin BOOLEAN NOT NULL DEFAULT 0,
    ADD last_visit_on DATE NULL,
    ADD open_visit_id CHAR(36) NULL,
    ADD open_visit_on DATE NULL,
    ADD outline LONGTEXT NULL`,
  `UPDATE horse h SET
    in_bin = EXISTS (SELECT 1 FROM binned b WHERE b.id = h.id AND b.restored = 0),
    last_visit_on = (SELECT v.started_on ${SEEN} ${LATEST}),
    open_visit_id = (SELECT v.id ${SEEN} AND v.status = 'open' ${LATEST}),
    open_visit_on = (SELECT v.started_on ${SEEN} AND v.status = 'open' ${LATEST}),
    outline = (SELECT d.outline FROM decision d WHERE d.visit_id = (${DECIDED}) ORDER BY d.seq DESC LIMIT 1)`,
  `ALTER TABLE horse
    ADD KEY horse_listed (practice_id, in_bin, name, id),
    ADD KEY horse_visited (practice_id, in_bin, last_visit_on DESC, name, id),
    ADD KEY horse_under_way (practice_id, in_bin, open_visit_on)`,
  `CREATE TABLE yard_size (
    practice_id CHAR(36) NOT NULL PRIMARY KEY,
    horses INT NOT NULL,
    CONSTRAINT yard_size_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
  'INSERT INTO yard_size SELECT practice_id, COUNT(*) FROM horse WHERE in_bin = 0 GROUP BY practice_id',
];

/** How a horse stands in the yard's list is kept beside it. */
export class HorseStanding1765300000000 implements MigrationInterface {
  name = 'HorseStanding1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of CHANGES) await runner.query(sql);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
