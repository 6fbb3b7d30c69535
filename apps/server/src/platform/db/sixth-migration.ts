import { RIDER_HABITS } from '@fulcra/contract';
import { UNKNOWN_SEAT } from '@fulcra/core';
import { type MigrationInterface, type QueryRunner } from 'typeorm';

const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
const STEPS = [
  `ALTER TABLE rider
    ADD COLUMN purposes LONGTEXT NULL,
    ADD COLUMN injuries LONGTEXT NULL,
    ADD COLUMN off_leg_longer_mm DOUBLE NULL,
    ADD COLUMN uneven LONGTEXT NULL`,
  "UPDATE rider SET purposes = '[]', injuries = '[]', uneven = 'null'",
  'ALTER TABLE rider MODIFY purposes LONGTEXT NOT NULL, MODIFY injuries LONGTEXT NOT NULL, MODIFY uneven LONGTEXT NOT NULL',
  `CREATE TABLE rider_measures (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    rider_id CHAR(36) NOT NULL,
    taken_on DATE NOT NULL,
    hand VARCHAR(120) NOT NULL,
    lengths_mm LONGTEXT NOT NULL,
    withdrawn BOOLEAN NOT NULL,
    KEY rider_measures_practice (practice_id, id),
    CONSTRAINT rider_measures_rider FOREIGN KEY (rider_id) REFERENCES rider (id),
    CONSTRAINT rider_measures_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ${TABLE}`,
  `CREATE TABLE leather (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    kind VARCHAR(20) NOT NULL,
    spacing_mm DOUBLE NOT NULL,
    holes INT NOT NULL,
    first_hole INT NOT NULL,
    new_on DATE NULL,
    eye_to_tread_mm DOUBLE NOT NULL,
    iron_width_mm DOUBLE NULL,
    rider_id CHAR(36) NULL,
    saddle_id CHAR(36) NULL,
    state VARCHAR(20) NOT NULL,
    note TEXT NOT NULL,
    KEY leather_practice (practice_id, name),
    CONSTRAINT leather_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT leather_rider FOREIGN KEY (rider_id) REFERENCES rider (id),
    CONSTRAINT leather_saddle FOREIGN KEY (saddle_id) REFERENCES saddle (id)
  ) ${TABLE}`,
  `CREATE TABLE leather_take (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    leather_id CHAR(36) NOT NULL,
    taken_on DATE NOT NULL,
    hand VARCHAR(120) NOT NULL,
    way VARCHAR(20) NOT NULL,
    near LONGTEXT NOT NULL,
    off LONGTEXT NOT NULL,
    second LONGTEXT NOT NULL,
    withdrawn BOOLEAN NOT NULL,
    KEY leather_take_practice (practice_id, id),
    CONSTRAINT leather_take_leather FOREIGN KEY (leather_id) REFERENCES leather (id),
    CONSTRAINT leather_take_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ${TABLE}`,
];

/** Column, table, and what stands there for rows that were there before. */
const FILLED = [
  ['saddle', 'seat', UNKNOWN_SEAT],
  ['practice_settings', 'rider', RIDER_HABITS],
] as const;

/** Riders have purposes and dated lengths; leathers are things; saddles say what a leg meets. */
export class RidersAndLeathers1764400000000 implements MigrationInterface {
  name = 'RidersAndLeathers1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const step of STEPS) await runner.query(step);
    for (const [table, column, value] of FILLED) {
      await runner.query(`ALTER TABLE ${table} ADD COLUMN ${column} LONGTEXT NULL`);
      await runner.query(`UPDATE ${table} SET ${column} = ?`, [JSON.stringify(value)]);
      await runner.query(`ALTER TABLE ${table} MODIFY ${column} LONGTEXT NOT NULL`);
    }
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
