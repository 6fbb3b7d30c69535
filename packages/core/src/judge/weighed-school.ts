import { type ComplaintId } from '../intake/complaints';
import { type CriterionId, type Rule } from '../schools/criteria';
import { type MissedTo, type School } from '../schools/school';
import { COMPLAINT_RULES } from './complaint-table';

/**
 * What a complaint makes of the numbers that would explain it (defaults): they count so many times as much, at least with this weight
 * where they are only shown otherwise, and inside their limits the nearer one lies to the end that was complained of the more it costs,
 * up to this share of what missing it by a scale does.
 */
export const COMPLAINED = { times: 2, leastWeight: 1, insideShare: 0.3 } as const;

/** The school as a visit with complaints is judged by it; the same school where nobody complained of anything a number tells. */
export function weighedFor(school: School, complaints: readonly { readonly complaint: ComplaintId }[]): School {
  const weighed: Partial<Record<CriterionId, MissedTo>> = {};
  for (const [id, to] of complaints.flatMap((c) => COMPLAINT_RULES[c.complaint].rows)) {
    if (school.rules[id] !== undefined) weighed[id] = weighed[id] === undefined || weighed[id] === to ? to : 'either';
  }
  const ids = Object.keys(weighed) as CriterionId[];
  if (ids.length === 0) return school;
  const rules = Object.fromEntries(ids.map((id) => [id, countingMore(school.rules[id]!)]));
  return { ...school, rules: { ...school.rules, ...rules }, weighed };
}

const countingMore = (rule: Rule): Rule => ({ ...rule, weight: Math.max(COMPLAINED.leastWeight, COMPLAINED.times * rule.weight) });

/** How near a number lies to the end that was complained of: 0 in the middle or a scale inside, 1 at the limit and past it. */
export function nearness(value: number, { least, most, scale }: Rule, to: MissedTo): number {
  const span = least !== null && most !== null ? (most - least) / 2 : scale;
  const near = (inside: number): number => Math.max(0, Math.min(1, 1 - inside / span));
  const low = least === null || to === 'high' ? 0 : near(value - least);
  const high = most === null || to === 'low' ? 0 : near(most - value);
  return Math.max(low, high);
}
