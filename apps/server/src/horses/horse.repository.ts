import { type DataSource } from 'typeorm';
import { type Horse, type HorseWrite, horseFieldsSchema } from '@fulcra/contract';
import { mergedOrClash } from '../platform/db/merged';
import { FulcraError } from '../platform/errors/fulcra-error';
import { HorseEntity, type HorseRow } from './horse.entity';

/** Horses of one practice; another practice's horse is as good as none. */
export interface Horses {
  list(practiceId: string): Promise<Horse[]>;
  get(practiceId: string, id: string): Promise<Horse>;
  put(practiceId: string, id: string, horse: HorseWrite): Promise<Horse>;
}

const asHorse = ({ practiceId: _, ...horse }: HorseRow): Horse => horse;

export function horses(db: DataSource): Horses {
  const table = db.getRepository(HorseEntity);
  const get = async (practiceId: string, id: string): Promise<Horse> => {
    const row = await table.findOneBy({ id, practiceId });
    if (row === null) throw new FulcraError('NOT_FOUND');
    return asHorse(row);
  };
  return {
    list: async (practiceId) => (await table.find({ where: { practiceId }, order: { name: 'ASC' } })).map(asHorse),
    get,
    put: async (practiceId, id, write) => {
      const known = await table.findOneBy({ id });
      if (known !== null && known.practiceId !== practiceId) throw new FulcraError('NOT_FOUND');
      const fields = known === null ? horseFieldsSchema.parse(write) : mergedOrClash(write, horseFieldsSchema.parse(known));
      await table.upsert({ id, practiceId, ...fields }, ['id']);
      return get(practiceId, id);
    },
  };
}
