import { type Write } from '@fulcra/contract';
import { ISLA, ROWAN, factWrite, later, room, settled, takesAll, visitWrite } from './fakes';

const ids = (writes: readonly Write[]) => writes.map((w) => (w.kind === 'fact' ? w.factId : w.kind));

describe('somebody leaves', () => {
  it('an answer that comes after that changes nothing, and nothing more is sent under that name', async () => {
    let answer: () => void = () => undefined;
    const late = new Promise<void>((resolve) => (answer = resolve));
    const { sync, sent, taken, clock } = room([
      async (entries) => {
        await late;
        return entries.map(() => later('noSignal'));
      },
      takesAll,
    ]);
    await sync.add(ISLA, visitWrite);
    const flushed = sync.flush(ISLA);
    await settled();
    sync.stop();
    await sync.dropAll(sync.waiting().map((w) => w.id));
    answer();
    await flushed;
    expect([sync.waiting(), taken, sync.state(), clock.waits]).toEqual([[], [], 'idle', []]);
    expect(sent).toHaveLength(1);
  });

  it('one that waited for its turn does not begin', async () => {
    const { sync, sent } = room();
    await sync.add(ISLA, visitWrite);
    const flushed = sync.flush(ISLA);
    sync.stop();
    await flushed;
    expect(sent).toEqual([]);
    await sync.flush(ROWAN);
    await sync.flush(ISLA);
    expect(sent).toHaveLength(1);
  });

  it('what comes back is where it was in the order', async () => {
    const { sync } = room();
    await sync.add(ISLA, visitWrite);
    await sync.add(ISLA, factWrite('a'));
    const left = sync.waiting();
    await sync.dropAll(left.map((w) => w.id));
    await sync.add(ROWAN, factWrite('b'));
    await sync.bringBack(left);
    expect(sync.waiting().filter((w) => w.personId === 'isla')).toEqual(left);
    await sync.add(ISLA, factWrite('c'));
    expect(ids(sync.waiting().map((w) => w.write)).at(-1)).toBe('c');
  });
});
