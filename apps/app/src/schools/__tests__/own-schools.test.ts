import { ownSchoolSchema, schoolFileSchema } from '@fulcra/contract';
import { schoolById } from '@fulcra/core';
import { copyOf, fileOf, savedAgain, schoolFromFile, withSchool } from '../own-schools';

const BASE = schoolById('western');
const made = copyOf(BASE, null, 'Western, our way', 'Isla Venn');
const changed = savedAgain(made, 'Ours', [{ path: 'engine.friction', value: 0.5 }], 'Isla Venn');

describe('an own school', () => {
  it('is a copy that the contract takes, with nothing changed', () => {
    expect(ownSchoolSchema.parse(made)).toEqual(made);
    expect([made.basedOn, made.basedOnVersion, made.versions[0]!.changes]).toEqual(['western', BASE.version, []]);
  });

  it('saved again keeps what it was before', () => {
    expect(ownSchoolSchema.safeParse(changed).success).toBe(true);
    expect(changed.versions.map((v) => [v.version, v.changes.length])).toEqual([
      [1, 0],
      [2, 1],
    ]);
  });

  it('copied again begins with what the copied one changed', () => {
    const again = copyOf(BASE, changed, 'Third', 'Rowan');
    expect(again.id).not.toBe(changed.id);
    expect([again.basedOn, again.versions.length, again.versions[0]!.changes]).toEqual(['western', 1, changed.versions[1]!.changes]);
  });

  it('takes the place of itself in the list, and stands at its end where it is new', () => {
    expect(withSchool([made], changed)).toEqual([changed]);
    const other = copyOf(BASE, null, 'Other', 'Rowan');
    expect(withSchool([made], other)).toEqual([made, other]);
  });
});

describe('a school as a file', () => {
  it('goes out and comes in again with the same numbers, as another one', () => {
    const file = fileOf(changed);
    expect(schoolFileSchema.parse(file)).toEqual(file);
    const read = schoolFromFile(JSON.stringify(file), 'Rowan');
    expect(read.ok && [read.school.name, read.school.basedOn, read.school.versions[0]!.changes]).toEqual(['Ours', 'western', file.changes]);
    expect(read.ok && read.school.id).not.toBe(changed.id);
  });

  it.each([
    ['no JSON', '{', true, []],
    ['another file', '{"format":"other","version":1}', true, []],
    ['a later format', JSON.stringify({ ...fileOf(changed), version: 2 }), true, []],
    [
      'a number that can’t be',
      JSON.stringify({ ...fileOf(changed), changes: [{ path: 'engine.friction', value: 1e6 }] }),
      false,
      ['SCHOOL_NUMBER_OUT_OF_RANGE'],
    ],
    [
      'a place that isn’t',
      JSON.stringify({ ...fileOf(changed), changes: [{ path: 'engine.magic', value: 1 }] }),
      false,
      ['SCHOOL_NUMBER_UNKNOWN'],
    ],
  ] as const)('%s is refused', (_, text, notASchool, codes) => {
    const read = schoolFromFile(text, 'Rowan');
    expect(read.ok ? null : [read.notASchool, read.problems.map((p) => p.code)]).toEqual([notASchool, codes]);
  });
});
