import { type Need, type UnmeasuredId } from '@fulcra/core';
import { standsOnWords } from '../error-words';

const words = (byEye: Need[], share = 1, waitsFor: Need[] = [], unmeasured: UnmeasuredId[] = []) =>
  standsOnWords({ share, waitsFor, byEye, unmeasured });

describe('on what a verdict stands', () => {
  it('says nothing where everything was measured', () => expect(words([])).toBeNull());
  it('tells apart what was set by eye and what was said to be as last time', () => {
    expect(words(['lastRib'])).toMatch(/^By eye, not felt: [^.]+\.$/);
    expect(words(['frontSection'])).toMatch(/^As last time, not measured: [^.]+\.$/);
    expect(words(['wholeBack'])).toMatch(/^As last time, not measured: [^.]+\.$/);
    expect(words(['wholeBack', 'lastRib'])).toMatch(/^By eye, not felt: [^.]+\. As last time, not measured: [^.]+\.$/);
  });
  it('names what nobody measured of the saddle in the order given, and counts what is beyond three', () => {
    const start = 'Not measured exactly on this saddle, what decides most first: ';
    expect(words([], 1, [], ['massKg'])).toBe(`${start}weight.`);
    expect(words([], 1, [], ['includedAngleDeg', 'massKg'])).toBe(`${start}angle of the widths and weight.`);
    expect(words([], 1, [], ['massKg', 'lengthMm', 'barMm'])).toBe(`${start}weight, length of the tree and stirrup bar.`);
    expect(words([], 1, [], ['massKg', 'lengthMm', 'barMm', 'bevelMm'])).toBe(
      `${start}weight, length of the tree, stirrup bar and 1 more.`,
    );
  });
  it('says the share and what it waits for before them', () =>
    expect(words(['lastRib'], 0.7, ['topline'])).toMatch(
      /^Stands on 70 % of what the school asks\. It waits for [^.]+\. By eye, not felt: /,
    ));
});
