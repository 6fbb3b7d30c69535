import { FairTurns, Turns } from '../../src/platform/turns';

describe('turns', () => {
  it('are one after the other for one name, beside each other for two, and forgotten afterwards', async () => {
    const turns = new Turns();
    const now: string[] = [];
    const work = (name: string) => async () => {
      now.push(`${name} in`);
      await new Promise((next) => setImmediate(next));
      now.push(`${name} out`);
    };
    await Promise.all([turns.take('a', work('a1')), turns.take('a', work('a2')), turns.take('b', work('b'))]);
    expect(now.filter((n) => n.startsWith('a'))).toEqual(['a1 in', 'a1 out', 'a2 in', 'a2 out']);
    expect(now.indexOf('b in')).toBeLessThan(now.indexOf('a1 out'));
    expect(turns.size).toBe(0);
  });

  it('a turn that fails holds nobody up', async () => {
    const turns = new Turns();
    const failing = turns.take('a', () => Promise.reject(new Error('no')));
    await expect(failing).rejects.toThrow('no');
    await expect(turns.take('a', async () => 'yes')).resolves.toBe('yes');
  });
});

describe('fair turns', () => {
  const slow = (name: string, into: string[]) => async () => {
    into.push(`${name} in`);
    await new Promise((next) => setTimeout(next, 5));
    into.push(`${name} out`);
  };

  it('whoever has much waiting has one turn at a time, and others theirs between', async () => {
    const turns = new FairTurns(2);
    const now: string[] = [];
    const greedy = ['a1', 'a2', 'a3', 'a4'].map((n) => turns.take('a', slow(n, now)));
    const others = [turns.take('b', slow('b', now)), turns.take('c', slow('c', now))];
    await Promise.all([...greedy, ...others]);
    expect(now.filter((n) => n.startsWith('a'))).toEqual(['a1', 'a2', 'a3', 'a4'].flatMap((n) => [`${n} in`, `${n} out`]));
    expect(now.indexOf('b in')).toBeLessThan(now.indexOf('a1 out'));
    expect(now.indexOf('c in')).toBeLessThan(now.indexOf('a3 in'));
  });

  it('no more are under way than may be, and one that fails holds nobody up', async () => {
    const turns = new FairTurns(2);
    let [busy, most] = [0, 0];
    const work = async (): Promise<void> => {
      most = Math.max(most, ++busy);
      await new Promise((next) => setTimeout(next, 3));
      busy--;
      throw new Error('no');
    };
    const all = ['a', 'b', 'c', 'd', 'e'].map((name) => turns.take(name, work));
    for (const one of all) await expect(one).rejects.toThrow('no');
    expect(most).toBe(2);
    await expect(turns.take('a', async () => 'yes')).resolves.toBe('yes');
  });
});
