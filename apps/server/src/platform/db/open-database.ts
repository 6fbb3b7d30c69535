import { DataSource } from 'typeorm';
import { HorseEntity } from '../../horses/horse.entity';
import { PersonEntity, PracticeEntity } from '../../practice/practice.entity';
import { SaddleEntity } from '../../saddles/saddle.entity';
import { SessionEntity } from '../../session/session.entity';
import { DecisionEntity, TakeEntity, VisitEntity } from '../../visits/visit.entity';
import { First1763900000000 } from './first-migration';

/** A connection with every table known; the caller closes it. */
export async function openDatabase(url: string): Promise<DataSource> {
  const db = new DataSource({
    type: 'mariadb',
    url,
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
    dateStrings: ['DATE'],
    entities: [PracticeEntity, PersonEntity, SessionEntity, HorseEntity, SaddleEntity, VisitEntity, TakeEntity, DecisionEntity],
    migrations: [First1763900000000],
    migrationsTableName: 'migration',
  });
  return db.initialize();
}

/** Forward only; says which ran. */
export async function migrate(db: DataSource): Promise<readonly string[]> {
  return (await db.runMigrations({ transaction: 'each' })).map((m) => m.name);
}
