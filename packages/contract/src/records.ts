import { z } from 'zod';
import { binnedFieldsSchema, binnedSchema, binnedWriteSchema } from './bin';
import { decisionSchema, decisionWriteSchema } from './decisions';
import { factSchema, factWriteSchema } from './facts';
import { horseFieldsSchema, horseSchema, horseWriteSchema } from './horses';
import { orderFieldsSchema, orderSchema, orderWriteSchema } from './orders';
import { ownerWordFieldsSchema, ownerWordSchema, ownerWordWriteSchema } from './owner';
import { photoSchema, photoWriteSchema, saddlePhotoSchema, tackPhotoSchema } from './photos';
import { practiceSettingsFieldsSchema, practiceSettingsSchema, practiceSettingsWriteSchema } from './practice-settings';
import {
  leatherFieldsSchema,
  leatherSchema,
  leatherTakeFieldsSchema,
  leatherTakeSchema,
  leatherTakeWriteSchema,
  leatherWriteSchema,
} from './leathers';
import {
  riderFieldsSchema,
  riderMeasuresFieldsSchema,
  riderMeasuresSchema,
  riderMeasuresWriteSchema,
  riderSchema,
  riderWriteSchema,
} from './riders';
import { appointmentFieldsSchema, appointmentSchema, appointmentWriteSchema } from './appointments';
import { contactFieldsSchema, contactSchema, contactWriteSchema, yardFieldsSchema, yardSchema, yardWriteSchema } from './contacts';
import { saddleFieldsSchema, saddleSchema, saddleWriteSchema } from './saddles';
import { girthFieldsSchema, girthSchema, girthWriteSchema, tackCheckFieldsSchema, tackCheckSchema, tackCheckWriteSchema } from './tack';
import { takeSchema, takeWriteSchema, withdrawalSchema } from './sections';
import { record } from './record-spec';
import { visitFieldsSchema, visitSchema, visitWriteSchema } from './visits';

/**
 * Every record there is, described once: the server's routes and walls, the application's paths, views and words, and the way two
 * devices' writes meet all follow from here. To add one, see docs/add-a-record.md.
 */
export const RECORDS = {
  horse: record({
    mode: 'merge',
    path: '/api/horses/:horseId',
    fields: horseFieldsSchema,
    write: horseWriteSchema,
    read: horseSchema,
    listed: false,
    views: ['horses', 'horse', 'visit', 'due'],
  }),
  binned: record({
    mode: 'merge',
    path: '/api/bin/:binnedId',
    fields: binnedFieldsSchema,
    write: binnedWriteSchema,
    read: binnedSchema,
    listed: true,
    views: ['bin', 'horses', 'due'],
  }),
  rider: record({
    mode: 'merge',
    path: '/api/riders/:riderId',
    fields: riderFieldsSchema,
    write: riderWriteSchema,
    read: riderSchema,
    listed: true,
    views: ['riders'],
  }),
  riderMeasures: record({
    mode: 'merge',
    path: '/api/rider-measures/:measuresId',
    fields: riderMeasuresFieldsSchema,
    write: riderMeasuresWriteSchema,
    read: riderMeasuresSchema,
    listed: true,
    views: ['rider-measures'],
  }),
  leather: record({
    mode: 'merge',
    path: '/api/leathers/:leatherId',
    fields: leatherFieldsSchema,
    write: leatherWriteSchema,
    read: leatherSchema,
    listed: true,
    views: ['leathers'],
  }),
  leatherTake: record({
    mode: 'merge',
    path: '/api/leather-takes/:leatherTakeId',
    fields: leatherTakeFieldsSchema,
    write: leatherTakeWriteSchema,
    read: leatherTakeSchema,
    listed: true,
    views: ['leather-takes'],
  }),
  saddle: record({
    mode: 'merge',
    path: '/api/saddles/:saddleId',
    fields: saddleFieldsSchema,
    write: saddleWriteSchema,
    read: saddleSchema,
    listed: true,
    views: ['saddles'],
  }),
  girth: record({
    mode: 'merge',
    path: '/api/girths/:girthId',
    fields: girthFieldsSchema,
    write: girthWriteSchema,
    read: girthSchema,
    listed: true,
    views: ['girths'],
  }),
  tackCheck: record({
    mode: 'merge',
    path: '/api/tack-checks/:tackCheckId',
    fields: tackCheckFieldsSchema,
    write: tackCheckWriteSchema,
    read: tackCheckSchema,
    listed: true,
    views: ['tack-checks', 'horse', 'due'],
  }),
  contact: record({
    mode: 'merge',
    path: '/api/contacts/:contactId',
    fields: contactFieldsSchema,
    write: contactWriteSchema,
    read: contactSchema,
    listed: true,
    views: ['contacts'],
  }),
  yard: record({
    mode: 'merge',
    path: '/api/yards/:yardId',
    fields: yardFieldsSchema,
    write: yardWriteSchema,
    read: yardSchema,
    listed: true,
    views: ['yards'],
  }),
  appointment: record({
    mode: 'merge',
    path: '/api/appointments/:appointmentId',
    fields: appointmentFieldsSchema,
    write: appointmentWriteSchema,
    read: appointmentSchema,
    listed: true,
    views: ['appointments'],
  }),
  order: record({
    mode: 'merge',
    path: '/api/orders/:orderId',
    fields: orderFieldsSchema,
    write: orderWriteSchema,
    read: orderSchema,
    listed: true,
    views: ['orders'],
  }),
  ownerWord: record({
    mode: 'merge',
    path: '/api/owner-words/:ownerWordId',
    fields: ownerWordFieldsSchema,
    write: ownerWordWriteSchema,
    read: ownerWordSchema,
    listed: true,
    views: ['owner-words', 'due'],
  }),
  visit: record({
    mode: 'merge',
    path: '/api/visits/:visitId',
    fields: visitFieldsSchema,
    write: visitWriteSchema,
    read: visitSchema,
    listed: false,
    views: ['horses', 'horse', 'visit', 'tracings', 'due'],
  }),
  practiceSettings: record({
    mode: 'merge',
    path: '/api/practice-settings/:practiceId',
    fields: practiceSettingsFieldsSchema,
    write: practiceSettingsWriteSchema,
    read: practiceSettingsSchema,
    listed: true,
    views: ['practice-settings'],
  }),
  take: record({
    mode: 'append',
    path: '/api/visits/:visitId/takes/:takeId',
    write: takeWriteSchema,
    read: takeSchema,
    views: ['visit', 'tracings'],
  }),
  withdrawal: record({
    mode: 'replace',
    path: '/api/visits/:visitId/takes/:takeId/withdrawn',
    write: withdrawalSchema,
    read: takeSchema,
    views: ['visit', 'tracings'],
  }),
  fact: record({
    mode: 'append',
    path: '/api/visits/:visitId/facts/:factId',
    write: factWriteSchema,
    read: factSchema,
    views: ['visit', 'tracings'],
  }),
  factWithdrawal: record({
    mode: 'replace',
    path: '/api/visits/:visitId/facts/:factId/withdrawn',
    write: withdrawalSchema,
    read: factSchema,
    views: ['visit', 'tracings'],
  }),
  decision: record({
    mode: 'append',
    path: '/api/visits/:visitId/decisions/:decisionId',
    write: decisionWriteSchema,
    read: decisionSchema,
    views: ['horses', 'horse', 'visit', 'due'],
  }),
  photo: record({
    mode: 'append',
    path: '/api/visits/:visitId/photos/:photoId',
    write: photoWriteSchema,
    read: photoSchema,
    views: ['visit'],
  }),
  saddlePhoto: record({
    mode: 'append',
    path: '/api/saddles/:saddleId/photos/:photoId',
    write: photoWriteSchema,
    read: saddlePhotoSchema,
    views: ['saddle-photos'],
  }),
  tackPhoto: record({
    mode: 'append',
    path: '/api/tack-checks/:tackCheckId/photos/:photoId',
    write: photoWriteSchema,
    read: tackPhotoSchema,
    views: ['tack-photos'],
  }),
};

