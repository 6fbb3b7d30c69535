import { Turns } from '../../src/platform/turns';

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
