import { answerAsks } from '../answer-asks';
import { type Answered, LOST_AFTER_MS, type WorkerAsk, WorkerClient, type WorkerLike, type WorkerReply } from '../worker-client';

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
  say(reply: WorkerReply): void {
    this.onmessage?.({ data: reply } as MessageEvent<WorkerReply>);
  }
}

function asking() {
  const workers: FakeWorker[] = [];
  const client = new WorkerClient(
    () => {
      workers.push(new FakeWorker());
      return workers.at(-1)!;
    },
    { kind: 'body', ask: 'the horse' },
  );
  const told: Answered<unknown>[] = [];
  const progress: unknown[] = [];
  const ask = (kind = 'sit'): void =>
    client.ask(kind, kind, { progress: (p) => progress.push(p), done: (answered) => told.push(answered) });
  return { workers, client, told, progress, ask };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

describe('one worker, asked one thing at a time', () => {
  it('is told what the questions are about before the first one, and once', () => {
    const { workers, ask } = asking();
    ask();
    workers[0]!.say({ id: 1, state: 'done', answer: 1 });
    ask();
    expect(workers).toHaveLength(1);
    expect(workers[0]!.got).toEqual([
      { id: 0, kind: 'body', ask: 'the horse' },
      { id: 1, kind: 'sit', ask: 'sit' },
      { id: 2, kind: 'sit', ask: 'sit' },
    ]);
  });

  it('refuses a second question while it is busy, and takes it afterwards', () => {
    const { workers, client, ask } = asking();
    ask();
    expect(() => ask('flock')).toThrow('flock before it had answered');
    workers[0]!.say({ id: 1, state: 'done', answer: 1 });
    expect(client.busy).toBe(false);
    expect(() => ask('flock')).not.toThrow();
  });

  it('hears only the answer to what it asked', () => {
    const { workers, told, ask } = asking();
    ask();
    workers[0]!.say({ id: 0, state: 'done', answer: 'the horse was taken in' });
    workers[0]!.say({ id: 2, state: 'done', answer: 'of the future' });
    expect(told).toEqual([]);
    workers[0]!.say({ id: 1, state: 'failed', message: 'no section' });
    expect(told).toEqual([{ ok: false, message: 'no section' }]);
  });

  it('takes each word of progress as a sign of life', () => {
    const { workers, told, progress, ask } = asking();
    ask();
    for (const share of [0.2, 0.4, 0.6]) {
      jest.advanceTimersByTime(LOST_AFTER_MS - 1);
      workers[0]!.say({ id: 1, state: 'progress', progress: share });
    }
    expect(progress).toEqual([0.2, 0.4, 0.6]);
    expect(workers).toHaveLength(1);
    workers[0]!.say({ id: 1, state: 'done', answer: 'ranked' });
    expect(told).toEqual([{ ok: true, answer: 'ranked' }]);
  });

  it('silent for the whole time: asked once more of another, and only then given up', () => {
    const { workers, told, ask } = asking();
    ask();
    jest.advanceTimersByTime(LOST_AFTER_MS - 1);
    expect(workers).toHaveLength(1);
    jest.advanceTimersByTime(1);
    expect(workers.map((w) => w.ended)).toEqual([true, false]);
    expect(workers[1]!.got.map((m) => m.kind)).toEqual(['body', 'sit']);
    expect(told).toEqual([]);
    jest.advanceTimersByTime(LOST_AFTER_MS);
    expect(told).toEqual([{ ok: false, message: 'it gave no answer' }]);
    expect(workers).toHaveLength(2);
  });

  it('a worker that breaks down with nothing asked is only replaced', () => {
    const { workers, client, told, ask } = asking();
    client.open();
    workers[0]!.onerror?.({ message: 'out of memory' } as ErrorEvent);
    expect(told).toEqual([]);
    ask();
    expect(workers).toHaveLength(2);
  });

  it('cancelled: the worker is ended and nobody is told, then or later', () => {
    const { workers, client, told, ask } = asking();
    ask();
    client.cancel();
    workers[0]!.say({ id: 1, state: 'done', answer: 1 });
    jest.advanceTimersByTime(2 * LOST_AFTER_MS);
    expect(workers.map((w) => w.ended)).toEqual([true]);
    expect(told).toEqual([]);
  });

  it('cancelling when nothing is asked leaves the worker ready', () => {
    const { workers, client } = asking();
    client.open();
    client.cancel();
    expect(workers[0]!.ended).toBe(false);
  });
});

describe('the worker’s side', () => {
  const said: WorkerReply[] = [];
  const hear = answerAsks(
    {
      double: (n: number) => 2 * n,
      list: () => [1, 2],
      refuse: () => {
        throw new Error('the horse has no back');
      },
      *count(to: number) {
        for (let n = 1; n <= to; n += 1) yield n;
        return 'counted';
      },
    },
    (reply) => said.push(reply),
  );
  const ask = (kind: string, what: unknown): WorkerReply[] => {
    said.length = 0;
    hear({ data: { id: 7, kind, ask: what } } as unknown as MessageEvent<WorkerAsk>);
    return [...said];
  };

  it('answers with the id it was asked by', () => expect(ask('double', 21)).toEqual([{ id: 7, state: 'done', answer: 42 }]));
  it('a list is an answer, not a job', () => expect(ask('list', 0)).toEqual([{ id: 7, state: 'done', answer: [1, 2] }]));
  it('says why it has none', () => expect(ask('refuse', 0)).toEqual([{ id: 7, state: 'failed', message: 'the horse has no back' }]));
  it('says what it doesn’t know', () =>
    expect(ask('weigh', 0)[0]).toMatchObject({ state: 'failed', message: expect.stringContaining('weigh') }));

  it('tells of a job how far it is, now and then, and its end once', () => {
    let now = 1000;
    jest.spyOn(performance, 'now').mockImplementation(() => (now += 20));
    const all = ask('count', 30);
    expect(all.at(-1)).toEqual({ id: 7, state: 'done', answer: 'counted' });
    const told = all.slice(0, -1);
    expect(told.every((r) => r.state === 'progress')).toBe(true);
    expect(told.length).toBeGreaterThan(3);
    expect(told.length).toBeLessThan(15);
    jest.restoreAllMocks();
  });
});