type Records = typeof RECORDS;
export type RecordKind = keyof Records;
export const RECORD_KINDS = Object.keys(RECORDS) as RecordKind[];

type OfMode<M> = { [K in RecordKind]: Records[K] extends { readonly mode: M } ? K : never }[RecordKind];
export type MergeKind = OfMode<'merge'>;
export const MERGE_KINDS = RECORD_KINDS.filter((k): k is MergeKind => RECORDS[k].mode === 'merge');
export const isMergeKind = (kind: RecordKind): kind is MergeKind => RECORDS[kind].mode === 'merge';

type Params<Path extends string> = Path extends `${string}:${infer Name}/${infer Rest}`
  ? Name | Params<`/${Rest}`>
  : Path extends `${string}:${infer Name}`
    ? Name
    : never;
export type IdsOf<K extends RecordKind> = { readonly [P in Params<Records[K]['path']>]: string };
export type BodyOf<K extends RecordKind> = z.infer<Records[K]['write']>;
export type ReadOf<K extends RecordKind> = z.infer<Records[K]['read']>;

/** One write of one kind, with its ids beside its body. */
export type WriteOf<K extends RecordKind> = { readonly kind: K } & IdsOf<K> & { readonly body: BodyOf<K> };
/** Everything that is ever written. Each may be sent any number of times with one effect. */
export type Write = { [K in RecordKind]: WriteOf<K> }[RecordKind];
/** A write whose fields may clash. */
export type FieldsWrite = Extract<Write, { kind: MergeKind }>;

const PARAM = /:(\w+)/g;
/** Names of the ids in a record's path, its own last. */
export const idNamesOf = (kind: RecordKind): string[] => [...RECORDS[kind].path.matchAll(PARAM)].map((m) => m[1]!);
export const pathOf = (write: Write): string =>
  RECORDS[write.kind].path.replace(PARAM, (_, name: string) => (write as unknown as Record<string, string>)[name]!);
/** Kinds that are read as one list, each a view of its own under the name in its path. */
export type ListedKind = { [K in MergeKind]: Records[K] extends { readonly listed: true } ? K : never }[MergeKind];
type ListNameOf<K extends ListedKind> = Records[K]['path'] extends `/api/${infer Name}/:${string}` ? Name : never;
export type ListView = { [K in ListedKind]: ListNameOf<K> }[ListedKind];
export const LISTED_KINDS = MERGE_KINDS.filter((k): k is ListedKind => RECORDS[k].listed);
export const listViewOf = <K extends ListedKind>(kind: K): ListNameOf<K> => listPathOf(kind).replace('/api/', '') as ListNameOf<K>;
export type KindOfList<V extends ListView> = { [K in ListedKind]: ListNameOf<K> extends V ? K : never }[ListedKind];

/** Where a listed record's list is read. */
export const listPathOf = (kind: MergeKind): string => RECORDS[kind].path.replace(/\/:\w+$/, '');
