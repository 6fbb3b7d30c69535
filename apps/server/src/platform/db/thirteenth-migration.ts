import { type MigrationInterface, type QueryRunner } from 'typeorm';

const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin';
const CHANGES = [
  // letter by letter: what only looks like an e-mail is another one
  'ALTER TABLE person MODIFY email VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL',
  `CREATE TABLE sign_in_failure (
    id CHAR(36) NOT NULL PRIMARY KEY,
    account_hash CHAR(64) NOT NULL,
    address VARCHAR(64) NOT NULL,
    failed_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
    KEY sign_in_failure_account (account_hash, failed_at),
    KEY sign_in_failure_address (address, failed_at),
    KEY sign_in_failure_at (failed_at)
  ) ${TABLE}`,
  `CREATE TABLE known_device (
    token_hash CHAR(64) NOT NULL PRIMARY KEY,
    person_id CHAR(36) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL,
    seen_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
    CONSTRAINT known_device_person FOREIGN KEY (person_id) REFERENCES person (id)
  ) ${TABLE}`,
];

/** Failures to sign in are counted in the database, for every process and over a restart; e-mails are compared letter by letter. */
export class SignInFailures1765100000000 implements MigrationInterface {
  name = 'SignInFailures1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of CHANGES) await runner.query(sql);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
