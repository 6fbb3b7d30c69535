import { namesBelow } from '../backline';

const at = (...mm: number[]) => mm.map((atMm, i) => ({ id: `p${i}`, atMm }));
const px = (perMm: number) => (mm: number) => mm * perMm;

describe('names of the pegs on the backline', () => {
  it('stand above while there is room, and below where the one before has it', () => {
    expect([...namesBelow(at(50, 100, 220, 410), px(0.6))]).toEqual(['p1']);
    expect([...namesBelow(at(50, 100, 220, 410), px(2))]).toEqual([]);
  });

  it('of three close together only the middle one goes below, in whatever order they come', () => {
    expect([...namesBelow(at(0, 30, 60), px(1))]).toEqual(['p1']);
    expect([...namesBelow([...at(0, 30, 60)].reverse(), px(1))]).toEqual(['p1']);
  });
});
