import { type MigrationInterface, type QueryRunner } from 'typeorm';

/**
 * The numbers a new saddle was begun with until now, as one that nobody changed kept them; the stirrup bar's was changed once. Written
 * out here because a migration never changes, whatever the defaults become.
 */
const BEGUN_WITH: Readonly<Record<string, readonly [part: 'frame' | 'panel', numbers: readonly number[]]>> = {
  lengthMm: ['frame', [350]],
  curveMm: ['frame', [20]],
  headRiseMm: ['frame', [25]],
  midAngleDeg: ['frame', [108]],
  rearAngleDeg: ['frame', [122]],
  seatLowMm: ['frame', [185]],
  barMm: ['frame', [40, 70]],
  massKg: ['frame', [7.5]],
  massAtMm: ['frame', [165]],
  channelMidMm: ['panel', [70]],
  channelRearMm: ['panel', [75]],
  widthFrontMm: ['panel', [85]],
  widthMidMm: ['panel', [105]],
  widthRearMm: ['panel', [110]],
  depthMidMm: ['panel', [28]],
  depthRearMm: ['panel', [42]],
  aheadMm: ['panel', [20]],
  pastTreeMm: ['panel', [15]],
  frontTurnMm: ['panel', [10]],
  rearTurnMm: ['panel', [18]],
  bevelMm: ['panel', [18]],
};

type Build = Readonly<Record<'frame' | 'panel', Readonly<Record<string, unknown>>>>;

/** A number, or one that can't be set to another. */
const fixedNumber = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'kind' in value && value.kind === 'fixed' && 'present' in value ? value.present : value;

const untouchedIn = (build: Build): string[] =>
  Object.entries(BEGUN_WITH).flatMap(([id, [part, numbers]]) => (numbers.includes(fixedNumber(build[part][id]) as number) ? [id] : []));

/** Saddles say which of their numbers nobody measured: those that still are what a new one was begun with. */
export class UnmeasuredOfSaddles1765600000000 implements MigrationInterface {
  name = 'UnmeasuredOfSaddles1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    const saddles = (await runner.query('SELECT id, build FROM saddle')) as { readonly id: string; readonly build: string | Build }[];
    for (const { id, build } of saddles) {
      const read = (typeof build === 'string' ? JSON.parse(build) : build) as Build;
      const untouched = untouchedIn(read);
      if (untouched.length === 0) continue;
      const unmeasured = Object.fromEntries(untouched.map((measure) => [measure, 'default']));
      await runner.query('UPDATE saddle SET build = ? WHERE id = ?', [JSON.stringify({ ...read, unmeasured }), id]);
    }
  }

  async down(): Promise<void> {
    throw new Error('Migrations only go forward: restore a backup instead.');
  }
}
