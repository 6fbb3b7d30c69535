import { type PointYZ, type Polyline, lengthMm, median, point, pointAtLengthMm, runningLengthsMm } from '../geometry';
import { type Section, sectionFromSides, sideOutward } from './section';
import { type Take } from './take';
import { type Agreement } from './takes-agreement';

const SAMPLES_PER_SIDE = 60;

/**
 * The section the accepted takes agree on: the median of each coordinate at equal running length from the apex,
 * as far as the shortest take goes. Doesn't depend on the order of the takes.
 * @returns null when no take is accepted
 */
export function consensusSection(takes: readonly Take[], agreement: Agreement): Section | null {
  const accepted = takes.filter((t) => agreement.accepted.includes(t.id));
  if (accepted.length === 0) return null;
  return medianSection(accepted);
}

/** What some takes say together, whether or not they agree. */
export const medianSection = (takes: readonly Take[]): Section =>
  sectionFromSides(
    medianSide(takes, 'near'),
    medianSide(takes, 'off'),
    takes.every((t) => t.section.coarse),
  );

function medianSide(takes: readonly Take[], side: 'near' | 'off'): Polyline {
  const sides = takes.map((t) => sideOutward(t.section, side));
  const common = Math.min(...sides.map(lengthMm));
  const measured = sides.map((line) => ({ line, lengths: runningLengthsMm(line) }));
  return Array.from({ length: SAMPLES_PER_SIDE + 1 }, (_, i): PointYZ => {
    const at = (common * i) / SAMPLES_PER_SIDE;
    const here = measured.map(({ line, lengths }) => pointAtLengthMm(line, lengths, at));
    return point(median(here.map((p) => p.yMm)), median(here.map((p) => p.zMm)));
  });
}
