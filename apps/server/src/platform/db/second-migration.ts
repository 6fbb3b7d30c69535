import { type MigrationInterface, type QueryRunner } from 'typeorm';

const IN_PRACTICE = (name: string): string => `CONSTRAINT ${name}_practice FOREIGN KEY (practice_id) REFERENCES practice (id)`;

const STEPS = [
  `ALTER TABLE horse
    ADD COLUMN sex VARCHAR(20) NOT NULL DEFAULT 'unknown',
    ADD COLUMN rider_ids LONGTEXT NOT NULL DEFAULT '[]'`,
  `ALTER TABLE visit ADD COLUMN result VARCHAR(20) NULL`,
  `ALTER TABLE section_take ADD COLUMN seq BIGINT NOT NULL AUTO_INCREMENT, ADD UNIQUE KEY take_seq (seq)`,
  `CREATE TABLE rider (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    name VARCHAR(120) NOT NULL,
    height_mm DOUBLE NULL,
    weight_kg DOUBLE NULL,
    note TEXT NOT NULL,
    KEY rider_practice_name (practice_id, name),
    ${IN_PRACTICE('rider')}
  )`,
  `CREATE TABLE visit_fact (
    id CHAR(36) NOT NULL PRIMARY KEY,
    seq BIGINT NOT NULL AUTO_INCREMENT,
    practice_id CHAR(36) NOT NULL,
    visit_id CHAR(36) NOT NULL,
    hand_id CHAR(36) NOT NULL,
    made_at DATETIME(3) NOT NULL,
    body LONGTEXT NOT NULL,
    withdrawn TINYINT(1) NOT NULL DEFAULT 0,
    UNIQUE KEY fact_seq (seq),
    KEY fact_visit (visit_id, seq),
    ${IN_PRACTICE('fact')},
    CONSTRAINT fact_visit_fk FOREIGN KEY (visit_id) REFERENCES visit (id),
    CONSTRAINT fact_hand FOREIGN KEY (hand_id) REFERENCES person (id)
  )`,
  `CREATE TABLE photo (
    id CHAR(36) NOT NULL PRIMARY KEY,
    practice_id CHAR(36) NOT NULL,
    visit_id CHAR(36) NOT NULL,
    hand_id CHAR(36) NOT NULL,
    view VARCHAR(20) NOT NULL,
    note TEXT NOT NULL,
    taken_at DATETIME(3) NOT NULL,
    media_type VARCHAR(20) NOT NULL,
    bytes INT NOT NULL,
    sha256 CHAR(64) NOT NULL,
    held_bytes INT NOT NULL DEFAULT 0,
    KEY photo_visit (visit_id, taken_at),
    ${IN_PRACTICE('photo')},
    CONSTRAINT photo_visit_fk FOREIGN KEY (visit_id) REFERENCES visit (id),
    CONSTRAINT photo_hand FOREIGN KEY (hand_id) REFERENCES person (id)
  )`,
  `CREATE TABLE photo_piece (
    photo_id CHAR(36) NOT NULL,
    from_byte INT NOT NULL,
    content MEDIUMBLOB NOT NULL,
    PRIMARY KEY (photo_id, from_byte),
    CONSTRAINT piece_photo FOREIGN KEY (photo_id) REFERENCES photo (id)
  )`,
];

/** Riders, facts of a visit, photos in pieces, and the order in which the server heard of things. */
export class WholeBack1764000000000 implements MigrationInterface {
  name = 'WholeBack1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const step of STEPS) {
      await runner.query(step.startsWith('CREATE') ? `${step} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci` : step);
    }
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
