import { DEFAULT_TIME_ZONE } from '@fulcra/contract';
import { VISIT_INTERVAL_DAYS } from '@fulcra/core';
import { type MigrationInterface, type QueryRunner } from 'typeorm';

const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
const STEPS = [
  `CREATE TABLE contact (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    email VARCHAR(200) NOT NULL,
    phone VARCHAR(60) NOT NULL,
    remind BOOLEAN NOT NULL,
    note TEXT NOT NULL,
    KEY contact_practice (practice_id, name),
    CONSTRAINT contact_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ${TABLE}`,
  `CREATE TABLE yard (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    address VARCHAR(500) NOT NULL,
    place LONGTEXT NOT NULL,
    contact_id CHAR(36) NULL,
    note TEXT NOT NULL,
    KEY yard_practice (practice_id, name),
    CONSTRAINT yard_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT yard_contact FOREIGN KEY (contact_id) REFERENCES contact (id)
  ) ${TABLE}`,
  `ALTER TABLE horse
    ADD COLUMN owner_id CHAR(36) NULL,
    ADD COLUMN payer_id CHAR(36) NULL,
    ADD COLUMN yard_id CHAR(36) NULL,
    ADD CONSTRAINT horse_owner FOREIGN KEY (owner_id) REFERENCES contact (id),
    ADD CONSTRAINT horse_payer FOREIGN KEY (payer_id) REFERENCES contact (id),
    ADD CONSTRAINT horse_yard FOREIGN KEY (yard_id) REFERENCES yard (id)`,
  `CREATE TABLE appointment (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    horse_id CHAR(36) NOT NULL,
    on_day DATE NOT NULL,
    at_time VARCHAR(5) NOT NULL,
    minutes INT NOT NULL,
    reason VARCHAR(20) NOT NULL,
    fitter VARCHAR(120) NOT NULL,
    state VARCHAR(20) NOT NULL,
    note TEXT NOT NULL,
    KEY appointment_practice (practice_id, on_day, at_time),
    CONSTRAINT appointment_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT appointment_horse FOREIGN KEY (horse_id) REFERENCES horse (id)
  ) ${TABLE}`,
  'ALTER TABLE practice_settings ADD COLUMN time_zone VARCHAR(60) NULL, ADD COLUMN visit_days LONGTEXT NULL',
];

/** People and yards beside the horse, visits that are planned, and a practice's own clock and intervals. */
export class PeopleAndCalendar1764600000000 implements MigrationInterface {
  name = 'PeopleAndCalendar1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const step of STEPS) await runner.query(step);
    await runner.query('UPDATE practice_settings SET time_zone = ?, visit_days = ?', [
      DEFAULT_TIME_ZONE,
      JSON.stringify(VISIT_INTERVAL_DAYS),
    ]);
    await runner.query('ALTER TABLE practice_settings MODIFY time_zone VARCHAR(60) NOT NULL, MODIFY visit_days LONGTEXT NOT NULL');
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
