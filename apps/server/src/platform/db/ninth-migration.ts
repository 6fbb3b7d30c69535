import { type MigrationInterface, type QueryRunner } from 'typeorm';

const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
const STEPS = [
  `CREATE TABLE owner_link (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    horse_id CHAR(36) NOT NULL,
    token_hash CHAR(64) NOT NULL,
    owner_name VARCHAR(120) NOT NULL,
    made_by VARCHAR(120) NOT NULL,
    made_at DATETIME(3) NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    revoked_at DATETIME(3) NULL,
    UNIQUE KEY owner_link_token (token_hash),
    KEY owner_link_horse (horse_id, made_at),
    CONSTRAINT owner_link_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT owner_link_horse FOREIGN KEY (horse_id) REFERENCES horse (id)
  ) ${TABLE}`,
  `CREATE TABLE owner_word (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    horse_id CHAR(36) NOT NULL,
    owner_name VARCHAR(120) NOT NULL,
    made_at VARCHAR(30) NOT NULL,
    body LONGTEXT NOT NULL,
    taken_up LONGTEXT NOT NULL,
    KEY owner_word_practice (practice_id, id),
    KEY owner_word_horse (horse_id, id),
    CONSTRAINT owner_word_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT owner_word_horse FOREIGN KEY (horse_id) REFERENCES horse (id)
  ) ${TABLE}`,
  `ALTER TABLE photo
    MODIFY hand_id CHAR(36) NULL,
    ADD COLUMN owner_word_id CHAR(36) NULL AFTER tack_check_id,
    ADD KEY photo_owner_word (owner_word_id, taken_at),
    ADD CONSTRAINT photo_owner_word_fk FOREIGN KEY (owner_word_id) REFERENCES owner_word (id)`,
  `CREATE TABLE calendar_feed (
    token_hash CHAR(64) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    person_id CHAR(36) NOT NULL,
    made_at DATETIME(3) NOT NULL,
    KEY calendar_feed_person (person_id),
    CONSTRAINT calendar_feed_person FOREIGN KEY (person_id) REFERENCES person (id)
  ) ${TABLE}`,
  `CREATE TABLE work_order (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    horse_id CHAR(36) NOT NULL,
    visit_id CHAR(36) NULL,
    saddle_id CHAR(36) NULL,
    contact_id CHAR(36) NULL,
    title VARCHAR(120) NOT NULL,
    \`lines\` LONGTEXT NOT NULL,
    due_on DATE NULL,
    note TEXT NOT NULL,
    state VARCHAR(20) NOT NULL,
    history LONGTEXT NOT NULL,
    KEY work_order_practice (practice_id, id),
    CONSTRAINT work_order_practice FOREIGN KEY (practice_id) REFERENCES practice (id),
    CONSTRAINT work_order_horse FOREIGN KEY (horse_id) REFERENCES horse (id),
    CONSTRAINT work_order_visit FOREIGN KEY (visit_id) REFERENCES visit (id),
    CONSTRAINT work_order_saddle FOREIGN KEY (saddle_id) REFERENCES saddle (id),
    CONSTRAINT work_order_contact FOREIGN KEY (contact_id) REFERENCES contact (id)
  ) ${TABLE}`,
  `CREATE TABLE mail_out (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    kind VARCHAR(20) NOT NULL,
    to_address VARCHAR(200) NOT NULL,
    subject VARCHAR(200) NOT NULL,
    text LONGTEXT NOT NULL,
    attachments LONGTEXT NOT NULL,
    state VARCHAR(20) NOT NULL,
    tries INT NOT NULL,
    made_at DATETIME(3) NOT NULL,
    next_try_at DATETIME(3) NOT NULL,
    sent_at DATETIME(3) NULL,
    problem VARCHAR(300) NOT NULL,
    KEY mail_out_due (state, next_try_at),
    KEY mail_out_practice (practice_id, made_at),
    CONSTRAINT mail_out_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
  ) ${TABLE}`,
];

/** Links for owners and what they say through them, secret addresses of calendars, and letters that wait to go out. */
export class OwnersAndMail1764700000000 implements MigrationInterface {
  name = 'OwnersAndMail1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const step of STEPS) await runner.query(step);
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
