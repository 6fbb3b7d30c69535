import { type Section, judgeSettings, paddingOfSchool, prepareSection, recommendFront, schoolById, sectionFromPoints } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, demoScenario, demoSection, frontTakes, trueSection } from '..';

const STATIC = schoolById('static-close');
/** Nothing comes down: the usual panel, whatever room that leaves over the withers. */
const AS_LAID = paddingOfSchool(STATIC, { mm: 0, halfMm: 0, from: 'saddle' });

describe('the engine on the eight demo backs', () => {
  it.each(DEMO_ANIMALS.map((a) => [a.horse.name, a] as const))('%s: the flanks built in are found again within 2.5 deg', (_, animal) => {
    const section = demoSection(frontTakes(animal, '2026-11-01', 5000));
    const found = recommendFront(prepareSection(section), STATIC, 170, paddingOfSchool(STATIC));
    if (!found.ok) throw new Error(JSON.stringify(found.problems));
    const truth = animal.truth.nearDeg + animal.truth.offDeg;
    expect(Math.abs(found.value.target.arch.includedAngleDeg - truth)).toBeLessThan(2.5);
  });

  it('finds the fuller near side of Marl and the weak off side of Corrie', () => {
    const gap = (section: Section): number => {
      const found = recommendFront(prepareSection(section), STATIC, 170, AS_LAID);
      if (!found.ok) throw new Error('refused');
      return found.value.target.off.meanMm - found.value.target.near.meanMm;
    };
    for (const name of ['Marl', 'Corrie']) {
      const animal = DEMO_ANIMALS.find((a) => a.horse.name === name)!;
      const truth = sectionFromPoints(trueSection(animal.truth));
      if (!truth.ok) throw new Error('refused');
      const found = gap(demoSection(frontTakes(animal, '2026-11-01', 5000)));
      expect(found).toBeGreaterThan(2);
      expect(Math.abs(found - gap(truth.value.section))).toBeLessThan(1.5);
    }
  });

  it('some saddle of the stock lies well on most, and no fixed one lies well on all', () => {
    const fits = DEMO_ANIMALS.map((animal) => {
      const body = prepareSection(demoSection(frontTakes(animal, '2026-11-01', 5000)));
      return DEMO_SADDLES.map((s) => judgeSettings(body, s.front, STATIC, 50).some((j) => j.verdict.severity !== 'bad'));
    });
    expect(fits.filter((row) => row.some(Boolean)).length).toBeGreaterThanOrEqual(6);
    const fixed = DEMO_SADDLES.flatMap((s, i) => (s.front.settings.length === 1 ? [i] : []));
    for (const i of fixed) expect(fits.every((row) => row[i])).toBe(false);
  });

  it('is the same every time', () => {
    expect(demoScenario()).toEqual(demoScenario());
  });
});
