import { type BodyInput, type Random } from '@fulcra/core';
import { DEMO_ANIMALS } from '../animals';
import { trueBodyInput } from '../demo-body';

/** Fitters' hands as the schools take them to be. */
const HAND = { near: { sideAngleDeg: 1, halfWidthMm: 1.5 }, off: { sideAngleDeg: 1, halfWidthMm: 1.5 }, assumed: true } as const;

export const pickOf = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)]!;
export const nearTo = (value: number, by: number, random: Random): number => value + by * (2 * random() - 1);

/** A back like one of the island's, no two alike, as it truly is; each station with the spread of such a hand. */
export function anyMeasuredBack(random: Random): BodyInput {
  const { back } = pickOf(DEMO_ANIMALS, random);
  const input = trueBodyInput({
    ...back,
    baseOpensDeg: nearTo(back.baseOpensDeg, 3, random),
    rearOpensDeg: nearTo(back.rearOpensDeg, 4, random),
    dipMm: Math.max(0, nearTo(back.dipMm, 8, random)),
    croupMm: nearTo(back.croupMm, 15, random),
    witherMm: Math.max(5, nearTo(back.witherMm, 12, random)),
  });
  return { ...input, stations: input.stations.map((s) => ({ ...s, spread: HAND })) };
}
