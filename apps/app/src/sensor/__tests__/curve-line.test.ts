import { ANSWERS_WITHIN_MS, type CurveHears, type NotHeard, openLine } from '../curve-line';

class FakeWorker {
  static last: FakeWorker;
  readonly posted: unknown[] = [];
  terminated = false;
  onmessage: (event: { data: unknown }) => void = () => undefined;
  onerror: () => void = () => undefined;
  constructor(readonly path: string) {
    FakeWorker.last = this;
  }
  postMessage(data: unknown): void {
    this.posted.push(data);
  }
  terminate(): void {
    this.terminated = true;
  }
  says(data: unknown): void {
    this.onmessage({ data });
  }
}

const page = { protocol: 'http:', origin: 'http://here' };
Object.defineProperty(globalThis, 'window', { value: { location: page }, configurable: true });
Object.assign(globalThis, { Worker: FakeWorker });
beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask'] });
  page.protocol = 'http:';
});
afterEach(() => jest.useRealTimers());

function listener() {
  const ends: NotHeard[] = [];
  const lines: string[] = [];
  const hears: CurveHears = {
    opened: () => lines.push('(open)'),
    lines: (more) => void lines.push(...more),
    ended: (why) => void ends.push(why),
  };
  return { ends, lines, hears };
}
const DEVICE = 'ws://10.0.0.2:8080';

it('a device is heard through a worker, and gone once it goes', () => {
  const { ends, lines, hears } = listener();
  openLine(DEVICE, 'token', hears);
  const worker = FakeWorker.last;
  expect([worker.path, worker.posted]).toEqual(['/api/curve-sensor/worker.js', [{ kind: 'open', address: DEVICE }]]);
  worker.says({ kind: 'open' });
  jest.advanceTimersByTime(10 * ANSWERS_WITHIN_MS);
  worker.says({ kind: 'lines', lines: ['B 1', 'B 2'] });
  worker.says({ kind: 'closed' });
  worker.says({ kind: 'lines', lines: ['B 3'] });
  expect([lines, ends, worker.terminated]).toEqual([['(open)', 'B 1', 'B 2'], ['gone'], true]);
});

it('one that never answers is given up after eight seconds, and says so once', () => {
  const { ends, hears } = listener();
  openLine(DEVICE, 'token', hears);
  jest.advanceTimersByTime(ANSWERS_WITHIN_MS - 1);
  expect(ends).toEqual([]);
  jest.advanceTimersByTime(1);
  FakeWorker.last.says({ kind: 'closed' });
  expect([ends, FakeWorker.last.terminated]).toEqual([['noAnswer'], true]);
});

it('one that closes before it opened refused; one whose worker does not come has none', () => {
  const refused = listener();
  openLine(DEVICE, 'token', refused.hears);
  FakeWorker.last.says({ kind: 'closed' });
  expect(refused.ends).toEqual(['refused']);
  const none = listener();
  openLine(DEVICE, 'token', none.hears);
  FakeWorker.last.onerror();
  expect(none.ends).toEqual(['noWorker']);
});

it('says at once what can’t be: no address, or a plain socket from a page under https, but not on this device', async () => {
  const of = async (address: string): Promise<NotHeard[]> => {
    const { ends, hears } = listener();
    openLine(address, 'token', hears);
    await Promise.resolve();
    return ends;
  };
  expect(await of('')).toEqual(['notSet']);
  page.protocol = 'https:';
  expect(await of(DEVICE)).toEqual(['needsSecure']);
  expect(await of('ws://127.0.0.1:8081')).toEqual([]);
  expect(await of('wss://10.0.0.2')).toEqual([]);
});

it('hung up by the person, it says nothing more', () => {
  const { ends, lines, hears } = listener();
  const line = openLine(DEVICE, 'token', hears);
  line.close();
  FakeWorker.last.says({ kind: 'lines', lines: ['B 1'] });
  FakeWorker.last.says({ kind: 'closed' });
  jest.advanceTimersByTime(2 * ANSWERS_WITHIN_MS);
  expect([ends, lines]).toEqual([[], []]);
});
