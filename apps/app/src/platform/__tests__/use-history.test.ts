import { type Done, NOTHING_DONE, afterDoing, afterRedoing, afterUndoing } from '../use-history';

const done = (words: string, key?: string): Done => ({ words, undo: jest.fn(), redo: jest.fn(), ...(key !== undefined && { key }) });
const words = ({ past, ahead }: typeof NOTHING_DONE) => [past.map((d) => d.words), ahead.map((d) => d.words)];

describe('what was done on a screen', () => {
  it('is taken back in turn, done again in turn, and what was taken back is gone once something else is done', () => {
    const two = afterDoing(afterDoing(NOTHING_DONE, done('a')), done('b'));
    const one = afterUndoing(two);
    expect(words(one)).toEqual([['a'], ['b']]);
    expect(words(afterRedoing(one))).toEqual([['a', 'b'], []]);
    expect(words(afterDoing(one, done('c')))).toEqual([['a', 'c'], []]);
    expect(words(afterUndoing(afterUndoing(one)))).toEqual([[], ['b', 'a']]);
    expect(afterRedoing(two)).toEqual(two);
  });

  it('digits of one number are one step back to what was before the first of them', () => {
    const first = done('7', 'n');
    const last = done('78', 'n');
    const stacks = afterDoing(afterDoing(NOTHING_DONE, first), last);
    expect(words(stacks)).toEqual([['78'], []]);
    expect(stacks.past[0]!.undo).toBe(first.undo);
    expect(stacks.past[0]!.redo).toBe(last.redo);
    expect(words(afterDoing(stacks, done('1', 'm')))).toEqual([['78', '1'], []]);
  });

  it('no more than fifty are kept', () => {
    const many = Array.from({ length: 52 }, (_, i) => done(String(i))).reduce(afterDoing, NOTHING_DONE);
    expect(many.past).toHaveLength(50);
    expect(many.past[0]!.words).toBe('2');
  });
});
