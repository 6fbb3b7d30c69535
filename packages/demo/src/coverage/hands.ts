import {
  type Random,
  type Section,
  halfWidthAtMm,
  movedSection,
  normal,
  sectionFromPoints,
  sectionFromWidths,
  sideOutward,
} from '@fulcra/core';
import { trueSection } from '../front-section-generator';

/** A hand takes a true section; how much it errs is its own, 1 for what is assumed of a hand nobody knows. */
type TakenBy = (truth: Section, times: number, random: Random) => Section;

/** What hands are drawn with: never read from what is told, so that one proves the other. */
const ERRS = { widthMm: 1.5, turnDeg: 1, shiftMm: 1.5, tremorMm: 0.5, depthsMm: [60, 90, 120], waves: 5 } as const;
/** Hands differ by so much, as a standard deviation of the logarithm. */
const HANDS_DIFFER = 0.4;

/** Half-widths read one by one. */
const byWidths: TakenBy = (truth, times, random) => {
  const read = (side: 'near' | 'off', depth: number): number =>
    halfWidthAtMm(sideOutward(truth, side), depth)! + ERRS.widthMm * times * normal(random);
  const outcome = sectionFromWidths(ERRS.depthsMm.map((d) => ({ depthMm: d, nearMm: read('near', d), offMm: read('off', d) })));
  return outcome.ok ? outcome.value : byWidths(truth, times, random);
};

/** A tracing of which each side is turned and shifted by itself. */
const sideBySide: TakenBy = (truth, times, random) => {
  const move = () => ({ sideAngleDeg: ERRS.turnDeg * times * normal(random), halfWidthMm: ERRS.shiftMm * times * normal(random) });
  return movedSection(truth, { near: move(), off: move() });
};

/** A tracing turned and shifted as a whole, with a tremor that runs on for centimetres. */
const byTool: TakenBy = (truth, times, random) => {
  const turn = (ERRS.turnDeg * times * normal(random) * Math.PI) / 180;
  const shift = ERRS.shiftMm * times * normal(random);
  const waves = Array.from({ length: ERRS.waves }, (_, k) => ({ k: k + 1, of: [0, 0, 0, 0].map(() => normal(random)) }));
  const tremor = (at: number, a: number, b: number): number =>
    (ERRS.tremorMm * times * waves.reduce((s, { k, of }) => s + of[a]! * Math.cos(k * at) + of[b]! * Math.sin(k * at), 0)) /
    Math.sqrt(ERRS.waves);
  const points = truth.points.map(({ yMm, zMm }, i) => {
    const at = (2 * Math.PI * i) / truth.points.length;
    return {
      yMm: yMm * Math.cos(turn) - zMm * Math.sin(turn) + shift + tremor(at, 0, 1),
      zMm: yMm * Math.sin(turn) + zMm * Math.cos(turn) + tremor(at, 2, 3),
    };
  });
  return sectionOf(points);
};

export const HANDS = { byWidths, sideBySide, byTool } as const satisfies Readonly<Record<string, TakenBy>>;
export type HandKind = keyof typeof HANDS;

/** How much one hand errs. */
export const anyHand = (random: Random): number => Math.exp(HANDS_DIFFER * normal(random));

/** A front of a back nobody has. */
export function anyFront(random: Random): Section {
  const nearDeg = 33 + 22 * random();
  return sectionOf(
    trueSection({
      nearDeg,
      offDeg: nearDeg + 8 * (random() - 0.5),
      apexRadiusMm: 12 + 30 * random(),
      bowMm: -4 + 10 * random(),
      depthMm: 150,
    }),
  );
}

function sectionOf(points: readonly { readonly yMm: number; readonly zMm: number }[]): Section {
  const outcome = sectionFromPoints([...points]);
  if (!outcome.ok) throw new Error(outcome.problems.map((p) => p.code).join());
  return outcome.value.section;
}
