import { type DataSource } from 'typeorm';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { refuseAltered } from '../records/dated-rules';
import { RiderEntity, RiderMeasuresEntity } from './rider.entity';

/** Lengths of riders of one practice, each a dated record of its own. */
export const riderMeasures = (db: DataSource): MergeCollection<'riderMeasures'> =>
  mergeCollection(db, {
    kind: 'riderMeasures',
    entity: RiderMeasuresEntity,
    guard: async ({ tx, who, before, after }) => {
      refuseAltered(before, after, who.personName);
      const known = await tx.getRepository(RiderEntity).countBy({ practiceId: who.practiceId, id: after.riderId });
      if (known === 0) throw new FulcraError('RIDER_UNKNOWN');
    },
  });
