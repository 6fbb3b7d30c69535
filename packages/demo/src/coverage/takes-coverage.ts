import {
  type Section,
  type SectionMeasures,
  type Take,
  type ToldMeasures,
  consensusSection,
  measureSection,
  seededRandom,
  spreadOfTakes,
  takesAgreement,
  toldMeasures,
} from '@fulcra/core';
import { type HandKind, HANDS, anyFront, anyHand } from './hands';

/** What is told of a section, and how its true value is read. */
const TOLD = {
  'included angle': { told: (t: ToldMeasures) => t.includedAngleDeg, truth: (m: SectionMeasures) => m.includedAngleDeg },
  'width across at 120 mm': { told: (t: ToldMeasures) => t.widthsMm[1], truth: (m: SectionMeasures) => m.widthsMm[1] },
  'half-width at 60 mm': { told: (t: ToldMeasures) => t.near[0], truth: (m: SectionMeasures) => m.near.halfWidthsMm[0] },
  'half-width at 120 mm': { told: (t: ToldMeasures) => t.near[1], truth: (m: SectionMeasures) => m.near.halfWidthsMm[1] },
  'angle off minus near': {
    told: (t: ToldMeasures) => t.offMinusNear.angleDeg,
    truth: (m: SectionMeasures) => m.offMinusNear.angleDeg,
  },
  'half-width off minus near': {
    told: (t: ToldMeasures) => t.offMinusNear.halfWidthsMm[1],
    truth: (m: SectionMeasures) => m.offMinusNear.halfWidthsMm[1],
  },
} as const;
export type ToldId = keyof typeof TOLD;
export const TOLD_IDS = Object.keys(TOLD) as ToldId[];

/** How often the truth lay inside what was told. */
export interface TakesCoverage {
  readonly hand: HandKind;
  readonly takes: number;
  /** Sets whose takes agreed. */
  readonly sets: number;
  /** Takes that were kept, of those taken. */
  readonly kept: number;
  readonly inside: Readonly<Record<ToldId, number>>;
}

/** Draws fronts, hands and takes, and asks what the takes tell of the front. @param sets so many of each */
export function takesCoverage(hand: HandKind, takes: number, sets: number, seed: number): TakesCoverage {
  const random = seededRandom(seed);
  const inside = Object.fromEntries(TOLD_IDS.map((id) => [id, 0])) as Record<ToldId, number>;
  let [agreed, kept] = [0, 0];
  for (let i = 0; i < sets; i++) {
    const truth = anyFront(random);
    const times = anyHand(random);
    const taken = Array.from({ length: takes }, (_, k) => ({ id: String(k), section: HANDS[hand](truth, times, random) }));
    const told = toldOf(taken);
    if (told === null) continue;
    agreed++;
    kept += told.kept;
    const measures = measureSection(truth);
    for (const id of TOLD_IDS) {
      const { value, half } = TOLD[id].told(told.measures)!;
      if (Math.abs(value - TOLD[id].truth(measures)!) <= half) inside[id]++;
    }
  }
  for (const id of TOLD_IDS) inside[id] /= agreed;
  return { hand, takes, sets: agreed, kept: kept / (agreed * takes), inside };
}

function toldOf(taken: readonly Take[]) {
  const agreement = takesAgreement(taken);
  const together: Section | null = consensusSection(taken, agreement);
  if (together === null) return null;
  const accepted = taken.filter((t) => agreement.accepted.includes(t.id));
  return { kept: accepted.length, measures: toldMeasures(together, spreadOfTakes(accepted)) };
}
