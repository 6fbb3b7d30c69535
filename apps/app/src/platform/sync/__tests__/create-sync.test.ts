import { type Write } from '@fulcra/contract';
import { LEAST_WAIT_MS, MOST_WAIT_MS } from '../sending';
import { MOST_FAILURES } from '../outcome';
import {
  FakeDisk,
  ISLA,
  ROWAN,
  factWrite,
  fakeLock,
  horseWrite,
  later,
  refused,
  room,
  settled,
  takeWrite,
  takesAll,
  visitWrite,
  withdrawalWrite,
} from './fakes';

const silence = jest.spyOn(console, 'error').mockImplementation(() => undefined);
afterAll(() => silence.mockRestore());

const ids = (writes: readonly Write[]) => writes.map((w) => (w.kind === 'fact' ? w.factId : w.kind));

describe('entering', () => {
  it('is on the disk before it counts, and shown at once', async () => {
    const { sync, disk } = room();
    await sync.ready();
    await sync.add(ISLA, visitWrite);
    expect([...disk.kept.values()]).toMatchObject([{ write: visitWrite, practiceId: 'room', personId: 'isla' }]);
    expect(sync.waiting()).toHaveLength(1);
  });

  it('entered in one breath they keep their order', async () => {
    const { sync } = room();
    await Promise.all(['a', 'b', 'c'].map((id) => sync.add(ISLA, factWrite(id))));
    expect(sync.waiting().map((w) => [w.order, ids([w.write])[0]])).toEqual([
      [1, 'a'],
      [2, 'b'],
      [3, 'c'],
    ]);
  });

  it('a full disk is told to whoever entered, and nothing half entered stays', async () => {
    const { sync, disk } = room();
    disk.full = true;
    await expect(sync.add(ISLA, visitWrite)).rejects.toThrow('full');
    expect(sync.waiting()).toEqual([]);
  });

  it('a later word on the same thing takes the place of the earlier; changes of fields follow one another', async () => {
    const { sync } = room();
    await sync.add(ISLA, withdrawalWrite('t'));
    await sync.add(ISLA, { ...withdrawalWrite('t'), body: { withdrawn: false } } as Write);
    await sync.add(ISLA, horseWrite('a'));
    await sync.add(ISLA, horseWrite('b'));
    expect(sync.waiting().map((w) => w.write)).toMatchObject([
      { kind: 'withdrawal', body: { withdrawn: false } },
      { kind: 'horse', body: { note: 'a' } },
      { kind: 'horse', body: { note: 'b' } },
    ]);
  });
});

describe('sending', () => {
  it('goes in the order of entry, lays in what was taken, forgets it, and says once that nothing is left', async () => {
    const { sync, disk, sent, taken, said } = room();
    for (const write of [horseWrite(), visitWrite, factWrite('f1'), factWrite('f2')]) await sync.add(ISLA, write);
    await sync.flush(ISLA);
    expect(sent.map(ids)).toEqual([['horse'], ['visit'], ['f1', 'f2']]);
    expect(ids(taken)).toEqual(['horse', 'visit', 'f1', 'f2']);
    expect([disk.kept.size, sync.state(), said.caughtUp]).toEqual([0, 'idle', 1]);
  });

  it('puts up to a hundred small entries into one message', async () => {
    const { sync, sent } = room();
    for (let i = 0; i < 250; i++) await sync.add(ISLA, factWrite(`f${i}`));
    await sync.flush(ISLA);
    expect(sent.map((s) => s.length)).toEqual([100, 100, 50]);
    expect(sent.flat().map((w) => (w.kind === 'fact' ? w.factId : ''))).toEqual(Array.from({ length: 250 }, (_, i) => `f${i}`));
  });

  it('what hangs on an entry of the same message goes in the next', async () => {
    const { sync, sent } = room();
    for (const write of [takeWrite('t'), factWrite('f'), withdrawalWrite('t')]) await sync.add(ISLA, write);
    await sync.flush(ISLA);
    expect(sent.map(ids)).toEqual([['take', 'f'], ['withdrawal']]);
  });

  it('sends what one person entered under no other name', async () => {
    const { sync, sent } = room();
    await sync.add(ISLA, factWrite('hers'));
    await sync.add(ROWAN, factWrite('his'));
    await sync.flush(ROWAN);
    expect(sent.flat().map((w) => ids([w])[0])).toEqual(['his']);
    expect(sync.waiting()).toHaveLength(1);
    await sync.flush(ISLA);
    expect(sync.waiting()).toEqual([]);
  });
});

