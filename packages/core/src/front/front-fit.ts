import { type HandSoFar } from '../back/hand';
import { type Section } from '../back/section';
import { type Take } from '../back/take';
import { type ToldMeasures, toldMeasures } from '../back/told-measures';
import { type Outcome, done } from '../problems';
import { type Random } from '../random/seeded';
import { type FrontArch, DEFAULT_POINT_LENGTH_MM } from '../saddle/front-arch';
import { type Need } from '../schools/needs';
import { type School } from '../schools/school';
import { SCHOOLS } from '../schools/all';
import { type Readiness, schoolReadiness } from '../schools/readiness';
import { prepareSection } from './arch-on-section';
import { type Confidence, confidence, takesSpread } from './confidence';
import { type FrontSink, paddingOfSchool, sinkOfSchool } from './padding';
import { type FrontRecommendation, recommendFront } from './front-search';
import { type WithNeighbours, judgeWithNeighbours } from './neighbours';

export const REDRAWS = 100;

export interface FrontFitQuestion {
  readonly section: Section;
  /** Accepted takes, for how sure the answer is. */
  readonly takes: readonly Take[];
  /** What other takes of the same hand say of it. */
  readonly hand?: HandSoFar;
  readonly school: School;
  readonly takenAtMm: number;
  readonly measured: ReadonlySet<Need>;
  readonly random: Random;
  /** How far the front comes down under load; absent where only the section is known. */
  readonly sink?: FrontSink;
}

/** What another school would ask for. */
export interface OtherSchool {
  readonly schoolName: string;
  readonly includedAngleDeg: number;
  readonly shape: FrontArch['shape'];
}

export interface FrontFit {
  readonly recommendation: FrontRecommendation;
  readonly judged: WithNeighbours;
  readonly readiness: Readiness;
  /** What the other schools would ask for on the same section. */
  readonly others: readonly OtherSchool[];
  /** Answers are "shape angle-to-the-step", e.g. "round 95". */
  readonly confidence: Confidence<string>;
  readonly sink: FrontSink;
  /** The section's own measures, each with half of the interval of nine in ten. */
  readonly told: ToldMeasures;
  /** The depths it was measured at, where it was drawn through a few widths; null where it was traced. */
  readonly drawnThroughMm: readonly number[] | null;
  /** Included angle of the redraws that won or lost, 5th and 95th percentile, degrees. */
  readonly angleRangeDeg: readonly [number, number];
}

/** The whole answer to "which tree front suits this back, and why" for one section under one school. */
export function frontFit(question: FrontFitQuestion): Outcome<FrontFit> {
  const { section, school } = question;
  const body = prepareSection(section);
  const sink = question.sink ?? sinkOfSchool(school);
  const padding = paddingOfSchool(school, sink);
  const recommendation = recommendFront(body, school, DEFAULT_POINT_LENGTH_MM, padding);
  if (!recommendation.ok) return recommendation;
  const { arch: target, padding: under } = recommendation.value.target;
  const judged = judgeWithNeighbours(body, target, under, school, question.takenAtMm)!;
  const angles: number[] = [];
  const spread = takesSpread(question.takes, question.hand);
  const sure = confidence(section, spread, REDRAWS, question.random, (redrawn) => {
    const again = recommendFront(prepareSection(redrawn), school, DEFAULT_POINT_LENGTH_MM, padding);
    if (!again.ok) return null;
    angles.push(again.value.target.arch.includedAngleDeg);
    return nearestWidth(again.value.target.arch, target, school);
  });
  return done({
    recommendation: recommendation.value,
    judged,
    readiness: schoolReadiness(school, question.measured),
    others: SCHOOLS.filter((s) => s.id !== school.id).flatMap((s) => otherSchool(body, s, question.sink)),
    confidence: sure,
    sink,
    told: toldMeasures(section, spread),
    drawnThroughMm: section.coarse ? (section.readAtMm ?? []) : null,
    angleRangeDeg: percentiles(angles, target.includedAngleDeg),
  });
}

/** A redraw counts for the recommended width while it lies within half a width of it. */
function nearestWidth(arch: FrontArch, target: FrontArch, school: School): string {
  const steps = Math.round((arch.includedAngleDeg - target.includedAngleDeg) / school.front.widthStepDeg);
  const deg = target.includedAngleDeg + steps * school.front.widthStepDeg;
  return `${arch.shape} ${Math.round(deg)}`;
}

function otherSchool(body: ReturnType<typeof prepareSection>, school: School, sink: FrontSink | undefined): OtherSchool[] {
  const found = recommendFront(body, school, DEFAULT_POINT_LENGTH_MM, paddingOfSchool(school, sink));
  if (!found.ok) return [];
  const { includedAngleDeg, shape } = found.value.target.arch;
  return [{ schoolName: school.name, includedAngleDeg, shape }];
}

function percentiles(values: number[], otherwise: number): [number, number] {
  if (values.length === 0) return [otherwise, otherwise];
  const sorted = [...values].sort((a, b) => a - b);
  const at = (q: number): number => sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]!;
  return [at(0.05), at(0.95)];
}
