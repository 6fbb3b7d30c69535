import { type Binned } from '@fulcra/contract';
import { type DataSource, type EntityManager, EntitySchema } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { PhotoEntity } from '../photos/photo.entity';
import { idColumn, keyColumn, text } from '../platform/db/id-column';
import { RiderEntity } from '../riders/rider.entity';
import { VisitEntity } from '../visits/visit.entity';
import { type MergeCollection, mergeCollection } from '../records/merge-collection';
import { refuseUnknown } from '../records/refuse-unknown';

export interface BinnedRow extends Binned {
  practiceId: string;
}
export const BinnedEntity = new EntitySchema<BinnedRow>({
  name: 'binned',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    kind: text(20),
    name: text(120),
    at: { ...text(30), name: 'binned_at' },
    by: { ...text(120), name: 'binned_by' },
    restored: { type: 'boolean', transformer: { to: (v: boolean) => v, from: Boolean } },
  },
});

const THINGS = { horse: HorseEntity, visit: VisitEntity, rider: RiderEntity, photo: PhotoEntity } as const;

/** What is out of sight, under its own id: only what the practice has can be put there. */
export const binned = (db: DataSource): MergeCollection<'binned'> =>
  mergeCollection(db, {
    kind: 'binned',
    entity: BinnedEntity,
    guard: ({ tx, who, id, after }) => refuseUnknown(tx, THINGS[after.kind], who.practiceId, [id], 'NOT_FOUND'),
  });

/** Ids of what is out of sight in a practice. */
export async function idsInBin(tx: EntityManager, practiceId: string): Promise<ReadonlySet<string>> {
  const rows = await tx.getRepository(BinnedEntity).find({ where: { practiceId, restored: false }, select: { id: true } });
  return new Set(rows.map((r) => r.id));
}
