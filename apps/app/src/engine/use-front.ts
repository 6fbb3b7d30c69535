import { type FrontAnswers, type FrontQuestion } from '@fulcra/core';
import { useEffect, useState } from 'react';
import { type Answered, WorkerClient, type WorkerLike } from './worker-client';

export type FrontState<T> =
  | { readonly state: 'waiting' }
  | { readonly state: 'working' }
  | { readonly state: 'done'; readonly answer: T }
  | { readonly state: 'failed'; readonly message: string };

const newWorker = (): WorkerLike => new Worker(new URL('./front.worker.ts', import.meta.url));

/** One that has nothing to do, opened while there was signal to fetch it. */
let spare: WorkerClient | null = null;

/** Fetches the worker before it is needed, so that a fit can be had in a barn without signal. */
export function warmUpFront(): void {
  spare ??= new WorkerClient(newWorker);
  spare.open();
}

function takeClient(): WorkerClient {
  const client = spare ?? new WorkerClient(newWorker);
  spare = null;
  return client;
}

function giveBack(client: WorkerClient): void {
  if (spare === null) spare = client;
  else client.close();
}

/** Asks a worker and follows the newest question; an older one is cancelled. */
export function useFront<K extends FrontQuestion['kind']>(question: (FrontQuestion & { kind: K }) | null): FrontState<FrontAnswers[K]> {
  const [state, setState] = useState<FrontState<FrontAnswers[K]>>({ state: 'waiting' });
  const key = question === null ? '' : JSON.stringify(question);
  useEffect(() => {
    if (key === '') {
      setState({ state: 'waiting' });
      return;
    }
    setState({ state: 'working' });
    return ask(JSON.parse(key) as FrontQuestion, (answered) =>
      setState(
        answered.ok ? { state: 'done', answer: answered.answer as FrontAnswers[K] } : { state: 'failed', message: answered.message },
      ),
    );
  }, [key]);
  return state;
}

/** @returns how to cancel it */
function ask(question: FrontQuestion, done: (answered: Answered<unknown>) => void): () => void {
  const client = takeClient();
  let mine = true;
  client.ask('front', question, {
    done: (answered) => {
      mine = false;
      giveBack(client);
      done(answered);
    },
  });
  return () => {
    if (mine) client.cancel();
  };
}
