import {
  CROWN_RADIUS_MM,
  DEFAULT_POINT_LENGTH_MM,
  paddingOfSaddle,
  prepareSection,
  recommendFront,
  schoolById,
  sectionFromPoints,
} from '@fulcra/core';
import { DEMO_SADDLES } from '@fulcra/demo';
import { RECOMMENDED, type TryQuestion, tryFront } from '../front-setup';

const wedge = Array.from({ length: 81 }, (_, i) => ({ yMm: -200 + 5 * i, zMm: -Math.abs(-200 + 5 * i) * 1.02 }));
const section = (() => {
  const read = sectionFromPoints(wedge);
  if (!read.ok) throw new Error('refused');
  return read.value.section;
})();
const school = schoolById('static-close');
const sink = { mm: school.front.sinkMm, halfMm: school.front.sinkHalfMm, from: 'default' } as const;
const padding = paddingOfSaddle(DEMO_SADDLES[0]!.front, school, sink);
const found = recommendFront(prepareSection(section), school, DEFAULT_POINT_LENGTH_MM, padding);
if (!found.ok) throw new Error('nothing lies on a wedge');
const recommended = found.value.target;
const tried = (more: Partial<TryQuestion['setup']>, saddle: TryQuestion['saddle'] = null) =>
  tryFront({ section, school, takenAtMm: 50, setup: { ...RECOMMENDED, ...more }, saddle, recommended });

describe('a front that is tried', () => {
  it('follows the recommendation until somebody chooses, each of angle and shape by itself', () => {
    const { includedAngleDeg, shape } = recommended.arch;
    expect(tried({})!.arch).toMatchObject({ includedAngleDeg, shape, pointLengthMm: DEFAULT_POINT_LENGTH_MM });
    expect(tried({ includedAngleDeg: includedAngleDeg + 3 })!.arch).toMatchObject({ includedAngleDeg: includedAngleDeg + 3, shape });
    const broad = tried({ shape: 'broad' })!.arch;
    expect(broad).toMatchObject({ includedAngleDeg, shape: 'broad', crownRadiusMm: CROWN_RADIUS_MM.broad });
    expect(tried({})!.padding).toBe(recommended.padding);
    expect(tried({})!.label).toBeNull();
  });

  it('has the widths on both sides of it, one step of the school away', () => {
    const { chosen, narrower, wider } = tried({})!;
    const step = school.front.widthStepDeg;
    const at = (of: typeof narrower) => of!.laid.arch.includedAngleDeg - chosen.laid.arch.includedAngleDeg;
    expect([at(narrower), at(wider)].map((deg) => Math.round(10 * deg) / 10)).toEqual([-step, step]);
  });

  const saddle = DEMO_SADDLES.find((s) => s.front.settings.length > 2)!;
  it('of a saddle: the widths it can really be set to, and past its last the next that could be built', () => {
    const settings = saddle.front.settings;
    const middle = tried({ setting: 1 }, saddle)!;
    expect([middle.label, middle.arch.includedAngleDeg]).toEqual([settings[1]!.label, settings[1]!.includedAngleDeg]);
    expect(middle.narrower!.laid.arch.includedAngleDeg).toBe(settings[0]!.includedAngleDeg);
    expect(middle.wider!.laid.arch.includedAngleDeg).toBe(settings[2]!.includedAngleDeg);
    const last = tried({ setting: settings.length - 1 }, saddle)!;
    expect(last.wider!.laid.arch.includedAngleDeg).toBeGreaterThan(settings.at(-1)!.includedAngleDeg);
    expect(last.padding.panelDepthMm).toBe(saddle.front.frontPanelDepthMm);
  });

  it('of a setting that the saddle hasn’t is nothing', () => {
    expect(tried({ setting: saddle.front.settings.length }, saddle)).toBeNull();
    expect(tried({ setting: -1 }, saddle)).toBeNull();
  });
});
