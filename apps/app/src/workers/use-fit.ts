import { useEffect, useState } from 'react';
import { type Answered, type Asked, type FitAnswers, type FitQuestion } from './fit-protocol';

export type FitState<T> =
  | { readonly state: 'waiting' }
  | { readonly state: 'working' }
  | { readonly state: 'done'; readonly answer: T }
  | { readonly state: 'failed'; readonly message: string };

const newWorker = (): Worker => new Worker(new URL('./fit.worker.ts', import.meta.url));

/** Asks a worker and follows the newest question; an older one is cancelled with its worker. */
export function useFit<K extends FitQuestion['kind']>(question: (FitQuestion & { kind: K }) | null): FitState<FitAnswers[K]> {
  const [state, setState] = useState<FitState<FitAnswers[K]>>({ state: 'waiting' });
  const key = question === null ? '' : JSON.stringify(question);
  useEffect(() => {
    if (key === '') {
      setState({ state: 'waiting' });
      return;
    }
    setState({ state: 'working' });
    const worker = newWorker();
    const finish = (next: FitState<FitAnswers[K]>): void => {
      worker.terminate();
      setState(next);
    };
    worker.onmessage = ({ data }: MessageEvent<Answered>) =>
      finish(data.ok ? { state: 'done', answer: data.answer as FitAnswers[K] } : { state: 'failed', message: data.message });
    worker.onerror = (event) => finish({ state: 'failed', message: event.message || 'The worker stopped.' });
    const asked: Asked = { id: 1, question: JSON.parse(key) as FitQuestion };
    worker.postMessage(asked);
    return () => worker.terminate();
  }, [key]);
  return state;
}
