import { EMPTY_FORM, formOf, readHorseForm } from '../horse-form-model';

const read = (change: Partial<typeof EMPTY_FORM>) => readHorseForm({ ...EMPTY_FORM, name: 'Marl', ...change }, 2026);

describe('the horse form', () => {
  it('reads hands, centimetres, commas and nothing', () => {
    expect(read({ height: '16.3' }).horse?.heightMm).toBeCloseTo(1701.8, 6);
    expect(read({ height: '152,5', heightUnit: 'cm' }).horse?.heightMm).toBe(1525);
    expect(read({}).horse).toMatchObject({ heightMm: null, bornYear: null });
  });

  it('turns an age into a year', () => {
    expect(read({ age: '9' }).horse?.bornYear).toBe(2017);
  });

  it.each([
    [{ name: '  ' }, 'name'],
    [{ name: '\u200b' }, 'name'],
    [{ name: 'a'.repeat(121) }, 'name'],
    [{ height: '15.7' }, 'height'],
    [{ height: '1.6', heightUnit: 'cm' as const }, 'height'],
    [{ age: 'old' }, 'age'],
    [{ age: '300' }, 'age'],
  ])('refuses %j, naming the field', (change, field) => {
    const { horse, problems } = read(change);
    expect(horse).toBeNull();
    expect(Object.keys(problems)).toEqual([field]);
  });

  it('there and back changes nothing', () => {
    const horse = read({ kind: 'cob', age: '9', height: '15.1', note: 'n' }).horse!;
    expect(readHorseForm(formOf(horse, 2026), 2026).horse).toEqual(horse);
  });
});
