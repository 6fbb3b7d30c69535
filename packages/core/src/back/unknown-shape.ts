import { type Polyline, point } from '../geometry';
import { type Random, normal } from '../random/seeded';
import { type Section, sideOutward, withSides } from './section';

/**
 * What nobody measured of a section drawn through a few widths, one standard deviation each (defaults): above the first width its
 * half-width goes as the depth to a power that may be so much more or less (a round top has 0.5, a roof 1); between two widths it may
 * lie further out or in by this share. Invented round-topped backs leave 0.05-0.08 and 0.001-0.007.
 */
export const UNKNOWN_SHAPE = { power: 0.08, bulge: 0.006 } as const;

/** One possible shape: the power above the first width, and the share in each gap between widths. */
export interface ShapeDrawn {
  readonly power: number;
  readonly bulges: readonly number[];
}

/** Draws one, alike on both sides; nothing for a section that was traced. */
export const unknownShape = ({ coarse, readAtMm = [] }: Section, random: Random): ShapeDrawn =>
  coarse
    ? { power: UNKNOWN_SHAPE.power * normal(random), bulges: readAtMm.slice(1).map(() => UNKNOWN_SHAPE.bulge * normal(random)) }
    : { power: 0, bulges: [] };

/** The ways in which it may be drawn otherwise, each by itself. */
export function shapeSources({ coarse, readAtMm = [] }: Section): ((section: Section, sds: number) => Section)[] {
  if (!coarse) return [];
  const none = readAtMm.slice(1).map(() => 0);
  return [
    (section, sds) => shapedSection(section, { power: sds * UNKNOWN_SHAPE.power, bulges: none }),
    ...none.map(
      (_, gap) => (section: Section, sds: number) =>
        shapedSection(section, { power: 0, bulges: none.map((_, k) => (k === gap ? sds * UNKNOWN_SHAPE.bulge : 0)) }),
    ),
  ];
}

/** A section drawn otherwise between the places where it was measured, and the same at these. */
export function shapedSection(section: Section, { power, bulges }: ShapeDrawn): Section {
  const { coarse, readAtMm = [] } = section;
  const first = readAtMm[0];
  if (!coarse || first === undefined) return section;
  const times = (depth: number): number => {
    if (depth <= 0) return 1;
    if (depth < first) return (depth / first) ** power;
    const gap = readAtMm.findLastIndex((d) => d <= depth);
    const [from, to] = [readAtMm[gap]!, readAtMm[gap + 1]];
    if (to === undefined) return 1;
    const t = (depth - from) / (to - from);
    return 1 + (bulges[gap] ?? 0) * 4 * t * (1 - t);
  };
  const shaped = (outward: Polyline): Polyline => outward.map((p) => point(p.yMm * times(-p.zMm), p.zMm));
  return withSides(section, shaped(sideOutward(section, 'near')), shaped(sideOutward(section, 'off')));
}
