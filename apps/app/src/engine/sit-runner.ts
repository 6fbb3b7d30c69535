import { type BodyInput, type SitQuestionKind } from '@fulcra/core';
import { type Answered, WorkerClient, type WorkerLike } from './worker-client';

interface Pending {
  readonly kind: keyof SitQuestionKind;
  readonly ask: unknown;
  readonly done: (answered: Answered<unknown>) => void;
}

/**
 * Asks about one horse while a finger moves. Of questions of one kind that come while it is busy, only the newest is kept:
 * a slider drawn fast never builds a queue.
 */
export class SitRunner {
  private readonly client: WorkerClient;
  private readonly waiting = new Map<keyof SitQuestionKind, Pending>();

  constructor(make: () => WorkerLike, input: BodyInput) {
    this.client = new WorkerClient(make, { kind: 'body', ask: input });
  }

  ask<K extends keyof SitQuestionKind>(
    kind: K,
    ask: SitQuestionKind[K]['ask'],
    done: (answered: Answered<SitQuestionKind[K]['answer']>) => void,
  ): void {
    this.waiting.set(kind, { kind, ask, done: done as Pending['done'] });
    this.next();
  }

  close(): void {
    this.waiting.clear();
    this.client.close();
  }

  /** Where the saddle sits comes before what its neighbours would do. */
  private next(): void {
    if (this.client.busy) return;
    const pending = this.waiting.get('sit') ?? this.waiting.values().next().value;
    if (pending === undefined) return;
    this.waiting.delete(pending.kind);
    this.client.ask(pending.kind, pending.ask, {
      done: (answered) => {
        pending.done(answered);
        this.next();
      },
    });
  }
}
