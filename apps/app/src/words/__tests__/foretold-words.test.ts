import { type ForetoldAnswer, type SitRow } from '@fulcra/core';
import { foretoldLine, foretoldTitle } from '../foretold-words';

const forecast = { fault: 'roll', score: 3, likelihood: 'likely', for: [], against: [], remedies: [] } as const;
const row = {
  ...{ id: 'roll', unit: 'deg', value: 4, least: -1.5, most: 1.5, verdict: 'bad', error: null, stops: false, outside: 1.7, costs: 1 },
  ...{ spare: null, needs: ['topline'], byEye: [] },
} as SitRow;
const line = (more: Partial<ForetoldAnswer>): string =>
  foretoldLine({ forecast, state: 'open', rows: [], chains: [], gaits: [], unanswered: [], asksToRide: false, ...more });
const works = { gait: 'walk', word: 'works', towards: 'off', creepMm: 1, bearsOut: true } as const;

describe('what the shape foretells, met with the saddle', () => {
  it('says how likely, and what for', () => {
    expect(foretoldTitle(forecast)).toBe('It will want to roll: likely, by its shape.');
    expect(foretoldTitle({ ...forecast, likelihood: 'leans' })).toBe('It will want to roll: it leans that way, by its shape.');
  });

  it('is so in this saddle, with the number and the gait', () => {
    const said = line({ state: 'found', rows: [row], gaits: [works] });
    expect(said).toMatch(/^So it is in this saddle: .*4.*; it creeps .* in walk\.$/);
  });

  it('is held, waits to be measured, or to be ridden: each by its own words', () => {
    const said = [
      line({ state: 'notFound' }),
      line({ unanswered: [row], asksToRide: true }),
      line({ asksToRide: true }),
      line({ rows: [row], gaits: [{ ...works, bearsOut: false }] }),
    ];
    expect(said[0]).toMatch(/holds it/);
    expect(said[1]).toMatch(/waits for/);
    expect(said[2]).toMatch(/In motion/);
    expect(said[3]).toMatch(/no gait shows it/);
    expect(new Set(said).size).toBe(4);
  });
});
