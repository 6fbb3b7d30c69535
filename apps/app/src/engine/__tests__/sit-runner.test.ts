import { type BodyInput, type SitAsked } from '@fulcra/core';
import { SitRunner } from '../sit-runner';
import { type Answered, LOST_AFTER_MS, type WorkerAsk, type WorkerLike, type WorkerReply } from '../worker-client';

const INPUT = { stations: [], topline: null, liftMm: null } as unknown as BodyInput;
const asked = (place: number): SitAsked => ({ setup: { placeMm: place } }) as unknown as SitAsked;

class FakeWorker implements WorkerLike {
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  readonly got: WorkerAsk[] = [];
  ended = false;
  postMessage(message: WorkerAsk): void {
    this.got.push(message);
  }
  terminate(): void {
    this.ended = true;
  }
  questions(): WorkerAsk[] {
    return this.got.filter((m) => m.kind !== 'body');
  }
  answer(reply: Partial<WorkerReply> = {}): void {
    const { id } = this.questions().at(-1)!;
    this.onmessage?.({ data: { id, state: 'done', answer: id, ...reply } as WorkerReply } as MessageEvent<WorkerReply>);
  }
}

function running() {
  const workers: FakeWorker[] = [];
  const make = () => {
    const worker = new FakeWorker();
    workers.push(worker);
    return worker;
  };
  return { workers, runner: new SitRunner(make, INPUT) };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

describe('asking the engine while a finger moves', () => {
  it('sends the horse once, before the first question', () => {
    const { workers, runner } = running();
    runner.ask('sit', asked(1), () => undefined);
    workers[0]!.answer();
    runner.ask('sit', asked(2), () => undefined);
    expect(workers[0]!.got.map((m) => m.kind)).toEqual(['body', 'sit', 'sit']);
  });

  it('keeps only the newest question while it is busy', () => {
    const { workers, runner } = running();
    const told: number[] = [];
    for (const n of [1, 2, 3, 4]) runner.ask('sit', asked(n), () => told.push(n));
    expect(workers[0]!.questions()).toHaveLength(1);
    workers[0]!.answer();
    expect(workers[0]!.questions()).toHaveLength(2);
    workers[0]!.answer();
    expect(told).toEqual([1, 4]);
  });

  it('answers where the saddle sits before what its neighbours would do', () => {
    const { workers, runner } = running();
    runner.ask('sit', asked(1), () => undefined);
    runner.ask('neighbours', asked(1), () => undefined);
    runner.ask('sit', asked(2), () => undefined);
    workers[0]!.answer();
    expect(workers[0]!.questions().at(-1)!.kind).toBe('sit');
  });
});

describe('a worker that is lost', () => {
  it('killed in the middle of a solve: another is started and asked the same, and nobody notices', () => {
    const { workers, runner } = running();
    let told: Answered<unknown> | null = null;
    runner.ask('sit', asked(7), (answered) => (told = answered));
    jest.advanceTimersByTime(LOST_AFTER_MS + 1);
    expect(workers).toHaveLength(2);
    expect(workers[0]!.ended).toBe(true);
    expect(workers[1]!.questions()[0]).toMatchObject({ kind: 'sit', ask: asked(7) });
    workers[1]!.answer();
    expect(told).toMatchObject({ ok: true });
  });

  it('lost twice: it is said why, and the next question starts afresh', () => {
    const { workers, runner } = running();
    let told: Answered<unknown> | null = null;
    runner.ask('sit', asked(1), (answered) => (told = answered));
    for (const worker of [0, 1]) workers[worker]!.onerror?.({ message: 'out of memory' } as ErrorEvent);
    expect(told).toEqual({ ok: false, message: 'out of memory' });
    runner.ask('sit', asked(2), (answered) => (told = answered));
    workers[2]!.answer();
    expect(told).toMatchObject({ ok: true });
  });

  it('a late answer of a question that was given up is not taken for the new one', () => {
    const { workers, runner } = running();
    let told = 0;
    runner.ask('sit', asked(1), () => told++);
    workers[0]!.answer({ id: 99 });
    expect(told).toBe(0);
  });

  it('closing the room ends the worker and forgets what waited', () => {
    const { workers, runner } = running();
    runner.ask('sit', asked(1), () => {
      throw new Error('nobody listens any more');
    });
    runner.close();
    expect(workers[0]!.ended).toBe(true);
    jest.advanceTimersByTime(3 * LOST_AFTER_MS);
    expect(workers).toHaveLength(1);
  });
});
