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
