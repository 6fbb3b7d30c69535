import { inPersonUnit } from '../../ui/in-person-unit';
import { lengthNumber, lengthWords, personUnit } from '../person-unit';

afterEach(() => personUnit.set('mm'));

describe('a length in the unit of whoever reads it', () => {
  it.each([
    ['mm', 36, '36 mm'],
    ['mm', '35.6', '35.6 mm'],
    ['mm', '+1.2', '+1.2 mm'],
    ['cm', 36, '3.6 cm'],
    ['cm', '35.6', '3.56 cm'],
    ['in', 36, '1.42 in'],
    ['in', '35.6', '1.402 in'],
    ['in', 254, '10.00 in'],
    ['in', '+25.4', '+1.000 in'],
    ['in', '−25.4', '−1.000 in'],
    ['cm', -20, '−2.0 cm'],
    ['in', 0, '0.00 in'],
    ['in', 'not measured', 'not measured in'],
  ] as const)('%s: %s is "%s"', (unit, mm, words) => {
    personUnit.set(unit);
    expect(lengthWords(mm)).toBe(words);
  });

  it('has as many decimals as its millimetres had, and no more than two of them', () => {
    personUnit.set('cm');
    expect(lengthNumber('1.23456')).toBe('0.123');
    expect(lengthNumber(1)).toBe('0.1');
  });

  it('tells whoever listens, and only when it changes', () => {
    const heard: string[] = [];
    const leave = personUnit.onChange(() => heard.push(personUnit.now()));
    personUnit.set('in');
    personUnit.set('in');
    leave();
    personUnit.set('cm');
    expect(heard).toEqual(['in']);
  });
});

describe('a number of a stepper or a pad', () => {
  it('kept in mm is shown and typed in the unit chosen', () => {
    personUnit.set('in');
    const { unit, shown, start, kept } = inPersonUnit(254, 'mm', 0);
    expect([unit, shown, start, kept(10), kept(1.005)]).toEqual(['in', '10.00', 10, 254, 25.53]);
    expect(inPersonUnit(null, 'mm', 0)).toMatchObject({ shown: null, start: null });
  });

  it('in mm, or of anything but a length, stays as it is', () => {
    expect(inPersonUnit(33.3, 'mm', 1)).toMatchObject({ unit: 'mm', shown: '33.3', start: 33.3 });
    personUnit.set('in');
    const angle = inPersonUnit(90, '°', 0);
    expect([angle.unit, angle.shown, angle.kept(91)]).toEqual(['°', '90', 91]);
  });
});
