import { type BodyInput, type SitJobKind } from '@fulcra/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { newSitWorker } from './use-sitting';
import { type Answered, WorkerClient } from './worker-client';

export type JobState<K extends keyof SitJobKind> =
  | { readonly state: 'idle' }
  | { readonly state: 'running'; readonly progress: SitJobKind[K]['progress'] | null }
  | { readonly state: 'done'; readonly answer: SitJobKind[K]['answer'] }
  | { readonly state: 'stopped' }
  | { readonly state: 'failed'; readonly message: string };

/** A long search in a worker of its own, so that the room stays quick; stopping it ends the worker. */
export function useSitJob<K extends keyof SitJobKind>(kind: K, input: BodyInput) {
  const [job, setJob] = useState<JobState<K>>({ state: 'idle' });
  const client = useMemo(() => new WorkerClient(newSitWorker, { kind: 'body', ask: input }), [input]);
  useEffect(() => () => client.close(), [client]);
  const start = useCallback(
    (ask: SitJobKind[K]['ask']) => {
      client.cancel();
      setJob({ state: 'running', progress: null });
      client.ask(kind, ask, {
        progress: (progress) => setJob({ state: 'running', progress: progress as SitJobKind[K]['progress'] }),
        done: (answered) => {
          client.close();
          setJob(ended(answered as Answered<SitJobKind[K]['answer']>));
        },
      });
    },
    [kind, client],
  );
  const stop = useCallback(() => {
    client.cancel();
    setJob({ state: 'stopped' });
  }, [client]);
  return { job, start, stop, forget: useCallback(() => setJob({ state: 'idle' }), []) };
}

const ended = <K extends keyof SitJobKind>(answered: Answered<SitJobKind[K]['answer']>): JobState<K> =>
  answered.ok ? { state: 'done', answer: answered.answer } : { state: 'failed', message: answered.message };
