import { type DataSource } from 'typeorm';
import { type Horse, type HorseWrite } from '@fulcra/contract';
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
    put: async (practiceId, id, horse) => {
      const owner = await table.findOneBy({ id });
      if (owner !== null && owner.practiceId !== practiceId) throw new FulcraError('NOT_FOUND');
      await table.upsert({ id, practiceId, ...horse }, ['id']);
      return get(practiceId, id);
    },
  };
}
