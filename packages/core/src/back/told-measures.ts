import { SDS_OF_90 } from '../stats';
import { type Section } from './section';
import { type SectionMeasures, measureSection } from './section-measures';
import { type TakesSpread, propagatedSd, spreadSources } from './takes-spread';
import { shapeSources } from './unknown-shape';

/** A number read off a section, with half of the interval that holds nine in ten. */
export interface ToldNumber {
  readonly value: number;
  readonly half: number;
}

/** What is told of a section's own measures; null where it doesn't reach. */
export interface ToldMeasures {
  readonly includedAngleDeg: ToldNumber | null;
  readonly totalSpanMm: ToldNumber | null;
  /** One entry per gauge depth. */
  readonly widthsMm: readonly (ToldNumber | null)[];
  readonly near: readonly (ToldNumber | null)[];
  readonly off: readonly (ToldNumber | null)[];
  /** Off minus near. */
  readonly offMinusNear: { readonly angleDeg: ToldNumber | null; readonly halfWidthsMm: readonly (ToldNumber | null)[] };
}

type Read = (m: SectionMeasures) => number | null;

/**
 * The measures of a section with how far each may be off, by the law of propagation over the sources of its spread (JCGM 100:2008, 5.1).
 * @param section what the takes say together
 */
export function toldMeasures(section: Section, spread: TakesSpread): ToldMeasures {
  const here = measureSection(section);
  const ways = [...spreadSources(spread), ...shapeSources(section)].map(
    (source) => [measureSection(source(section, 1)), measureSection(source(section, -1))] as const,
  );
  const told = (read: Read): ToldNumber | null => {
    const sd = propagatedSd(read, here, ways);
    return sd === null ? null : { value: read(here)!, half: SDS_OF_90 * sd };
  };
  const each = (of: (m: SectionMeasures) => readonly (number | null)[]): (ToldNumber | null)[] =>
    of(here).map((_, i) => told((m) => of(m)[i] ?? null));
  return {
    includedAngleDeg: told((m) => m.includedAngleDeg),
    totalSpanMm: told((m) => m.totalSpanMm),
    widthsMm: each((m) => m.widthsMm),
    near: each((m) => m.near.halfWidthsMm),
    off: each((m) => m.off.halfWidthsMm),
    offMinusNear: { angleDeg: told((m) => m.offMinusNear.angleDeg), halfWidthsMm: each((m) => m.offMinusNear.halfWidthsMm) },
  };
}
