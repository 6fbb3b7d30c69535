import { type Rider, type RiderWrite, riderFieldsSchema } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { mergedOrClash } from '../platform/db/merged';
import { FulcraError } from '../platform/errors/fulcra-error';
import { RiderEntity, type RiderRow } from './rider.entity';

/** Riders of one practice. */
export interface Riders {
  list(practiceId: string): Promise<Rider[]>;
  put(practiceId: string, id: string, rider: RiderWrite): Promise<Rider>;
  /** Whether all of them are this practice's. */
  haveAll(practiceId: string, ids: readonly string[]): Promise<boolean>;
}

const asRider = ({ practiceId: _, ...rider }: RiderRow): Rider => rider;

export function riders(db: DataSource): Riders {
  const table = db.getRepository(RiderEntity);
  const list = async (practiceId: string): Promise<Rider[]> =>
    (await table.find({ where: { practiceId }, order: { name: 'ASC' } })).map(asRider);
  return {
    list,
    put: async (practiceId, id, write) => {
      const known = await table.findOneBy({ id });
      if (known !== null && known.practiceId !== practiceId) throw new FulcraError('NOT_FOUND');
      const fields = known === null ? riderFieldsSchema.parse(write) : mergedOrClash(write, riderFieldsSchema.parse(known));
      await table.upsert({ id, practiceId, ...fields }, ['id']);
      return { id, ...fields };
    },
    haveAll: async (practiceId, ids) => {
      const known = (await list(practiceId)).map((r) => r.id);
      return ids.every((id) => known.includes(id));
    },
  };
}
