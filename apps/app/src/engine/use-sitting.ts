import { type BodyInput, type SitAsked, type SitQuestionKind } from '@fulcra/core';
import { useEffect, useMemo, useState } from 'react';
import { SitRunner } from './sit-runner';
import { type Answered, type WorkerLike } from './worker-client';

export const newSitWorker = (): WorkerLike => new Worker(new URL('./sit.worker.ts', import.meta.url));

/** A runner for one measured horse; a new one when what was measured changes. */
export function useSitRunner(input: BodyInput): SitRunner {
  const key = useMemo(() => JSON.stringify(input), [input]);
  const runner = useMemo(() => new SitRunner(newSitWorker, JSON.parse(key) as BodyInput), [key]);
  useEffect(() => () => runner.close(), [runner]);
  return runner;
}

/** Follows the newest question of a kind; the last answer stays on the screen until the next is there. */
export function useSitAnswer<K extends keyof SitQuestionKind>(
  runner: SitRunner,
  kind: K,
  ask: SitAsked | null,
  afterMs = 0,
): { readonly answered: Answered<SitQuestionKind[K]['answer']> | null; readonly fresh: boolean } {
  const [state, setState] = useState<{ readonly key: string; readonly answered: Answered<SitQuestionKind[K]['answer']> } | null>(null);
  const key = ask === null ? '' : JSON.stringify(ask);
  useEffect(() => {
    if (key === '') return;
    let current = true;
    const timer = setTimeout(
      () => runner.ask(kind, JSON.parse(key) as SitAsked, (answered) => current && setState({ key, answered })),
      afterMs,
    );
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [runner, kind, key, afterMs]);
  return { answered: state?.answered ?? null, fresh: state !== null && state.key === key };
}
