import { type MigrationInterface, type QueryRunner } from 'typeorm';
import { inUseOfHorse } from '../../horses/in-use';

const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
const COUNTED = ['section_take', 'visit_fact', 'decision', 'visit'] as const;
const HIGHEST = COUNTED.map((t) => `SELECT practice_id, MAX(seq) AS last FROM ${t} GROUP BY practice_id`).join(' UNION ALL ');

const STEPS = [
  // one counting a practice, raised by each write itself: what a database numbers by itself is interleaved where several servers share it
  `CREATE TABLE practice_counter (
    practice_id CHAR(36) NOT NULL PRIMARY KEY,
    last BIGINT NOT NULL,
    CONSTRAINT practice_counter_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ${TABLE}`,
  'ALTER TABLE section_take MODIFY seq BIGINT NOT NULL, DROP KEY take_seq, ADD UNIQUE KEY take_order (practice_id, seq)',
  'ALTER TABLE visit_fact MODIFY seq BIGINT NOT NULL, DROP KEY fact_seq, ADD UNIQUE KEY fact_order (practice_id, seq)',
  'ALTER TABLE decision MODIFY seq BIGINT NOT NULL, DROP KEY decision_seq, ADD UNIQUE KEY decision_order (practice_id, seq)',
  'ALTER TABLE visit ADD seq BIGINT NOT NULL DEFAULT 0',
  `UPDATE visit v JOIN (SELECT id, ROW_NUMBER() OVER (PARTITION BY practice_id ORDER BY id) AS place FROM visit) o ON o.id = v.id
    SET v.seq = o.place`,
  `INSERT INTO practice_counter SELECT practice_id, MAX(last) FROM (${HIGHEST}) c GROUP BY practice_id`,
  // what a horse is ridden in, and what a person says of it
  `ALTER TABLE horse
    ADD rides_in LONGTEXT NOT NULL DEFAULT 'null',
    ADD gone LONGTEXT NOT NULL DEFAULT 'null',
    ADD in_use LONGTEXT NOT NULL DEFAULT '{"saddle":null,"leathers":[]}'`,
  `ALTER TABLE tack_check
    ADD fall LONGTEXT NOT NULL DEFAULT 'null',
    ADD answers LONGTEXT NOT NULL DEFAULT '[]'`,
  `ALTER TABLE practice_settings ADD tack_days LONGTEXT NOT NULL DEFAULT '{"ownerLook":31,"fitterWalk":182}'`,
  'ALTER TABLE appointment ADD revision INT NOT NULL DEFAULT 0',
  "ALTER TABLE saddle ADD serial VARCHAR(60) NOT NULL DEFAULT ''",
];

/** One order of what the server took, what a horse is ridden in, falls, how long a look lasts, and a horse that went away. */
export class WhatStands1765400000000 implements MigrationInterface {
  name = 'WhatStands1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of STEPS) await runner.query(sql);
    const horses = (await runner.query('SELECT id FROM horse')) as { readonly id: string }[];
    const ask = (sql: string, values: unknown[]): Promise<unknown> => runner.query(sql, values);
    for (const { id } of horses)
      await runner.query('UPDATE horse SET in_use = ? WHERE id = ?', [JSON.stringify(await inUseOfHorse(ask, id)), id]);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
