import { DataSource } from 'typeorm';
import { ENTITIES } from './entities';
import { First1763900000000 } from './platform/db/first-migration';
import { WholeBack1764000000000 } from './platform/db/second-migration';
import { WholeSaddle1764100000000 } from './platform/db/third-migration';
import { SaddlePhotos1764200000000 } from './platform/db/fourth-migration';
import { KeptDecisions1764300000000 } from './platform/db/fifth-migration';
import { RidersAndLeathers1764400000000 } from './platform/db/sixth-migration';
import { OwnersAndMail1764700000000 } from './platform/db/ninth-migration';
import { OwnSchools1764800000000 } from './platform/db/tenth-migration';
import { Bin1764900000000 } from './platform/db/eleventh-migration';
import { BinHeard1765000000000 } from './platform/db/twelfth-migration';
import { SignInFailures1765100000000 } from './platform/db/thirteenth-migration';
import { OpenedPhotos1765200000000 } from './platform/db/fourteenth-migration';
import { HorseStanding1765300000000 } from './platform/db/fifteenth-migration';
import { WhatStands1765400000000 } from './platform/db/sixteenth-migration';
import { SealKeysAndSensor1765500000000 } from './platform/db/seventeenth-migration';
import { LinksLettersDevicesAndTheGone1765700000000 } from './platform/db/nineteenth-migration';
import { UnmeasuredOfSaddles1765600000000 } from './platform/db/eighteenth-migration';
import { PATIENCE, type Patience, waitOnly } from './platform/db/patience';
import { PeopleAndCalendar1764600000000 } from './platform/db/eighth-migration';
import { TackWalked1764500000000 } from './platform/db/seventh-migration';

/**
 * A connection with every table known; the caller closes it.
 * @param patience how long is waited for it; null for what may take its time, as a migration
 */
export async function openDatabase(url: string, patience: Patience | null = PATIENCE): Promise<DataSource> {
  const db = new DataSource({
    type: 'mariadb',
    url,
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
    dateStrings: ['DATE'],
    entities: [...ENTITIES],
    migrations: [
      First1763900000000,
      WholeBack1764000000000,
      WholeSaddle1764100000000,
      SaddlePhotos1764200000000,
      KeptDecisions1764300000000,
      RidersAndLeathers1764400000000,
      TackWalked1764500000000,
      PeopleAndCalendar1764600000000,
      OwnersAndMail1764700000000,
      OwnSchools1764800000000,
      Bin1764900000000,
      BinHeard1765000000000,
      SignInFailures1765100000000,
      OpenedPhotos1765200000000,
      HorseStanding1765300000000,
      WhatStands1765400000000,
      SealKeysAndSensor1765500000000,
      UnmeasuredOfSaddles1765600000000,
      LinksLettersDevicesAndTheGone1765700000000,
    ],
    migrationsTableName: 'migration',
    // where in our code a question was asked costs more than many a question
    extra: { trace: false },
    ...(patience !== null && { maxQueryExecutionTime: patience.hungMs, enableQueryTimeout: true }),
  });
  await db.initialize();
  if (patience !== null) waitOnly(db, patience);
  return db;
}

/** Forward only, on a connection that has patience; says which ran. */
export async function migrate(db: DataSource): Promise<readonly string[]> {
  return (await db.runMigrations({ transaction: 'each' })).map((m) => m.name);
}
