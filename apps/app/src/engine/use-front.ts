import { type FrontAnswers, type FrontQuestion } from '@fulcra/core';
import { useEffect, useState } from 'react';
import { type Answered, type Asked } from './front-protocol';

export type FrontState<T> =
  | { readonly state: 'waiting' }
  | { readonly state: 'working' }
  | { readonly state: 'done'; readonly answer: T }
  | { readonly state: 'failed'; readonly message: string };

const newWorker = (): Worker => new Worker(new URL('./front.worker.ts', import.meta.url));

/** A worker that has nothing to do, made while there was signal to fetch it. */
let spare: Worker | null = null;

/** Fetches the worker before it is needed, so that a fit can be had in a barn without signal. */
export function warmUpFront(): void {
  spare ??= newWorker();
}

function takeWorker(): Worker {
  const worker = spare ?? newWorker();
  spare = null;
  return worker;
}

function giveBack(worker: Worker): void {
  worker.onmessage = null;
  worker.onerror = null;
  if (spare === null) spare = worker;
  else worker.terminate();
}

/** Asks a worker and follows the newest question; an older one is cancelled with its worker. */
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
function ask(question: FrontQuestion, done: (answered: Answered) => void): () => void {
  const worker = takeWorker();
  let busy = true;
  worker.onmessage = ({ data }: MessageEvent<Answered>) => {
    busy = false;
    giveBack(worker);
    done(data);
  };
  worker.onerror = (event) => {
    busy = false;
    worker.terminate();
    done({ id: 1, ok: false, message: event.message || 'the worker could not be started' });
  };
  const asked: Asked = { id: 1, question };
  worker.postMessage(asked);
  return () => {
    if (busy) worker.terminate();
  };
}
