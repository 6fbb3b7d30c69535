import { type MigrationInterface, type QueryRunner } from 'typeorm';

/**
 * What came through an owner's link is counted by the day; a letter that is being sent is leased to the process that sends it; failures to
 * sign in on a device of one's own are counted apart; and what the bin let go of for good leaves its id behind.
 */
export class LinksLettersDevicesAndTheGone1765700000000 implements MigrationInterface {
  name = 'LinksLettersDevicesAndTheGone1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE owner_link_day (
        link_id CHAR(36) NOT NULL,
        on_day DATE NOT NULL,
        words INT NOT NULL DEFAULT 0,
        looks INT NOT NULL DEFAULT 0,
        photos INT NOT NULL DEFAULT 0,
        bytes BIGINT NOT NULL DEFAULT 0,
        PRIMARY KEY (link_id, on_day),
        CONSTRAINT owner_link_day_link FOREIGN KEY (link_id) REFERENCES owner_link (id) ON DELETE CASCADE
      ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
    );
    await runner.query('ALTER TABLE mail_out ADD COLUMN lease_owner CHAR(36) NULL, ADD COLUMN lease_until DATETIME(3) NULL');
    await runner.query('ALTER TABLE sign_in_failure ADD COLUMN device_hash CHAR(64) NULL');
    await runner.query(
      `CREATE TABLE purged (
        id CHAR(36) NOT NULL PRIMARY KEY,
        practice_id CHAR(36) NOT NULL,
        kind VARCHAR(20) NOT NULL,
        purged_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
        KEY purged_practice (practice_id),
        CONSTRAINT purged_practice FOREIGN KEY (practice_id) REFERENCES practice (id)
      ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
    );
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
