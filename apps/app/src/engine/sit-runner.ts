import { type BodyInput, type SitQuestionKind } from '@fulcra/core';
import { type SitMessage, type SitReply } from './sit-protocol';

export interface WorkerLike {
  onmessage: ((event: MessageEvent<SitReply>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
  postMessage(message: SitMessage): void;
  terminate(): void;
}

export type Answered<T> = { readonly ok: true; readonly answer: T } | { readonly ok: false; readonly message: string };

interface Pending {
  readonly kind: keyof SitQuestionKind;
  readonly ask: unknown;
  readonly done: (answered: Answered<unknown>) => void;
}

/** A question that isn't answered by then has lost its worker, ms. */
export const LOST_AFTER_MS = 10_000;
const MOST_ATTEMPTS = 2;

/**
 * One worker that is asked one thing at a time. Of questions of one kind that come while it is busy, only the newest is kept:
 * a slider drawn fast never builds a queue. A worker that dies or falls silent is replaced and asked once more.
 */
export class SitRunner {
  private worker: WorkerLike | null = null;
  private busy: (Pending & { readonly id: number; readonly attempt: number }) | null = null;
  private readonly waiting = new Map<keyof SitQuestionKind, Pending>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private lastId = 0;

  constructor(
    private readonly make: () => WorkerLike,
    private readonly key: string,
    private readonly input: BodyInput,
  ) {}

  ask<K extends keyof SitQuestionKind>(
    kind: K,
    ask: SitQuestionKind[K]['ask'],
    done: (answered: Answered<SitQuestionKind[K]['answer']>) => void,
  ): void {
    this.waiting.set(kind, { kind, ask, done: done as Pending['done'] });
    this.next();
  }

  close(): void {
    clearTimeout(this.timer);
    this.worker?.terminate();
    this.worker = null;
    this.busy = null;
    this.waiting.clear();
  }

  private next(): void {
    if (this.busy !== null) return;
    const pending = this.waiting.get('sit') ?? this.waiting.values().next().value;
    if (pending === undefined) return;
    this.waiting.delete(pending.kind);
    this.send(pending, 1);
  }

  private send(pending: Pending, attempt: number): void {
    const worker = this.worker ?? this.open();
    const id = ++this.lastId;
    this.busy = { ...pending, id, attempt };
    this.timer = setTimeout(() => this.lost('it gave no answer'), LOST_AFTER_MS);
    worker.postMessage({ kind: pending.kind, id, key: this.key, ask: pending.ask } as SitMessage);
  }

  private open(): WorkerLike {
    const worker = this.make();
    worker.onmessage = ({ data }) => this.answered(data);
    worker.onerror = (event) => this.lost(event.message || 'the worker could not be started');
    worker.postMessage({ kind: 'body', key: this.key, input: this.input });
    this.worker = worker;
    return worker;
  }

  private answered(reply: SitReply): void {
    if (this.busy === null || reply.id !== this.busy.id || reply.state === 'progress') return;
    clearTimeout(this.timer);
    const { done } = this.busy;
    this.busy = null;
    done(reply.state === 'done' ? { ok: true, answer: reply.answer } : { ok: false, message: reply.message });
    this.next();
  }

  private lost(why: string): void {
    clearTimeout(this.timer);
    this.worker?.terminate();
    this.worker = null;
    const was = this.busy;
    this.busy = null;
    if (was === null) return;
    if (was.attempt < MOST_ATTEMPTS) {
      this.send(was, was.attempt + 1);
      return;
    }
    was.done({ ok: false, message: why });
    this.next();
  }
}
