import { type CriterionId, type Rule, CRITERION_IDS } from './criteria';
import { PANEL_FIRST } from './panel-first';
import { ROOM_TO_MOVE } from './room-to-move';
import { SHOULDER_LINE } from './shoulder-line';
import { STATIC_CLOSE } from './static-close';
import { WESTERN } from './western';

export const RULE_ENDS = ['least', 'most'] as const;
export type RuleEnd = (typeof RULE_ENDS)[number];

/** What a limit that isn't there is written as. */
export const NO_LIMIT = 'none';

/** What a school that hasn't got a rule begins it with: the first school's that has it, and the limits that any of them knows. */
export interface RuleTemplate extends Omit<Rule, 'hardStop'> {
  /** At which ends it can be limited at all. */
  readonly ends: readonly RuleEnd[];
}

const BUILT_IN = [STATIC_CLOSE, SHOULDER_LINE, ROOM_TO_MOVE, PANEL_FIRST, WESTERN];

function templateOf(id: CriterionId): RuleTemplate | null {
  const known = BUILT_IN.flatMap((school) => school.rules[id] ?? []);
  const [first] = known;
  if (first === undefined) return null;
  const limit = (end: RuleEnd): number | null => known.find((r) => r[end] !== null)?.[end] ?? null;
  const [least, most] = [limit('least'), limit('most')];
  return { least, most, scale: first.scale, weight: first.weight, ends: RULE_ENDS.filter((end) => limit(end) !== null) };
}

/** Criteria that no school has a rule for aren't offered. */
export const RULE_TEMPLATES: Readonly<Partial<Record<CriterionId, RuleTemplate>>> = Object.fromEntries(
  CRITERION_IDS.flatMap((id) => {
    const template = templateOf(id);
    return template === null ? [] : [[id, template]];
  }),
);

/** Limits that the front and the chains of faults turn on: they can be moved, not taken away. */
const KEPT_LIMITS: readonly string[] = [
  'sits.least',
  'withersOver.least',
  'withersBeside.least',
  'frontEven.least',
  'frontEven.most',
  'middleShare.least',
  'middleShare.most',
  'bridgeGap.most',
  'peakRatio.most',
  'driftAlong.least',
  'driftAlong.most',
];
export const isKept = (id: CriterionId, end: RuleEnd): boolean => KEPT_LIMITS.includes(`${id}.${end}`);
