import mysql from 'mysql2/promise';
import { DataSource } from 'typeorm';
import { saddleSchema, yardPageSchema } from '@fulcra/contract';
import { saddleProblems } from '@fulcra/core';
import { v7 } from 'uuid';
import { DECISION } from './journeys';
import { First1763900000000 } from '../src/platform/db/first-migration';
import { collections } from '../src/stores/collections';
import { migrate, openDatabase } from '../src/open-database';
import { yardJson } from '../src/views/yard';

/** A database as the release before this one left it, with one take in it. */
async function asOfTheFirstRelease() {
  const url = new URL(process.env.DATABASE_URL!);
  const name = `fulcra_${v7().replaceAll('-', '')}`;
  const connection = await mysql.createConnection({ uri: process.env.DATABASE_URL!, multipleStatements: true });
  await connection.query(`CREATE DATABASE ${name}`);
  url.pathname = `/${name}`;
  const db = new DataSource({ type: 'mariadb', url: url.toString(), migrations: [First1763900000000], migrationsTableName: 'migration' });
  await db.initialize();
  await db.runMigrations();
  const [practice, person, horse, visit, first, second] = Array.from({ length: 6 }, () => v7()) as [
    string,
    string,
    string,
    string,
    string,
    string,
  ];
  const FRONT = JSON.stringify({
    shape: 'round',
    pointLengthMm: 170,
    frontPanelDepthMm: 30,
    frontChannelMm: 70,
    settings: [{ label: 'as it is', includedAngleDeg: 90 }],
    presentSetting: 0,
  });
  const reading = JSON.stringify({
    kind: 'widths',
    widths: [
      { depthMm: 60, nearMm: 70, offMm: 71 },
      { depthMm: 120, nearMm: 130, offMm: 131 },
    ],
  });
  await db.query(`INSERT INTO practice VALUES ('${practice}', 'Old room')`);
  await db.query(`INSERT INTO person VALUES ('${person}', '${practice}', 'Old hand', 'old@room.example', 'x')`);
  await db.query(`INSERT INTO horse VALUES ('${horse}', '${practice}', 'Old horse', 'cob', 2010, 1500, 'note')`);
  await db.query(`INSERT INTO saddle VALUES ('${v7()}', '${practice}', 'Old saddle', 'Old maker', 'english', 'fixed', ?)`, [FRONT]);
  await db.query(
    `INSERT INTO visit VALUES ('${visit}', '${practice}', '${horse}', '${person}', '2026-01-02', 'static-close', 50, 'open', '')`,
  );
  for (const [id, minute] of [
    [first, 10],
    [second, 11],
  ]) {
    await db.query(
      `INSERT INTO section_take VALUES ('${id}', '${practice}', '${visit}', '${person}', 'front', 50, '2026-01-02 09:${minute}:00', ?, 0)`,
      [reading],
    );
  }
  const section = Array.from({ length: 101 }, (_, i) => ({ yMm: i - 50, zMm: -Math.abs(i - 50) }));
  const decided = JSON.stringify({ ...DECISION, section });
  await db.query(`INSERT INTO decision VALUES ('${visit}', '${practice}', '${person}', NULL, '2026-01-02 10:00:00', ?)`, [decided]);
  await db.destroy();
  await connection.end();
  return { url: url.toString(), practice, horse, visit, first, second };
}

it('what the first release kept is all there after the later migrations', async () => {
  const old = await asOfTheFirstRelease();
  const db = await openDatabase(old.url);
  try {
    const stores = collections(db);
    expect(await migrate(db)).toEqual([
      'WholeBack1764000000000',
      'WholeSaddle1764100000000',
      'SaddlePhotos1764200000000',
      'KeptDecisions1764300000000',
      'RidersAndLeathers1764400000000',
      'TackWalked1764500000000',
      'PeopleAndCalendar1764600000000',
      'OwnersAndMail1764700000000',
      'OwnSchools1764800000000',
      'Bin1764900000000',
      'BinHeard1765000000000',
      'SignInFailures1765100000000',
      'OpenedPhotos1765200000000',
      'HorseStanding1765300000000',
      'WhatStands1765400000000',
      'SealKeysAndSensor1765500000000',
      'UnmeasuredOfSaddles1765600000000',
      'LinksLettersDevicesAndTheGone1765700000000',
    ]);
    const keys = await db.query<{ readonly sealKey: string }[]>('SELECT seal_key AS sealKey FROM person');
    expect(keys.map((k) => Buffer.from(k.sealKey, 'base64url').length)).toEqual(keys.map(() => 32));
    expect(new Set(keys.map((k) => k.sealKey)).size).toBe(keys.length);
    expect(keys.length).toBeGreaterThan(0);
    expect(await stores.horse.get(old.practice, old.horse)).toEqual({
      id: old.horse,
      name: 'Old horse',
      kind: 'cob',
      bornYear: 2010,
      heightMm: 1500,
      note: 'note',
      sex: 'unknown',
      riderIds: [],
      ownerId: null,
      payerId: null,
      yardId: null,
      ridesIn: null,
      gone: null,
    });
    expect(await stores.visit.get(old.practice, old.visit)).toMatchObject({ status: 'open', result: null });
    const kept = await stores.takes.ofVisits(old.practice, [old.visit]);
    expect(kept.map((t) => t.id).sort()).toEqual([old.first, old.second].sort());
    expect(kept[0]).toMatchObject({ station: 'front', hand: 'Old hand', reading: { kind: 'widths' } });
    const [saddle] = await stores.saddle.list(old.practice);
    expect(saddleSchema.parse(saddle)).toMatchObject({ name: 'Old saddle', front: { frontPanelDepthMm: 30 } });
    expect(saddleProblems({ ...saddle! })).toEqual([]);
    // only its front was known: nothing behind it was ever measured, and what was said of the front was
    expect(saddle!.build.unmeasured).toMatchObject({ lengthMm: 'default', curveMm: 'default', barMm: 'default', channelRearMm: 'default' });
    expect(saddle!.build.unmeasured).not.toHaveProperty('pointLengthMm');
    expect(saddle!.build.unmeasured).not.toHaveProperty('frontChannelMm');
    const [decision] = await stores.decisions.ofVisits(old.practice, [old.visit]);
    expect(decision).toMatchObject({ visitId: old.visit, fitter: 'Old hand', verdict: 'even' });
    expect(decision!.section).toHaveLength(101);
    const yard = yardPageSchema.parse(
      JSON.parse(await yardJson(db, old.practice, { search: '', rider: '', sort: 'name', from: 0, limit: 10 })),
    );
    expect(yard.horses[0]).toMatchObject({ openVisitId: old.visit, lastVisitOn: '2026-01-02' });
    expect(yard.horses[0]!.outline).toHaveLength(40);
    expect(yard.horses[0]!.outline[0]).toEqual({ yMm: -50, zMm: -50 });
  } finally {
    await db.destroy();
  }
});
