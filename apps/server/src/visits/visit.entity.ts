import { EntitySchema } from 'typeorm';
import { type PointYZ } from '@fulcra/core';
import { type DecisionWrite, type TakeWrite, type VisitFields } from '@fulcra/contract';
import { idColumn, json, keyColumn, text } from '../platform/db/id-column';

export interface VisitRow extends VisitFields {
  id: string;
  practiceId: string;
  fitterId: string;
  /** Its place in the practice's counting; visits of one day stand in this order. */
  seq?: string;
}
export const VisitEntity = new EntitySchema<VisitRow>({
  name: 'visit',
  columns: {
    id: keyColumn,
    practiceId: { ...idColumn, name: 'practice_id' },
    horseId: { ...idColumn, name: 'horse_id' },
    fitterId: { ...idColumn, name: 'fitter_id' },
    startedOn: { type: 'date', name: 'started_on' },
    schoolId: { ...text(40), name: 'school_id' },
    stationMm: { type: 'double', name: 'station_mm' },
    status: text(10),
    note: { type: 'text' },
    result: { ...text(20), nullable: true },
    seq: { type: 'bigint' },
  },
});

export interface TakeRow {
  id: string;
  /** Its place in the practice's counting: a device's clock may be wrong by a year. */
  seq?: string;
  practiceId: string;
  visitId: string;
  handId: string;
  station: TakeWrite['station'];
  takenAtMm: number;
  takenAt: Date;
  reading: TakeWrite['reading'];
  withdrawn: boolean;
}
export const TakeEntity = new EntitySchema<TakeRow>({
  name: 'section_take',
  columns: {
    id: keyColumn,
    seq: { type: 'bigint' },
    practiceId: { ...idColumn, name: 'practice_id' },
    visitId: { ...idColumn, name: 'visit_id' },
    handId: { ...idColumn, name: 'hand_id' },
    station: text(20),
    takenAtMm: { type: 'double', name: 'taken_at_mm' },
    takenAt: { type: 'datetime', precision: 3, name: 'taken_at' },
    reading: json(),
    withdrawn: { type: 'boolean' },
  },
});

export interface DecisionRow {
  id: string;
  /** Its place in the practice's counting: the last one stands. */
  seq?: string;
  visitId: string;
  practiceId: string;
  handId: string;
  saddleId: string | null;
  decidedAt: Date;
  body: DecisionWrite;
  /** Its section thinned out, for lists. */
  outline: PointYZ[];
}
export const DecisionEntity = new EntitySchema<DecisionRow>({
  name: 'decision',
  columns: {
    id: keyColumn,
    seq: { type: 'bigint' },
    visitId: { ...idColumn, name: 'visit_id' },
    practiceId: { ...idColumn, name: 'practice_id' },
    handId: { ...idColumn, name: 'fitter_id' },
    saddleId: { ...idColumn, nullable: true, name: 'saddle_id' },
    decidedAt: { type: 'datetime', precision: 3, name: 'decided_at' },
    body: json(),
    outline: json(),
  },
});
