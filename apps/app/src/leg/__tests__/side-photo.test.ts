import { readSidePhoto } from '@fulcra/core';
import { tiltOf } from '../../platform/phone-tilt';
import { type PhotoTyped, MARK_IDS, markedOf, newPhotoTyped, nextMark, typedOfMarked, wantedMarks } from '../side-photo/photo-marks';

const all = (change: Partial<PhotoTyped> = {}): PhotoTyped => ({
  ...newPhotoTyped('nearSide'),
  marks: Object.fromEntries(MARK_IDS.map((id, i) => [id, { x: 100 + 40 * i, y: 100 + 80 * i }])),
  ...change,
});
const without = (typed: PhotoTyped, ...ids: string[]): PhotoTyped => ({
  ...typed,
  marks: Object.fromEntries(Object.entries(typed.marks).filter(([id]) => !ids.includes(id))),
});

describe('marks on a photo', () => {
  it('are asked for one after the other, and again from the first that was left out', () => {
    const none = newPhotoTyped('nearSide');
    expect(nextMark(none, null)).toBe('ear');
    expect(nextMark(none, 'ear')).toBe('shoulder');
    expect(nextMark(without(all(), 'shoulder'), 'scaleTwo')).toBe('shoulder');
    expect(nextMark(all(), 'ear')).toBeNull();
  });

  it('want no plumb where the phone’s tilt is given', () => {
    expect(wantedMarks(all())).toContain('plumbTop');
    expect(wantedMarks(all({ plumbWay: 'tilt' }))).not.toContain('plumbFoot');
    expect(nextMark(without(all({ plumbWay: 'tilt' }), 'plumbTop', 'plumbFoot'), null)).toBeNull();
  });

  it('say nothing without a plumb, and nothing without a known length', () => {
    expect(markedOf(without(all(), 'plumbTop'), 900, 1200)).toBe('noPlumb');
    expect(markedOf(without(all(), 'scaleTwo'), 900, 1200)).toBe('noScale');
    expect(markedOf(without(all({ plumbWay: 'tilt' }), 'plumbTop'), 900, 1200)).toMatchObject({ plumb: { tiltDeg: 0 } });
  });

  it('look the way of the side they were taken from', () => {
    expect(newPhotoTyped('nearSide').looks).toBe('left');
    expect(newPhotoTyped('offSide').looks).toBe('right');
  });

  it('that were kept can be moved again', () => {
    const typed = all({ scaleMm: 800, distanceMm: 7500 });
    const marked = markedOf(typed, 900, 1200);
    if (typeof marked === 'string') throw new Error(marked);
    expect(typedOfMarked(marked)).toEqual(typed);
    const tilted = markedOf(all({ plumbWay: 'tilt', tiltDeg: 2.5 }), 900, 1200);
    if (typeof tilted === 'string') throw new Error(tilted);
    expect(typedOfMarked(tilted)).toMatchObject({ plumbWay: 'tilt', tiltDeg: 2.5 });
    expect(readSidePhoto(marked).ok).toBe(true);
  });
});

describe('the phone’s tilt', () => {
  const held = { gamma: 3.2, beta: 88 };
  it.each([
    [0, 3],
    [90, -88],
    [270, 88],
    [-90, 88],
  ])('turned %d° on its side reads %d°', (turned, deg) => expect(tiltOf(held, turned)).toBe(deg));
  it('of a device without a sensor is none', () => expect(tiltOf({ gamma: null, beta: null }, 0)).toBeNull());
});
