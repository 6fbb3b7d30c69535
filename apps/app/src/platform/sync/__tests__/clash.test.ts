import { clashesOf, settled } from '../clash';
import { type FieldsWrite } from '@fulcra/contract';

const was = {
  name: 'Marl',
  kind: '',
  bornYear: null,
  heightMm: null,
  note: '',
  sex: 'unknown' as const,
  riderIds: [],
  ownerId: null,
  payerId: null,
  yardId: null,
  ridesIn: null,
  gone: null,
};
const write: FieldsWrite = { kind: 'horse', horseId: 'h', body: { ...was, note: 'mine', heightMm: 1700, was } };
const clash = { fields: ['note'], theirs: { ...was, id: 'h', note: 'theirs', kind: 'cob' } };

describe('a clash', () => {
  it('shows both', () => expect(clashesOf(write, clash)).toEqual([{ field: 'note', mine: 'mine', theirs: 'theirs' }]));

  it('settled for mine keeps the other fields of both', () => {
    const next = settled(write, clash, ['note'])!;
    expect(next.body).toEqual({ ...was, note: 'mine', heightMm: 1700, kind: 'cob', was: { ...was, note: 'theirs', kind: 'cob' } });
  });

  it('settled for theirs still sends what didn’t clash', () => {
    expect(settled(write, clash, [])!.body).toMatchObject({ note: 'theirs', heightMm: 1700 });
  });

  it('settled for theirs with nothing else of mine sends nothing', () => {
    const onlyNote: FieldsWrite = { kind: 'horse', horseId: 'h', body: { ...was, note: 'mine', was } };
    expect(settled(onlyNote, clash, [])).toBeNull();
  });
});
