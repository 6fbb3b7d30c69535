import { mergeFields } from '..';

const was = { name: 'Sorrel', note: '', riders: ['a'] };

describe('two people change one record', () => {
  it('different fields go together', () => {
    expect(mergeFields(was, { ...was, note: 'mine' }, { ...was, name: 'Theirs' })).toEqual({
      merged: { name: 'Theirs', note: 'mine', riders: ['a'] },
      clashing: [],
    });
  });

  it('the same change is no clash', () => {
    expect(mergeFields(was, { ...was, note: 'same', riders: ['a', 'b'] }, { ...was, note: 'same', riders: ['a', 'b'] }).clashing).toEqual(
      [],
    );
  });

  it('one field changed two ways clashes and keeps theirs until somebody chooses', () => {
    expect(mergeFields(was, { ...was, note: 'mine' }, { ...was, note: 'theirs' })).toEqual({
      merged: { ...was, note: 'theirs' },
      clashing: ['note'],
    });
  });

  it('who saw nothing clashes wherever there is something else', () => {
    expect(mergeFields(null, { ...was, note: 'mine' }, was).clashing).toEqual(['note']);
  });

  it('what I left alone is theirs', () => {
    expect(mergeFields(was, was, { name: 'New', note: 'new', riders: [] }).merged).toEqual({ name: 'New', note: 'new', riders: [] });
  });
});

describe('what counts as the same', () => {
  const merged = (mine: unknown, theirs: unknown) => mergeFields({ f: 'was' }, { f: mine }, { f: theirs }).clashing;
  it.each([
    ['the same parts in another order', { a: 1, b: [1, { c: 2 }] }, { b: [1, { c: 2 }], a: 1 }, []],
    ['a part left out and one that is undefined', { a: 1 }, { a: 1, b: undefined }, []],
    ['another value deep inside', { a: { b: 1 } }, { a: { b: 2 } }, ['f']],
    ['a list in another order', [1, 2], [2, 1], ['f']],
    ['a longer list', [1], [1, 2], ['f']],
    ['a list and a record', [1], { 0: 1 }, ['f']],
    ['nothing and something', null, {}, ['f']],
  ])('%s', (_, mine, theirs, clashing) => {
    expect(merged(mine, theirs)).toEqual(clashing);
  });
});
