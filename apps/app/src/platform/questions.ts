import {
  type HorseHistory,
  type HorseTracings,
  type ListedKind,
  type ReadOf,
  type VisitPage,
  RECORDS,
  horseHistorySchema,
  horseTracingsSchema,
  listPathOf,
  listViewOf,
  visitPageSchema,
} from '@fulcra/contract';
import { z } from 'zod';
import { api } from './api';

/** What the server is asked, and under which key the answer is kept: the same for a screen and for preparing a day. */
export const horseQuestion = (horseId: string) => ({
  queryKey: ['horse', horseId] as const,
  queryFn: async (): Promise<HorseHistory> => horseHistorySchema.parse(await api.request('GET', `/api/horses/${horseId}`)),
});

export const visitQuestion = (visitId: string) => ({
  queryKey: ['visit', visitId] as const,
  queryFn: async (): Promise<VisitPage> => visitPageSchema.parse(await api.request('GET', `/api/visits/${visitId}`)),
});

export const tracingsQuestion = (horseId: string) => ({
  queryKey: ['tracings', horseId] as const,
  queryFn: async (): Promise<HorseTracings> => horseTracingsSchema.parse(await api.request('GET', `/api/horses/${horseId}/tracings`)),
});

export const recordsQuestion = <K extends ListedKind>(kind: K) => ({
  queryKey: [listViewOf(kind)] as const,
  queryFn: async (): Promise<ReadOf<K>[]> => z.array(RECORDS[kind].read).parse(await api.request('GET', listPathOf(kind))) as ReadOf<K>[],
});
