import { type MigrationInterface, type QueryRunner } from 'typeorm';

/**
 * What a saddle of which only the front was known is taken to be behind it, as the release before this one would have
 * drawn it. Written out here because a migration never changes, whatever the defaults become.
 */
const PLAIN_BUILD = JSON.stringify({
  frame: {
    lengthMm: 350,
    curveMm: { kind: 'fixed', present: 20 },
    headRiseMm: 25,
    midAngleDeg: 108,
    rearAngleDeg: 122,
    pointRakeDeg: 0,
    seatLowMm: 185,
    barMm: 70,
    massKg: 7.5,
    massAtMm: 165,
  },
  panel: {
    channelMidMm: 70,
    channelRearMm: 75,
    widthFrontMm: 85,
    widthMidMm: 105,
    widthRearMm: 110,
    depthMidMm: 28,
    depthRearMm: { kind: 'fixed', present: 42 },
    depthFrontMm: { kind: 'fixed', present: 30 },
    cross: 'flat',
    bevelMm: 18,
    aheadMm: 20,
    cutBackMm: 0,
    pastTreeMm: 15,
    frontTurnMm: 10,
    frontTurnOverMm: 30,
    rearTurnMm: 18,
    rearTurnOverMm: 45,
    filling: 'wool',
    flock: { leastMm: -4, mostMm: 8, stepMm: 2 },
  },
  straps: [
    { id: 'point', xMm: 10, yMm: 150, belowMm: 120, hang: 'fixed' },
    { id: 'first', xMm: 60, yMm: 145, belowMm: 90, hang: 'fixed' },
    { id: 'second', xMm: 100, yMm: 145, belowMm: 90, hang: 'fixed' },
    { id: 'rear', xMm: 140, yMm: 145, belowMm: 90, hang: 'v' },
  ],
});

/** Saddles get what lies behind their front, their state and where they are. */
export class WholeSaddle1764100000000 implements MigrationInterface {
  name = 'WholeSaddle1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `ALTER TABLE saddle
        ADD COLUMN build LONGTEXT NULL,
        ADD COLUMN state VARCHAR(20) NOT NULL DEFAULT 'notChecked',
        ADD COLUMN whereabouts VARCHAR(200) NOT NULL DEFAULT '',
        ADD COLUMN note TEXT NOT NULL DEFAULT ''`,
    );
    await runner.query('UPDATE saddle SET build = ? WHERE build IS NULL', [PLAIN_BUILD]);
    await runner.query('ALTER TABLE saddle MODIFY build LONGTEXT NOT NULL');
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
