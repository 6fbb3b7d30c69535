import { type MigrationInterface, type QueryRunner } from 'typeorm';
import { v7 } from 'uuid';

const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
const TABLES = [
  `CREATE TABLE girth (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    length_mm DOUBLE NULL,
    material VARCHAR(20) NOT NULL,
    elastic VARCHAR(20) NOT NULL,
    new_on DATE NULL,
    saddle_id CHAR(36) NULL,
    note TEXT NOT NULL,
    KEY girth_practice (practice_id, name),
    CONSTRAINT girth_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT girth_saddle FOREIGN KEY (saddle_id) REFERENCES saddle (id)
  ) ${TABLE}`,
  `CREATE TABLE tack_check (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    item_kind VARCHAR(20) NOT NULL,
    item_id CHAR(36) NOT NULL,
    made_at VARCHAR(30) NOT NULL,
    hand VARCHAR(120) NOT NULL,
    source VARCHAR(20) NOT NULL,
    round VARCHAR(20) NOT NULL,
    found LONGTEXT NOT NULL,
    mended LONGTEXT NOT NULL,
    withdrawn BOOLEAN NOT NULL,
    KEY tack_check_practice (practice_id, id),
    KEY tack_check_item (item_id, id),
    CONSTRAINT tack_check_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ${TABLE}`,
  `ALTER TABLE photo ADD COLUMN tack_check_id CHAR(36) NULL AFTER saddle_id, ADD KEY photo_tack_check (tack_check_id, taken_at),
    ADD CONSTRAINT photo_tack_check_fk FOREIGN KEY (tack_check_id) REFERENCES tack_check (id)`,
];

/** What each kind calls a finding that has no place of its own. */
const NOTED = { saddle: 'saddleOther', leather: 'leatherOther' } as const;
type Noted = { readonly id: string; readonly practiceId: string };

/**
 * Tack is walked round: how an item stands is derived from what was found on it. What was noted as unsafe goes on holding; what was noted
 * as sound without a walk is not checked.
 */
export class TackWalked1764500000000 implements MigrationInterface {
  name = 'TackWalked1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const step of TABLES) await runner.query(step);
    for (const kind of ['saddle', 'leather'] as const) {
      const held = (await runner.query(`SELECT id, practice_id AS practiceId FROM ${kind} WHERE state = 'unsafe'`)) as Noted[];
      for (const item of held) await runner.query(INSERT, holding(kind, item));
      await runner.query(`ALTER TABLE ${kind} DROP COLUMN state`);
    }
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}

const INSERT = `INSERT INTO tack_check (id, practice_id, item_kind, item_id, made_at, hand, source, round, found, mended, withdrawn)
  VALUES (?, ?, ?, ?, ?, 'As it was noted before', 'practice', 'full', ?, 'null', 0)`;

const holding = (kind: keyof typeof NOTED, { id, practiceId }: Noted): unknown[] => {
  const found = [{ point: NOTED[kind], side: null, finding: 'unsafe', note: '' }];
  return [v7(), practiceId, kind, id, new Date().toISOString(), JSON.stringify(found)];
};
