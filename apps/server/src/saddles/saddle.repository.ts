import { type DataSource } from 'typeorm';
import { type Saddle } from '@fulcra/contract';
import { SaddleEntity } from './saddle.entity';

/** The stock of one practice. */
export interface Saddles {
  list(practiceId: string): Promise<Saddle[]>;
  has(practiceId: string, id: string): Promise<boolean>;
  add(practiceId: string, saddle: Saddle): Promise<void>;
}

export function saddles(db: DataSource): Saddles {
  const table = db.getRepository(SaddleEntity);
  return {
    list: async (practiceId) => {
      const rows = await table.find({ where: { practiceId }, order: { name: 'ASC' } });
      return rows.map(({ practiceId: _, ...saddle }) => saddle);
    },
    has: (practiceId, id) => table.existsBy({ id, practiceId }),
    add: async (practiceId, saddle) => {
      await table.insert({ practiceId, ...saddle });
    },
  };
}
