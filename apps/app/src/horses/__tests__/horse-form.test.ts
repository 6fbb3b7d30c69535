import { EMPTY_FORM, type HorseForm, asItWasWhereUntouched, formOf, horseFormSchema } from '../horse-form-model';

function read(change: Partial<HorseForm>) {
  const outcome = horseFormSchema(2026).safeParse({ ...EMPTY_FORM, name: 'Marl', ...change });
  return { horse: outcome.data ?? null, problems: outcome.error?.issues.map((i) => ({ at: i.path.join('.'), says: i.message })) ?? [] };
}

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
    expect(problems.map((p) => p.at)).toEqual([field]);
    expect(problems[0]!.says).toMatch(/[.!]$/);
  });

  it('there and back changes nothing', () => {
    const horse = read({ kind: 'cob', age: '9', height: '15.1', note: 'n' }).horse!;
    expect(read(formOf(horse, 2026)).horse).toEqual(horse);
  });

  it.each([
    [{ height: '4.3' }, null],
    [{ height: '5' }, 508],
    [{ height: '21.2' }, 2184.4],
    [{ height: '21.3' }, 2209.8],
    [{ height: '49', heightUnit: 'cm' as const }, null],
    [{ height: '50', heightUnit: 'cm' as const }, 500],
    [{ height: '220', heightUnit: 'cm' as const }, 2200],
    [{ height: '221', heightUnit: 'cm' as const }, null],
  ])('%j is %s mm', (change, mm) => {
    const wanted = mm !== null && mm <= 2200 ? mm : null;
    const { horse } = read(change);
    if (wanted === null) expect(horse).toBeNull();
    else expect(horse!.heightMm).toBeCloseTo(wanted, 6);
  });

  it.each([
    ['55', 1971],
    ['56', null],
    ['0', 2026],
    ['-1', null],
  ])('aged %s: born in %s', (age, bornYear) => expect(read({ age }).horse?.bornYear ?? null).toBe(bornYear));

  it('what wasn’t touched goes back to the last digit; what was, as it was typed', () => {
    const was = { ...read({}).horse!, heightMm: 1607.3, bornYear: 2006 };
    const form = formOf(was, 2026);
    const same = asItWasWhereUntouched(read(form).horse!, form, was, 2026);
    expect(same).toEqual(was);
    const taller = { ...form, height: '16.1' };
    expect(asItWasWhereUntouched(read(taller).horse!, taller, was, 2026).heightMm).toBeCloseTo(1651, 6);
    const inCm = { ...form, height: '160', heightUnit: 'cm' as const };
    expect(asItWasWhereUntouched(read(inCm).horse!, inCm, was, 2026).heightMm).toBe(1600);
    const older = { ...form, age: '21' };
    expect(asItWasWhereUntouched(read(older).horse!, older, was, 2026).bornYear).toBe(2005);
  });
});
