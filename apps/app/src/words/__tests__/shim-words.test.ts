import { NOTHING_ADDED } from '@fulcra/core';
import { shimWords, shimsLine, shimsPut } from '../shim-words';

const SHIMS = { near: { front: 0, middle: 2, rear: 0 }, off: { front: 3, middle: 0, rear: 6 } };

describe('shims in words', () => {
  it('each says how thick, which pocket, and which way its curved edge goes', () =>
    expect(shimsPut(SHIMS).map(shimWords)).toEqual([
      '3 mm, front off pocket, curved edge to the blade',
      '2 mm, middle near pocket',
      '6 mm, rear off pocket, curved edge to the tail',
    ]));
  it('in one line', () => expect(shimsLine(SHIMS)).toBe('shims front off 3, middle near 2, rear off 6 mm'));
  it('none is nothing said', () => {
    expect(shimsPut(NOTHING_ADDED)).toEqual([]);
    expect(shimsLine(NOTHING_ADDED)).toBeNull();
  });
});
