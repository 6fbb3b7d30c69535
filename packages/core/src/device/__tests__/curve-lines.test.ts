import fc from 'fast-check';
import { SILENT_FEED, bendsLine, checkOf, fed, helloLine, readCurveLine } from '..';

const device = { pitchMm: 20, joints: 5, centreJoint: 2, name: 'stand-in' };
const bends = { tiltDeg: -1.25, bendsDeg: [0, -4.5, -9.25, -4, 0.5] };

describe('the line protocol', () => {
  it('comes back as it was sent', () => {
    expect(readCurveLine(helloLine(device))).toEqual({ kind: 'hello', device });
    expect(readCurveLine(bendsLine(7, bends))).toEqual({ kind: 'bends', count: 7, ...bends });
    expect(readCurveLine('PRESS 8')).toEqual({ kind: 'press', count: 8 });
    expect(readCurveLine('BYE battery is empty')).toEqual({ kind: 'bye', reason: 'battery is empty' });
  });

  it('one changed character is noticed', () => {
    const line = bendsLine(7, bends);
    expect(readCurveLine(line.replace('-9.25', '-9.26'))).toEqual({ kind: 'unreadable', because: 'check' });
  });

  it.each([
    ['', 'unknown'],
    ['HELLO', 'unknown'],
    ['CURVE 2 20 5 3 x', 'version'],
    ['CURVE 1 20 5 9 x', 'number'],
    ['CURVE 1 -20 5 3 x', 'number'],
    ['PRESS soon', 'number'],
    [`B 1 0 nan 0 *${checkOf('B 1 0 nan 0')}`, 'number'],
    ['B'.repeat(7000), 'length'],
  ])('%p is unreadable: %s', (line, because) => {
    expect(readCurveLine(line)).toEqual({ kind: 'unreadable', because });
  });

  it('never throws, whatever comes', () => {
    fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (text) => expect(() => readCurveLine(text)).not.toThrow()));
    fc.assert(fc.property(fc.string(), (text) => expect(() => readCurveLine(`B 1 ${text} *${checkOf(`B 1 ${text}`)}`)).not.toThrow()));
  });
});

describe('the feed', () => {
  const after = (...lines: string[]) => lines.map(readCurveLine).reduce(fed, SILENT_FEED);

  it('counts what was lost and what could not be read, and keeps the last whole reading', () => {
    const feed = after(
      helloLine(device),
      bendsLine(1, bends),
      bendsLine(4, { ...bends, tiltDeg: 3 }),
      'noise',
      bendsLine(5, { tiltDeg: 0, bendsDeg: [1, 2] }),
    );
    expect(feed).toMatchObject({ received: 2, lost: 2, unreadable: 2, lastCount: 4, reading: { tiltDeg: 3, pitchMm: 20, centreJoint: 2 } });
  });

  it('a curve that lies still is steadied over its last readings; one that moved begins anew', () => {
    const still = [0.5, -0.5, 0.3, -0.3].map((off, i) => bendsLine(i + 1, { tiltDeg: off, bendsDeg: bends.bendsDeg.map((b) => b + off) }));
    expect(after(helloLine(device), ...still).reading!.tiltDeg).toBeCloseTo(0, 9);
    const movedOn = after(helloLine(device), ...still, bendsLine(5, { tiltDeg: 20, bendsDeg: bends.bendsDeg }));
    expect(movedOn.reading!.tiltDeg).toBe(20);
    expect(movedOn.recent).toHaveLength(1);
  });

  it('believes nothing before the device has said what it is', () => {
    expect(after(bendsLine(1, bends), 'PRESS 2')).toMatchObject({ reading: null, received: 0, presses: 0 });
  });

  it('a second hello is another device', () => {
    expect(after(helloLine(device), bendsLine(1, bends), helloLine({ ...device, joints: 9 }))).toMatchObject({
      reading: null,
      received: 0,
    });
  });

  it('a press keeps, a goodbye is told', () => {
    expect(after(helloLine(device), bendsLine(1, bends), 'PRESS 2', 'BYE flat')).toMatchObject({ presses: 1, goodbye: 'flat' });
  });
});
