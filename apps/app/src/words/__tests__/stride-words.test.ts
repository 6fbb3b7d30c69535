import { type Ridden, type SitPicture, type StrideTold, schoolById } from '@fulcra/core';
import { motionHeadline, pushLine, reinsLine, strideLine } from '../stride-words';

const told = (change: Partial<StrideTold> = {}): StrideTold => ({
  gait: 'walk',
  word: 'stays',
  towards: null,
  creepMm: 0.08,
  noRest: null,
  instants: [],
  meanKPa: new Float32Array(0),
  greatestKPa: new Float32Array(0),
  peak: { instant: 2, kPa: 24.2, exactKPa: 16.1, ratio: 1.5, atMm: { x: 0, y: 0 } },
  leastOverWithersMm: { instant: 4, mm: 31.2 },
  driftAtLeastLoad: { instant: 8, along: -0.18, across: 0.02 },
  blades: [],
  ...change,
});
const ridden = (...strides: StrideTold[]): Ridden => ({
  push: { rollNmPerDeg: 14.4, yawNmPerDeg: 27, letsGoNm: 62 },
  rollShapeNmPerDeg: 5.1,
  strides: Object.fromEntries(strides.map((s) => [s.gait, s])),
});
const picture = (peakKPa: number): SitPicture =>
  ({ state: 'settled', measures: { peakKPa }, exact: { peakKPa: 10 }, asked: { school: schoolById('static-close') } }) as SitPicture;

describe('a gait in a line', () => {
  it('says whether it stays, how hard, how close, and what it uses of its hold', () => {
    expect(strideLine(told())).toBe(
      'Walk: stays (0.1 mm a stride); hardest at 2 of 24: 24 kPa, 1.50 times an exact fit; least room over the withers 31 mm; at its lightest it uses 18 % of its hold toward the head.',
    );
  });

  it('works or runs, with its direction', () => {
    expect(strideLine(told({ word: 'works', towards: 'tail', creepMm: 1.24 }))).toMatch(/^Walk: works toward the tail, 1\.2 mm a stride;/);
    expect(strideLine(told({ word: 'runs', towards: 'near', creepMm: 4 }))).toMatch(/^Walk: runs to the near side, 4\.0 mm a stride;/);
  });

  it.each([
    ['slides', 'head', /runs toward the head: no rest at 13 of 24 in stride 2/],
    ['turns', 'head', /tips toward the head/],
    ['turns', 'off', /rolls to the off side/],
  ] as const)('without a rest it %s %s', (how, towards, said) => {
    const line = strideLine(told({ word: 'runs', towards, creepMm: null, noRest: { stride: 1, instant: 13, how } }));
    expect(line).toMatch(said);
    expect(line).not.toMatch(/lightest/);
  });

  it('names the blade, the part it meets, when and how hard', () => {
    const blades = [{ side: 'off', instant: 14, part: 'point', pressesN: 11.4, hardestKPa: 32.3 }] as const;
    expect(strideLine(told({ blades }))).toMatch(/the off blade meets the tree point at 14 of 24, with 11 N and up to 32 kPa/);
    expect(strideLine(told({ blades: [{ ...blades[0], part: 'panel' }] }))).toMatch(/meets the panel/);
  });
});

describe('all gaits in a sentence', () => {
  const trot = (change: Partial<StrideTold>) => told({ gait: 'trotSitting', ...change });

  it('the worst of them first, and where it stays', () => {
    const runs = trot({ word: 'runs', towards: 'head', creepMm: 5 });
    expect(motionHeadline(picture(12), ridden(told(), runs))).toBe('Runs toward the head in sitting trot; it stays in walk.');
    const works = trot({ word: 'works', towards: 'off', creepMm: 1 });
    expect(motionHeadline(picture(12), ridden(told(), works))).toBe('Works to the off side in sitting trot; it stays in walk.');
  });

  it('fits at rest but not in motion, or neither, or both', () => {
    const hard = trot({ peak: { instant: 5, kPa: 60, exactKPa: 28, ratio: 2.1, atMm: { x: 0, y: 0 } } });
    expect(motionHeadline(picture(16), ridden(told(), hard))).toBe('Stays, and fits at rest but not in motion: too hard in sitting trot.');
    expect(motionHeadline(picture(16.1), ridden(told(), hard))).toBe('Stays, but presses too hard at rest and in motion.');
    expect(motionHeadline(picture(16), ridden(told()))).toBe('Stays in every gait that was ridden, and presses evenly.');
  });

  it('of nothing ridden there is nothing to say but that', () =>
    expect(motionHeadline(picture(16), ridden())).toBe('It does not stay at halt: there is nothing to ride.'));
});

describe('the two leads', () => {
  const lead = (gait: 'canterNear' | 'canterOff', ratio: number, word: StrideTold['word'] = 'stays') =>
    told({ gait, word, peak: { instant: 23, kPa: 40, exactKPa: 30, ratio, atMm: { x: 0, y: 0 } } });
  it('alike, harder on one, or another word', () => {
    expect(reinsLine(ridden(lead('canterNear', 1.5), lead('canterOff', 1.45)))).toBeNull();
    expect(reinsLine(ridden(lead('canterNear', 1.5)))).toBeNull();
    expect(reinsLine(ridden(lead('canterNear', 1.5), lead('canterOff', 1.9)))).toMatch(/harder on the off lead, by 0\.40/);
    expect(reinsLine(ridden(lead('canterNear', 1.9), lead('canterOff', 1.5)))).toMatch(/harder on the near lead/);
    expect(reinsLine(ridden(lead('canterNear', 1.5), lead('canterOff', 1.5, 'runs')))).toMatch(
      /near lead it stays, on the off lead it runs/,
    );
  });
});

describe('pushed', () => {
  it('says what turns it, and where it lets go', () => {
    expect(pushLine(ridden())).toBe(
      '14 Nm roll it by a degree; by its shape alone 5.1 Nm a degree; it lets go at about 62 Nm; 27 Nm twist it by a degree.',
    );
    expect(pushLine({ ...ridden(), push: { ...ridden().push!, letsGoNm: null } })).toMatch(/held all that was tried/);
    expect(pushLine({ ...ridden(), push: null })).toMatch(/nothing to ride/);
  });

  it('one that leaves its rest when pushed has no stiffness to tell, but where it lets go', () => {
    const push = { ...ridden().push!, rollNmPerDeg: 0, letsGoNm: 12 };
    expect(pushLine({ ...ridden(), push })).toBe(
      'It doesn’t bear a hand’s push to either side: it lets go at about 12 Nm. Held against sliding and twisting, its shape alone resists 5.1 Nm a degree.',
    );
    expect(pushLine({ ...ridden(), push: { ...push, rollNmPerDeg: 0.6 } })).toMatch(/^1 Nm roll it by a degree/);
  });
});
