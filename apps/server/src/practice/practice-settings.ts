import { EntitySchema, type DataSource } from 'typeorm';
import { type PracticeSettings } from '@fulcra/contract';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type MergeCollection, type OwnedRow, mergeCollection } from '../records/merge-collection';

export interface PracticeSettingsRow extends PracticeSettings, OwnedRow {}
export const PracticeSettingsEntity = new EntitySchema<PracticeSettingsRow>({
  name: 'practice_settings',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    fingerMm: { type: 'double', name: 'finger_mm' },
    rider: json(),
    timeZone: { ...text(60), name: 'time_zone' },
    visitDays: json('visit_days'),
    tackDays: json('tack_days'),
    curveAddress: { ...text(200), name: 'curve_address' },
    schools: json(),
  },
});

/** One record a practice, under the practice's own id. */
export const practiceSettings = (db: DataSource): MergeCollection<'practiceSettings'> =>
  mergeCollection(db, {
    kind: 'practiceSettings',
    entity: PracticeSettingsEntity,
    guard: async ({ id, who }) => {
      if (id !== who.practiceId) throw new FulcraError('NOT_FOUND');
    },
  });
