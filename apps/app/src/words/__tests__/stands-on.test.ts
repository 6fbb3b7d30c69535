import { type Need } from '@fulcra/core';
import { standsOnWords } from '../error-words';

const words = (byEye: Need[], share = 1, waitsFor: Need[] = []) => standsOnWords({ share, waitsFor, byEye });

describe('on what a verdict stands', () => {
  it('says nothing where everything was measured', () => expect(words([])).toBeNull());
  it('tells apart what was set by eye and what was said to be as last time', () => {
    expect(words(['lastRib'])).toMatch(/^By eye, not felt: [^.]+\.$/);
    expect(words(['frontSection'])).toMatch(/^As last time, not measured: [^.]+\.$/);
    expect(words(['wholeBack'])).toMatch(/^As last time, not measured: [^.]+\.$/);
    expect(words(['wholeBack', 'lastRib'])).toMatch(/^By eye, not felt: [^.]+\. As last time, not measured: [^.]+\.$/);
  });
  it('says the share and what it waits for before them', () =>
    expect(words(['lastRib'], 0.7, ['topline'])).toMatch(
      /^Stands on 70 % of what the school asks\. It waits for [^.]+\. By eye, not felt: /,
    ));
});
