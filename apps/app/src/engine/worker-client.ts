import { WORKER_WORDS } from '../words/saving-words';

/** What any worker of the engine is asked: an id that comes back with the answer, the kind of question, and the question. */
export interface WorkerAsk {
  readonly id: number;
  readonly kind: string;
  readonly ask: unknown;
}

/** What it says: how far it is, as often as it likes; then the answer, or why there is none. */
export type WorkerReply =
  | { readonly id: number; readonly state: 'progress'; readonly progress: unknown }
  | { readonly id: number; readonly state: 'done'; readonly answer: unknown }
  | { readonly id: number; readonly state: 'failed'; readonly message: string };

export interface WorkerLike {
  onmessage: ((event: MessageEvent<WorkerReply>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
  postMessage(message: WorkerAsk): void;
  terminate(): void;
}

export type Answered<T> = { readonly ok: true; readonly answer: T } | { readonly ok: false; readonly message: string };

export interface Listener {
  readonly progress?: (progress: unknown) => void;
  readonly done: (answered: Answered<unknown>) => void;
}

/** A worker that says nothing for so long, neither answer nor progress, is lost, ms. */
export const LOST_AFTER_MS = 15_000;
const MOST_ATTEMPTS = 2;
/** What is told before the first question has no answer that anyone waits for. */
const TOLD = 0;

/** What a new worker is told first: the horse that the questions are about. */
export type Opening = Pick<WorkerAsk, 'kind' | 'ask'>;

/**
 * One worker, asked one thing at a time. One that dies or falls silent is replaced and asked once more;
 * lost again, it is said why. Cancelling ends the worker, since nothing else stops a computation; the next question opens another.
 */
export class WorkerClient {
  private worker: WorkerLike | null = null;
  private asked: (WorkerAsk & Listener & { readonly attempt: number }) | null = null;
  private silence: ReturnType<typeof setTimeout> | undefined;
  private lastId = TOLD;

  constructor(
    private readonly make: () => WorkerLike,
    private readonly opening: Opening | null = null,
  ) {}

  get busy(): boolean {
    return this.asked !== null;
  }

  /** Starts the worker before it is needed, so that its file is there when the signal isn't. */
  open(): void {
    this.worker ??= this.opened();
  }

  /** @throws when it is asked while it is busy */
  ask(kind: string, ask: unknown, listener: Listener): void {
    if (this.busy) throw new Error(`a worker was asked for ${kind} before it had answered`);
    this.send(kind, ask, listener, 1);
  }

  /** Stops what it is at; nobody is told. */
  cancel(): void {
    if (this.busy) this.close();
  }

  close(): void {
    clearTimeout(this.silence);
    this.worker?.terminate();
    this.worker = null;
    this.asked = null;
  }

  private send(kind: string, ask: unknown, listener: Listener, attempt: number): void {
    this.open();
    const id = ++this.lastId;
    this.asked = { ...listener, id, kind, ask, attempt };
    this.listen();
    this.worker?.postMessage({ id, kind, ask });
  }

  private opened(): WorkerLike {
    const worker = this.make();
    worker.onmessage = ({ data }) => this.heard(data);
    worker.onerror = (event) => this.lost(event.message || WORKER_WORDS.notStarted);
    if (this.opening !== null) worker.postMessage({ id: TOLD, ...this.opening });
    return worker;
  }

  private listen(): void {
    clearTimeout(this.silence);
    this.silence = setTimeout(() => this.lost(WORKER_WORDS.noAnswer), LOST_AFTER_MS);
  }

  private heard(reply: WorkerReply): void {
    const { asked } = this;
    if (asked === null || reply.id !== asked.id) return;
    if (reply.state === 'progress') {
      this.listen();
      asked.progress?.(reply.progress);
      return;
    }
    clearTimeout(this.silence);
    this.asked = null;
    asked.done(reply.state === 'done' ? { ok: true, answer: reply.answer } : { ok: false, message: reply.message });
  }

  private lost(why: string): void {
    const { asked } = this;
    this.close();
    if (asked === null) return;
    if (asked.attempt < MOST_ATTEMPTS) this.send(asked.kind, asked.ask, asked, asked.attempt + 1);
    else asked.done({ ok: false, message: why });
  }
}
