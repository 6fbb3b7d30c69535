import { type LandmarkReading, landmarkKey, settledReadings, resolveLandmarks } from '@fulcra/core';
import { ALL_SLOTS, nextSlot, slotName, startMm } from '../landmark-list';

const NONE = resolveLandmarks([]);
const reading = (index: number, atMm: number) => ({ ...ALL_SLOTS[index]!, atMm });

describe('the round of the landmarks', () => {
  it('each has a name and a key of its own', () => {
    expect(new Set(ALL_SLOTS.map(slotName)).size).toBe(ALL_SLOTS.length);
    expect(new Set(ALL_SLOTS.map(landmarkKey)).size).toBe(ALL_SLOTS.length);
  });

  it('goes on to the next that isn’t marked, and comes back for what was left out', () => {
    const known = settledReadings([reading(0, 0), reading(2, 4)]);
    expect(nextSlot(ALL_SLOTS[0]!, known, NONE)).toBe(ALL_SLOTS[1]);
    const allButFirst = settledReadings(ALL_SLOTS.slice(1).map((s) => ({ ...s, atMm: 100 })));
    expect(nextSlot(ALL_SLOTS.at(-1)!, allButFirst, NONE)).toBe(ALL_SLOTS[0]);
  });

  it('asks for a third way to the last rib only when two differ', () => {
    const third = ALL_SLOTS.find((s) => s.way === 'fromTheLoin')!;
    const others = ALL_SLOTS.filter((s) => s !== third);
    const agreeing = others.map((s) => ({ ...s, atMm: 400 }));
    expect(nextSlot(null, settledReadings(agreeing), resolveLandmarks(agreeing))).toBeNull();
    const differing = agreeing.map((r) => (r.way === 'flankHair' ? { ...r, atMm: 440 } : r));
    expect(nextSlot(null, settledReadings(differing), resolveLandmarks(differing))).toBe(third);
  });

  it('a marker starts where its like was found', () => {
    const known = settledReadings([{ ...ALL_SLOTS[0]!, atMm: 14 }]);
    const otherSide = ALL_SLOTS.find((s) => s.landmark === 'scapulaRest' && s.side === 'off')!;
    expect(startMm(otherSide, known)).toBe(14);
    expect(startMm(otherSide, new Map())).toBe(0);
  });

  it('proposals for the long muscle don’t grow from station to station, whatever was kept before', () => {
    const muscle = ALL_SLOTS.filter((s) => s.landmark === 'muscleEdge');
    const kept: LandmarkReading[] = [];
    for (const slot of muscle) kept.push({ ...slot, atMm: startMm(slot, settledReadings(kept)), felt: false });
    expect(kept.map((r) => [r.pose, r.atMm])).toEqual(muscle.map((s) => [s.pose, s.pose === 'tensed' ? 234 : 210]));
    const tensedFirst = settledReadings([{ ...muscle[1]!, atMm: 260 }]);
    expect(startMm(muscle[0]!, tensedFirst)).toBe(236);
    expect(startMm(muscle[3]!, tensedFirst)).toBe(260);
  });
});
