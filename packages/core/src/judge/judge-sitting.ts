import { type Need } from '../schools/needs';
import { type School } from '../schools/school';
import { type CriterionId, type Rule, type Unit, CRITERIA, CRITERION_IDS } from '../schools/criteria';
import { type UnmeasuredId } from '../saddle/saddle-measure-ids';
import { unmeasuredOf } from '../saddle/unmeasured';
import { frontToleranceMm } from '../front/verdict';
import { type FaultChain, faultChains } from './fault-chains';
import { COMPLAINED, nearness } from './weighed-school';
import { type JudgeInput, missingFor, valueOf } from './sit-values';
import { type ValueError, type ValueErrors, NO_ERRORS } from './value-errors';

/** `borderline`: the limit lies within the error of the measuring, so neither side of it can be told. */
export type RowVerdict = 'good' | 'borderline' | 'lookOut' | 'bad' | 'notMeasured' | 'noOpinion';

/** One criterion under one school: the number, what is wanted of it, and what that means. */
export interface SitRow {
  readonly id: CriterionId;
  readonly unit: Unit;
  readonly value: number | null;
  readonly least: number | null;
  readonly most: number | null;
  readonly verdict: RowVerdict;
  /** How far off the number may be; null where that isn't known. */
  readonly error: ValueError | null;
  /** It refuses the saddle, whatever else is right: only where it is missed clearly. */
  readonly stops: boolean;
  /** How far outside what is wanted, in the school's own scale; - below the least, + above the most, 0 inside. */
  readonly outside: number;
  /** What it takes from the score. */
  readonly costs: number;
  /** How much the number may still move before the verdict turns, and at which end; null where it is outside or unlimited. */
  readonly spare: { readonly by: number; readonly end: 'least' | 'most' } | null;
  /** What it waits for where it wasn't measured. */
  readonly needs: readonly Need[];
  /** What of its measures was set by eye, not felt. */
  readonly byEye: readonly Need[];
}

/** On how much of what a school asks a verdict stands. */
export interface StandsOn {
  /** Weight of the rules that could be answered, of all of them, 0 to 1. */
  readonly share: number;
  readonly waitsFor: readonly Need[];
  /** What of that was set by eye, not felt. */
  readonly byEye: readonly Need[];
  /** Numbers of the saddle that nobody measured, first the one that weighs most in what the school asks. */
  readonly unmeasured: readonly UnmeasuredId[];
}

export interface SitVerdict {
  readonly schoolId: School['id'];
  readonly schoolName: string;
  readonly rows: readonly SitRow[];
  readonly stops: readonly SitRow[];
  /** 100 where nothing is missed; only for comparing settings of saddles that aren't stopped. */
  readonly score: number;
  /** Rows that miss, worst first. */
  readonly worst: readonly SitRow[];
  readonly chains: readonly FaultChain[];
  readonly standsOn: StandsOn;
}

/** A miss counts no more than this many scales. */
const MOST_SCALES = 4;
const POINTS_PER_WEIGHT = 3;

export function judgeSitting(input: JudgeInput, school: School, errors: ValueErrors = NO_ERRORS): SitVerdict {
  const asked = CRITERION_IDS.filter((id) => input.ridden !== null || CRITERIA[id].from !== 'ridden');
  const rows = asked.map((id) => ({
    ...sitRow(id, valueOf(id, input, school), ruleFor(id, input, school), errors[id] ?? null),
    needs: missingFor(id, input.body),
    byEye: CRITERIA[id].needs.filter((need) => input.body.byEye.includes(need)),
  }));
  const worst = rows.filter((r) => r.costs > 0).sort((a, b) => Number(b.stops) - Number(a.stops) || b.costs - a.costs);
  const lost = rows.reduce((sum, r) => sum + r.costs + complainedCost(r, school), 0);
  return {
    schoolId: school.id,
    schoolName: school.name,
    rows,
    stops: rows.filter((r) => r.stops),
    score: Math.max(0, 100 - lost),
    worst,
    chains: faultChains(input, school),
    standsOn: standsOn(rows, input, school),
  };
}

/** What a number costs inside its limits because it was complained of. */
function complainedCost({ id, value }: SitRow, { rules, weighed }: School): number {
  const [rule, to] = [rules[id], weighed?.[id]];
  if (rule === undefined || to === undefined || value === null) return 0;
  return POINTS_PER_WEIGHT * rule.weight * COMPLAINED.insideShare * nearness(value, rule, to);
}

