import {
  type HandSoFar,
  type Section,
  type Take,
  type TakesSpread,
  shapedSection,
  spreadOfTakes,
  spreadSources,
  unknownShape,
} from '../back';
import { type Random, normal } from '../random/seeded';
import { MEASURING_ERRORS } from '../schools/measuring-errors';

/** How far the consensus may be off; more where it was only said to be as last time. @param hand what other sets of the same hand say */
export function takesSpread(accepted: readonly Take[], hand?: HandSoFar): TakesSpread {
  const asLast = accepted.some((t) => t.asLast !== undefined);
  return { ...spreadOfTakes(accepted, hand, asLast ? MEASURING_ERRORS.byEyeTimes : 1), asLast };
}

/** One redraw of the consensus within its spread; of a coarse one, also of the shape that nobody measured. */
export const redrawnSection = (section: Section, spread: TakesSpread, random: Random): Section =>
  spreadSources(spread).reduce((s, source) => source(s, normal(random)), shapedSection(section, unknownShape(section, random)));

export interface Confidence<K extends string> {
  readonly redraws: number;
  /** How often each answer won, most often first. */
  readonly wins: readonly { readonly answer: K; readonly count: number }[];
  readonly assumedSpread: boolean;
  /** The section was said to be as last time. */
  readonly asLast: boolean;
}

/**
 * How often an answer would come out again if the takes were taken again.
 * @param decide the answer for one redrawn section; null when it can't be given, which is counted as lost
 * @example "width 3 in 83 of 100 redraws"
 */
export function confidence<K extends string>(
  section: Section,
  spread: TakesSpread,
  redraws: number,
  random: Random,
  decide: (section: Section) => K | null,
): Confidence<K> {
  const counts = new Map<K, number>();
  for (let i = 0; i < redraws; i++) {
    const answer = decide(redrawnSection(section, spread, random));
    if (answer !== null) counts.set(answer, (counts.get(answer) ?? 0) + 1);
  }
  const wins = [...counts].map(([answer, count]) => ({ answer, count })).sort((a, b) => b.count - a.count);
  return { redraws, wins, assumedSpread: spread.assumed, asLast: spread.asLast === true };
}