describe('when it doesn’t go well', () => {
  it('no signal: it stays, says so, and is tried again after a growing pause that has an end', async () => {
    const { sync, clock, sent } = room([() => [later('noSignal')]]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    const pauses: number[] = [];
    for (let i = 0; i < 5; i++) {
      expect(sync.state()).toBe('noSignal');
      pauses.push(clock.waits[0]!);
      await clock.pass(clock.waits[0]!);
    }
    expect(pauses).toEqual([LEAST_WAIT_MS, 2000, 4000, MOST_WAIT_MS, MOST_WAIT_MS]);
    expect(sent).toHaveLength(6);
    expect(sync.waiting()).toHaveLength(1);
  });

  it('an answer that got lost on its way: sent again, taken once', async () => {
    const { sync, clock, taken } = room([() => [later('noSignal')], takesAll]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    await clock.pass(LEAST_WAIT_MS);
    expect([ids(taken), sync.state()]).toEqual([['f'], 'idle']);
  });

  it('401: it waits for the person, not for a timer, and goes on as soon as they are back', async () => {
    const { sync, clock, said } = room([() => [later('signedOut')], takesAll]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    expect([sync.state(), said.sessionEnded, clock.waits]).toEqual(['signedOut', 1, []]);
    sync.flushSoon(ISLA);
    await settled();
    expect([sync.state(), sync.waiting()]).toEqual(['idle', []]);
  });

  it('403: the session is asked for anew and it is tried again by itself', async () => {
    const { sync, clock, said } = room([() => [later('sessionStale')], takesAll]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    expect([sync.state(), said.sessionEnded]).toEqual(['sessionStale', 1]);
    await clock.pass(LEAST_WAIT_MS);
    expect(sync.waiting()).toEqual([]);
  });

  it('429: it waits as long as the server asks', async () => {
    const { sync, clock } = room([() => [later('busy', 30_000)], takesAll]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    expect([sync.state(), clock.waits]).toEqual(['busy', [30_000]]);
  });

  it('a refusal is put before the person; what hangs on it waits, everything else goes on', async () => {
    const { sync, sent } = room([() => [refused()], takesAll]);
    for (const write of [visitWrite, factWrite('f'), horseWrite('', 'other')]) await sync.add(ISLA, write);
    await sync.flush(ISLA);
    expect(sent.map(ids)).toEqual([['visit'], ['horse']]);
    expect(sync.waiting().map((w) => [w.write.kind, w.refused?.message])).toEqual([
      ['visit', 'no'],
      ['fact', undefined],
    ]);
    expect(sync.state()).toBe('idle');
  });

  it('a clash holds later changes of the same thing only', async () => {
    const { sync, sent } = room([() => [refused({ fields: ['note'], theirs: {} })], takesAll]);
    for (const write of [visitWrite, factWrite('f'), { ...visitWrite }]) await sync.add(ISLA, write);
    await sync.flush(ISLA);
    expect(sent.map(ids)).toEqual([['visit'], ['f']]);
    expect(sync.waiting().map((w) => w.write.kind)).toEqual(['visit', 'visit']);
  });

  it('refused, it goes again when the person says so, with what they made of it', async () => {
    const { sync, sent } = room([() => [refused()], takesAll]);
    await sync.add(ISLA, horseWrite('mine'));
    await sync.flush(ISLA);
    await sync.again(sync.waiting()[0]!.id, horseWrite('settled'));
    expect(sync.waiting()[0]!.refused).toBeUndefined();
    await sync.flush(ISLA);
    expect(sent.at(-1)).toMatchObject([{ body: { note: 'settled' } }]);
    expect(sync.waiting()).toEqual([]);
  });

  it('of many in one message each has its own fate', async () => {
    const { sync, taken } = room([(all) => all.map((_, i) => (i === 1 ? refused() : { kind: 'taken' }))]);
    for (const id of ['a', 'b', 'c']) await sync.add(ISLA, factWrite(id));
    await sync.flush(ISLA);
    expect(ids(taken)).toEqual(['a', 'c']);
    expect(sync.waiting().map((w) => ids([w.write])[0])).toEqual(['b']);
  });

  it('one entry that the server fails on again and again is set aside, and what stands behind it goes on', async () => {
    const { sync, clock, taken } = room([
      (all) => (all[0]!.write.kind === 'horse' ? [later('serverFails')] : all.map(() => ({ kind: 'taken' as const }))),
    ]);
    await sync.add(ISLA, horseWrite('poisoned'));
    await sync.add(ISLA, factWrite('behind', 'elsewhere'));
    await sync.flush(ISLA);
    for (let i = 1; i < MOST_FAILURES; i++) {
      expect(taken).toEqual([]);
      await clock.pass(MOST_WAIT_MS);
    }
    await clock.pass(MOST_WAIT_MS);
    expect(ids(taken)).toEqual(['behind']);
    expect(sync.waiting()[0]!.refused?.message).toContain(String(MOST_FAILURES));
  });

  it('an answer for fewer than were sent: the rest is sent again', async () => {
    const { sync, sent } = room([(all) => all.slice(0, 1).map(() => ({ kind: 'taken' as const })), takesAll]);
    for (const id of ['a', 'b', 'c']) await sync.add(ISLA, factWrite(id));
    await sync.flush(ISLA);
    expect(sent.map(ids)).toEqual([
      ['a', 'b', 'c'],
      ['b', 'c'],
    ]);
    expect(sync.waiting()).toEqual([]);
  });

  it('an answer for none leaves nothing hanging in "sending"', async () => {
    const { sync, clock } = room([() => [], takesAll]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    expect(sync.state()).toBe('notUnderstood');
    await clock.pass(LEAST_WAIT_MS);
    expect([sync.state(), sync.waiting()]).toEqual(['idle', []]);
  });

  it('a fault of its own is said, loses nothing, and is tried again', async () => {
    const { sync, clock } = room([
      () => {
        throw new TypeError('a bug');
      },
      takesAll,
    ]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    expect([sync.state(), sync.waiting().length]).toEqual(['deviceFails', 1]);
    await clock.pass(LEAST_WAIT_MS);
    expect([sync.state(), sync.waiting()]).toEqual(['idle', []]);
  });

  it('a tab killed after the server took an entry and before it was forgotten: sent again, then forgotten', async () => {
    const { sync, disk, clock, sent } = room();
    await sync.add(ISLA, factWrite('f'));
    disk.failsToDrop = true;
    await sync.flush(ISLA);
    expect(disk.kept.size).toBe(1);
    disk.failsToDrop = false;
    const next = room([takesAll], { disk });
    await next.sync.flush(ISLA);
    expect([sent.length, next.sent.length, disk.kept.size]).toEqual([1, 1, 0]);
    expect(clock.waits.length).toBe(1);
  });

  it('closed, it tries no more', async () => {
    const { sync, clock, sent } = room([() => [later('noSignal')]]);
    await sync.add(ISLA, factWrite('f'));
    await sync.flush(ISLA);
    sync.close();
    await clock.pass(10 * MOST_WAIT_MS);
    expect(sent).toHaveLength(1);
  });
});

describe('two tabs', () => {
  it('see what the other enters, and send each entry once', async () => {
    const [disk, alone] = [new FakeDisk(), fakeLock()];
    const [a, b] = [room([takesAll], { disk, alone }), room([takesAll], { disk, alone })];
    await a.sync.ready();
    await b.sync.ready();
    await a.sync.add(ISLA, factWrite('of a'));
    await b.sync.add(ISLA, factWrite('of b'));
    await settled();
    expect([a.sync.waiting().length, b.sync.waiting().length]).toEqual([2, 2]);
    await Promise.all([a.sync.flush(ISLA), b.sync.flush(ISLA)]);
    expect([...a.taken, ...b.taken].map((w) => ids([w])[0]).sort()).toEqual(['of a', 'of b']);
    expect(disk.kept.size).toBe(0);
  });
});

describe('what an earlier release kept', () => {
  it('is sent as this one sends it: a decision gets an id, an entry without a person goes with the practice', async () => {
    const disk = new FakeDisk();
    const old = { id: 'old', order: 1, practiceId: 'room', write: { kind: 'decision', visitId: 'v', body: { reasons: 'kept' } } };
    disk.kept.set('old', old as never);
    const { sync, sent } = room([takesAll], { disk });
    await sync.flush(ISLA);
    expect(sent).toMatchObject([[{ kind: 'decision', visitId: 'v', decisionId: 'old' }]]);
  });
});