function standsOn(rows: readonly SitRow[], { body, saddle }: JudgeInput, school: School): StandsOn {
  const missing = new Set<Need>();
  // a whole back is under every number, whichever rule asks for it
  const byEye = new Set<Need>(body.byEye.filter((need) => need === 'wholeBack'));
  let [answered, asked] = [0, 0];
  for (const { id, verdict, byEye: ofRow } of rows) {
    const weight = school.rules[id]?.weight ?? 0;
    asked += weight;
    if (verdict !== 'notMeasured') answered += weight;
    else if (weight > 0) for (const need of missingFor(id, body)) missing.add(need);
    if (verdict !== 'notMeasured' && weight > 0) for (const need of ofRow) byEye.add(need);
  }
  return {
    share: asked > 0 ? answered / asked : 0,
    waitsFor: [...missing],
    byEye: [...byEye],
    unmeasured: mostFirst(unmeasuredOf(saddle), rows, school),
  };
}

/** By how much of the squares of all errors, in the school's scales and weights, comes from each. */
function mostFirst(ids: readonly UnmeasuredId[], rows: readonly SitRow[], school: School): UnmeasuredId[] {
  const weighs = (id: UnmeasuredId): number =>
    rows.reduce((sum, { id: criterion, error }) => {
      const rule = school.rules[criterion];
      return rule === undefined || error === null
        ? sum
        : sum + rule.weight * (error.unmeasured?.[id] ?? 0) * (error.half / rule.scale) ** 2;
    }, 0);
  return [...ids].sort((a, b) => weighs(b) - weighs(a));
}

/** A school's rule for this sitting: the front's is as wide as the front alone is judged by. */
export function ruleFor(id: CriterionId, { laid }: Pick<JudgeInput, 'laid'>, school: School): Rule | undefined {
  const rule = school.rules[id];
  if (id !== 'frontEven' || rule === undefined || laid === null) return rule;
  const toleranceMm = frontToleranceMm(school, laid.arch, laid.padding);
  return { ...rule, least: -toleranceMm, most: toleranceMm };
}

/** What a number means under a rule; no rule is no opinion. */
export function sitRow(id: CriterionId, value: number | null, rule: Rule | undefined, error: ValueError | null = null): SitRow {
  const { unit, needs } = CRITERIA[id];
  const known = value !== null && Number.isFinite(value) ? value : null;
  const least = rule?.least ?? null;
  const most = rule?.most ?? null;
  const outside = known === null || rule === undefined ? 0 : outsideBy(known, rule);
  const sure = known === null || rule === undefined || isClear(known, rule, error?.half ?? 0);
  const stops = rule !== undefined && sure && ((rule.hardStop === 'least' && outside < 0) || (rule.hardStop === 'most' && outside > 0));
  return {
    id,
    unit,
    value: known,
    least,
    most,
    verdict: rowVerdict(known, rule, outside, { stops, sure, half: error?.half ?? 0 }),
    error,
    stops,
    outside,
    costs: rule === undefined ? 0 : POINTS_PER_WEIGHT * rule.weight * Math.min(MOST_SCALES, Math.abs(outside)),
    spare: known === null || rule === undefined || outside !== 0 ? null : spareOf(known, rule),
    needs,
    byEye: [],
  };
}

/** In scales: - below the least, + above the most, 0 inside. */
function outsideBy(value: number, { least, most, scale }: Rule): number {
  if (least !== null && value < least) return (value - least) / scale;
  return most !== null && value > most ? (value - most) / scale : 0;
}

/** Whether the interval that holds nine in ten lies wholly on one side of each limit. */
const isClear = (value: number, { least, most }: Rule, half: number): boolean =>
  half === 0 || [least, most].every((limit) => limit === null || Math.abs(value - limit) >= half);

interface Told {
  readonly stops: boolean;
  readonly sure: boolean;
  readonly half: number;
}

/** Missed by so many scales is bad, and by less to be looked out for. */
const BAD_FROM = 1;

function rowVerdict(value: number | null, rule: Rule | undefined, outside: number, { stops, sure, half }: Told): RowVerdict {
  if (rule === undefined) return 'noOpinion';
  if (value === null) return 'notMeasured';
  if (!sure) return 'borderline';
  if (outside === 0) return 'good';
  const beyond = (Math.abs(outside) - BAD_FROM) * rule.scale;
  return stops || (beyond > 0 && beyond >= half) ? 'bad' : 'lookOut';
}

function spareOf(value: number, { least, most }: Rule): SitRow['spare'] {
  const toLeast = least === null ? Infinity : value - least;
  const toMost = most === null ? Infinity : most - value;
  const by = Math.min(toLeast, toMost);
  return Number.isFinite(by) ? { by, end: toLeast <= toMost ? 'least' : 'most' } : null;
}
