import { type BodyInput, type SitJobKind } from '@fulcra/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { type SitMessage, type SitReply } from './sit-protocol';
import { newSitWorker } from './use-sitting';

export type JobState<K extends keyof SitJobKind> =
  | { readonly state: 'idle' }
  | { readonly state: 'running'; readonly progress: SitJobKind[K]['progress'] | null }
  | { readonly state: 'done'; readonly answer: SitJobKind[K]['answer'] }
  | { readonly state: 'stopped' }
  | { readonly state: 'failed'; readonly message: string };

/** A search tells how far it is several times a second; one silent for so long has lost its worker, ms. */
const SILENT_AFTER_MS = 20_000;

/** A long search in a worker of its own, so that the room stays quick; stopping it ends the worker. */
export function useSitJob<K extends keyof SitJobKind>(kind: K, input: BodyInput) {
  const [job, setJob] = useState<JobState<K>>({ state: 'idle' });
  const running = useRef<{ terminate(): void } | null>(null);
  const silence = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const end = (): void => {
    clearTimeout(silence.current);
    running.current?.terminate();
    running.current = null;
  };
  useEffect(() => end, []);
  const start = useCallback(
    (ask: SitJobKind[K]['ask']) => {
      end();
      const worker = newSitWorker();
      running.current = worker;
      setJob({ state: 'running', progress: null });
      const finish = (state: JobState<K>): void => {
        end();
        setJob(state);
      };
      const listen = (): void => {
        clearTimeout(silence.current);
        silence.current = setTimeout(() => finish({ state: 'failed', message: 'it fell silent' }), SILENT_AFTER_MS);
      };
      listen();
      worker.onmessage = ({ data }: MessageEvent<SitReply>) => {
        listen();
        if (data.state === 'progress') setJob({ state: 'running', progress: data.progress as SitJobKind[K]['progress'] });
        else if (data.state === 'done') finish({ state: 'done', answer: data.answer as SitJobKind[K]['answer'] });
        else finish({ state: 'failed', message: data.message });
      };
      worker.onerror = (event) => finish({ state: 'failed', message: event.message || 'the worker could not be started' });
      worker.postMessage({ kind: 'body', key: 'job', input });
      worker.postMessage({ kind, id: 1, key: 'job', ask } as SitMessage);
    },
    [kind, input],
  );
  const stop = useCallback(() => {
    end();
    setJob({ state: 'stopped' });
  }, []);
  return { job, start, stop, forget: useCallback(() => setJob({ state: 'idle' }), []) };
}
