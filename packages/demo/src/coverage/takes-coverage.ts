import {
  type Section,
  type SectionMeasures,
  type Take,
  consensusSection,
  measureSection,
  seededRandom,
  spreadOfTakes,
  takesAgreement,
  toldMeasures,
} from '@fulcra/core';
import { type HandKind, HANDS, anyFront, anyHand } from './hands';

/** What is told of a section, with its true value beside it. */
const TOLD = {
  'included angle': (m: SectionMeasures) => m.includedAngleDeg,
  'width across at 120 mm': (m: SectionMeasures) => m.widthsMm[1] ?? null,
  'half-width at 60 mm': (m: SectionMeasures) => m.near.halfWidthsMm[0] ?? null,
  'half-width at 120 mm': (m: SectionMeasures) => m.near.halfWidthsMm[1] ?? null,
  'angle off minus near': (m: SectionMeasures) => m.offMinusNear.angleDeg,
  'half-width off minus near': (m: SectionMeasures) => m.offMinusNear.halfWidthsMm[1] ?? null,
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
    for (const id of TOLD_IDS) if (Math.abs(told.of(id).value - TOLD[id](measures)!) <= told.of(id).half) inside[id]++;
  }
  for (const id of TOLD_IDS) inside[id] /= agreed;
  return { hand, takes, sets: agreed, kept: kept / (agreed * takes), inside };
}

function toldOf(taken: readonly Take[]) {
  const agreement = takesAgreement(taken);
  const together: Section | null = consensusSection(taken, agreement);
  if (together === null) return null;
  const accepted = taken.filter((t) => agreement.accepted.includes(t.id));
  const told = toldMeasures(together, spreadOfTakes(accepted));
  const of = {
    'included angle': told.includedAngleDeg,
    'width across at 120 mm': told.widthsMm[1],
    'half-width at 60 mm': told.near[0],
    'half-width at 120 mm': told.near[1],
    'angle off minus near': told.offMinusNear.angleDeg,
    'half-width off minus near': told.offMinusNear.halfWidthsMm[1],
  };
  return { kept: accepted.length, of: (id: ToldId) => of[id]! };
}
