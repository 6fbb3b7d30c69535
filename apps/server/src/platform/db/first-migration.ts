import { type MigrationInterface, type QueryRunner } from 'typeorm';

const TABLES = [
  `CREATE TABLE practice (
    id CHAR(36) NOT NULL PRIMARY KEY,
    name VARCHAR(120) NOT NULL
  )`,
  `CREATE TABLE person (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    email VARCHAR(200) NOT NULL,
    password_hash VARCHAR(255) NOT NULL,
    UNIQUE KEY person_email (email),
    CONSTRAINT person_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  )`,
  `CREATE TABLE session (
    token_hash CHAR(64) NOT NULL PRIMARY KEY,
    person_id CHAR(36) NOT NULL,
    csrf_token CHAR(43) NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    KEY session_expires (expires_at),
    CONSTRAINT session_person FOREIGN KEY (person_id) REFERENCES person (id)
  )`,
  `CREATE TABLE horse (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    kind VARCHAR(120) NOT NULL,
    born_year INT NULL,
    height_mm DOUBLE NULL,
    note TEXT NOT NULL,
    KEY horse_practice_name (practice_id, name),
    CONSTRAINT horse_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  )`,
  `CREATE TABLE saddle (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    maker VARCHAR(120) NOT NULL,
    kind VARCHAR(20) NOT NULL,
    width_change VARCHAR(20) NOT NULL,
    front LONGTEXT NOT NULL,
    KEY saddle_practice_name (practice_id, name),
    CONSTRAINT saddle_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  )`,
  `CREATE TABLE visit (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    horse_id CHAR(36) NOT NULL,
    fitter_id CHAR(36) NOT NULL,
    started_on DATE NOT NULL,
    school_id VARCHAR(40) NOT NULL,
    station_mm DOUBLE NOT NULL,
    status VARCHAR(10) NOT NULL,
    note TEXT NOT NULL,
    KEY visit_horse (horse_id, started_on),
    CONSTRAINT visit_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT visit_horse_fk FOREIGN KEY (horse_id) REFERENCES horse (id),
    CONSTRAINT visit_fitter FOREIGN KEY (fitter_id) REFERENCES person (id)
  )`,
  `CREATE TABLE section_take (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    visit_id CHAR(36) NOT NULL,
    hand_id CHAR(36) NOT NULL,
    station VARCHAR(20) NOT NULL,
    taken_at_mm DOUBLE NOT NULL,
    taken_at DATETIME(3) NOT NULL,
    reading LONGTEXT NOT NULL,
    withdrawn TINYINT(1) NOT NULL DEFAULT 0,
    KEY take_visit (visit_id, taken_at),
    CONSTRAINT take_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT take_visit_fk FOREIGN KEY (visit_id) REFERENCES visit (id),
    CONSTRAINT take_hand FOREIGN KEY (hand_id) REFERENCES person (id)
  )`,
  `CREATE TABLE decision (
    visit_id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    fitter_id CHAR(36) NOT NULL,
    saddle_id CHAR(36) NULL,
    decided_at DATETIME(3) NOT NULL,
    body LONGTEXT NOT NULL,
    CONSTRAINT decision_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT decision_visit FOREIGN KEY (visit_id) REFERENCES visit (id),
    CONSTRAINT decision_fitter FOREIGN KEY (fitter_id) REFERENCES person (id),
    CONSTRAINT decision_saddle FOREIGN KEY (saddle_id) REFERENCES saddle (id)
  )`,
];

export class First1763900000000 implements MigrationInterface {
  name = 'First1763900000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) {
      await runner.query(`${table} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`);
    }
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
