import {
  decisionWriteSchema,
  horseWriteSchema,
  idSchema,
  nameSchema,
  saddleSchema,
  signInSchema,
  takeWriteSchema,
  visitWriteSchema,
} from '..';

const V7 = '019b8b1f-2400-7000-8000-000000000131';
const V4 = '3f2b8c52-1d5e-4b62-9a41-0c6f5f0a7d11';
const fits = (schema: { safeParse: (value: unknown) => { success: boolean } }, value: unknown) => schema.safeParse(value).success;

describe('the contract', () => {
  it('ids are UUIDv7 and nothing else', () => {
    expect([V7, V4, '', 'x', 17, null].map((id) => fits(idSchema, id))).toEqual([true, false, false, false, false, false]);
  });

  it.each([
    ['Marl', true],
    ['  Marl  ', true],
    ['🐴', true],
    ['سهيل', true],
    ['', false],
    ['   ', false],
    ['\u200b\u202e', false],
    ['a\u0007b', false],
    ['a'.repeat(121), false],
  ])('name %j: %p', (name, ok) => {
    expect(fits(nameSchema, name)).toBe(ok);
  });

  it('a name is kept without the blanks around it', () => {
    expect(nameSchema.parse('  Marl ')).toBe('Marl');
  });

  it('a horse may be known by its name alone', () => {
    const horse = { name: 'Marl', kind: '', bornYear: null, heightMm: null, note: '', sex: 'unknown', riderIds: [] };
    expect(fits(horseWriteSchema, horse)).toBe(true);
    for (const wrong of [{ heightMm: 17 }, { heightMm: '1700' }, { bornYear: 2017.5 }, { name: undefined }]) {
      expect(fits(horseWriteSchema, { ...horse, ...wrong })).toBe(false);
    }
  });

  it('a visit has a day, not a moment', () => {
    const visit = { horseId: V7, startedOn: '2026-11-23', schoolId: 'western', stationMm: 50, status: 'open', note: '', result: null };
    expect(fits(visitWriteSchema, visit)).toBe(true);
    for (const wrong of [
      { startedOn: '2026-13-01' },
      { startedOn: '2026-11-23T10:00:00Z' },
      { schoolId: 'none' },
      { stationMm: -1 },
      { status: 'lost' },
    ]) {
      expect(fits(visitWriteSchema, { ...visit, ...wrong })).toBe(false);
    }
  });

  it('a take is points or widths, bounded in number', () => {
    const take = { station: 'front', takenAtMm: 50, takenAt: '2026-11-23T09:00:00.000Z' };
    const points = (count: number) => ({ kind: 'points', points: Array.from({ length: count }, () => ({ yMm: 0, zMm: 0 })) });
    expect(fits(takeWriteSchema, { ...take, reading: points(2000) })).toBe(true);
    expect(fits(takeWriteSchema, { ...take, reading: points(2001) })).toBe(false);
    expect(fits(takeWriteSchema, { ...take, reading: { kind: 'guess' } })).toBe(false);
    expect(fits(takeWriteSchema, { ...take, reading: { kind: 'widths', widths: [{ depthMm: 60, nearMm: Number.NaN, offMm: 1 }] } })).toBe(
      false,
    );
  });

  it('a decision is within what can be built', () => {
    expect(decisionWriteSchema.shape.includedAngleDeg.safeParse(300).success).toBe(false);
    expect(decisionWriteSchema.shape.includedAngleDeg.safeParse(92).success).toBe(true);
    expect(decisionWriteSchema.shape.section.safeParse([]).success).toBe(false);
  });

  it('a saddle has at least one width', () => {
    expect(saddleSchema.shape.front.shape.settings.safeParse([]).success).toBe(false);
  });

  it('an e-mail is taken in any case', () => {
    expect(signInSchema.parse({ email: ' ISLA@Carrow.Example ', password: 'x' }).email).toBe('isla@carrow.example');
  });
});
