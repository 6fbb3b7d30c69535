import { type DataSource } from 'typeorm';
import { type Saddle, type SaddleWrite, saddleFieldsSchema } from '@fulcra/contract';
import { mergedOrClash } from '../platform/db/merged';
import { FulcraError } from '../platform/errors/fulcra-error';
import { SaddleEntity, type SaddleRow } from './saddle.entity';

/** The stock of one practice. */
export interface Saddles {
  list(practiceId: string): Promise<Saddle[]>;
  get(practiceId: string, id: string): Promise<Saddle>;
  has(practiceId: string, id: string): Promise<boolean>;
  put(practiceId: string, id: string, saddle: SaddleWrite): Promise<Saddle>;
}

const asSaddle = ({ practiceId: _, ...saddle }: SaddleRow): Saddle => saddle;

export function saddles(db: DataSource): Saddles {
  const table = db.getRepository(SaddleEntity);
  return {
    list: async (practiceId) => (await table.find({ where: { practiceId }, order: { name: 'ASC' } })).map(asSaddle),
    get: async (practiceId, id) => {
      const row = await table.findOneBy({ id, practiceId });
      if (row === null) throw new FulcraError('NOT_FOUND');
      return asSaddle(row);
    },
    has: (practiceId, id) => table.existsBy({ id, practiceId }),
    put: async (practiceId, id, write) => {
      const known = await table.findOneBy({ id });
      if (known !== null && known.practiceId !== practiceId) throw new FulcraError('NOT_FOUND');
      const fields = known === null ? saddleFieldsSchema.parse(write) : mergedOrClash(write, saddleFieldsSchema.parse(known));
      await table.upsert({ id, practiceId, ...fields }, ['id']);
      return { id, ...fields };
    },
  };
}
