import { personUnit } from '../person-unit';
import { draftInUnit, readLength, typedLength } from '../typed-length';

afterEach(() => personUnit.set('mm'));

describe('a length that is typed', () => {
  it.each([
    ['mm', '700', 700],
    ['mm', '700,5', 700.5],
    ['mm', ' −12 ', -12],
    ['cm', '70', 700],
    ['cm', '70.25', 702.5],
    ['in', '27.5', 698.5],
    ['in', '1,01', 25.7],
  ] as const)('in %s, "%s" is %d mm', (unit, text, mm) => {
    personUnit.set(unit);
    expect(readLength(text)).toBe(mm);
  });

  it('nothing is nothing, and what is no number can’t be read', () => {
    expect([readLength(''), readLength('  ')]).toEqual([null, null]);
    expect(readLength('long')).toBeNaN();
    personUnit.set('in');
    expect(readLength('long')).toBeNaN();
  });

  it.each(['mm', 'cm', 'in'] as const)('in %s, what stands there reads as what it was', (unit) => {
    personUnit.set(unit);
    for (const mm of [5, 25, 60.5, 120, 250, 702.3, 1800, -12]) expect(readLength(typedLength(mm))).toBe(mm);
    expect(typedLength(null)).toBe('');
  });

  it('what was begun in one unit isn’t gone on with in another', () => {
    const names = (['mm', 'cm', 'in'] as const).map((unit) => {
      personUnit.set(unit);
      return draftInUnit('girth-1');
    });
    expect(names[0]).toBe('girth-1');
    expect(new Set(names).size).toBe(3);
  });
});
