import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { lineWordsOf } from '../platform/line-words';
import { type Fetched, browserPhoto, prepareHorse, prepareLists } from '../platform/prepare-horse';
import { dayPhotos } from '../platform/sync/photo-store';

export interface Prepared {
  readonly state: 'idle' | 'fetching' | 'done' | 'stopped' | 'failed';
  readonly all: number;
  readonly horses: number;
  readonly answers: number;
  readonly photos: number;
  readonly bytes: number;
  readonly why: string;
}
const NOTHING: Prepared = { state: 'idle', all: 0, horses: 0, answers: 0, photos: 0, bytes: 0, why: '' };

/** Fetches all that a day needs, horse by horse, counting as it goes; it can be stopped, and what came stays. */
export function usePreparing() {
  const queries = useQueryClient();
  const [prepared, setPrepared] = useState<Prepared>(NOTHING);
  const running = useRef<AbortController | null>(null);
  const fetchAll = async (horseIds: readonly string[]): Promise<void> => {
    const abort = new AbortController();
    running.current = abort;
    setPrepared({ ...NOTHING, state: 'fetching', all: horseIds.length });
    const fetching = {
      queries,
      photo: browserPhoto,
      photos: dayPhotos,
      signal: abort.signal,
      onFetched: ({ what, bytes }: Fetched) =>
        setPrepared((now) => ({ ...now, [`${what}s`]: now[`${what}s`] + 1, bytes: now.bytes + bytes })),
    };
    try {
      await prepareLists(fetching);
      for (const id of horseIds) {
        await prepareHorse(id, fetching);
        if (!abort.signal.aborted) setPrepared((now) => ({ ...now, horses: now.horses + 1 }));
      }
      setPrepared((now) => ({ ...now, state: abort.signal.aborted ? 'stopped' : 'done' }));
    } catch (error) {
      setPrepared((now) => ({ ...now, state: 'failed', why: lineWordsOf(error) }));
    }
  };
  return { prepared, fetchAll, stop: () => running.current?.abort() };
}
