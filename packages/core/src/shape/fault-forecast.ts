import { FAULTS, FAULT_RULES, type FaultId, type FaultRule, type RemedyId } from './fault-rules';
import { type Trait } from './traits';

export interface FaultReason {
  readonly ruleId: string;
  readonly weight: number;
  /** The traits that made the rule hold, each with where it came from. */
  readonly traits: readonly Trait[];
  readonly remedies: readonly RemedyId[];
}

export interface FaultForecast {
  readonly fault: FaultId;
  /** For minus against. */
  readonly score: number;
  readonly likelihood: 'leans' | 'likely' | 'strong';
  readonly for: readonly FaultReason[];
  /** Reasons for the opposite way, that take from it. */
  readonly against: readonly FaultReason[];
  readonly remedies: readonly RemedyId[];
}

const OPPOSITE: Readonly<Partial<Record<FaultId, FaultId>>> = {
  forward: 'back',
  back: 'forward',
  toNear: 'toOff',
  toOff: 'toNear',
  bridge: 'rock',
  rock: 'bridge',
};

/** Which way a saddle will want to go on a horse of these traits, worst first; faults whose reasons cancel out are left out. */
export function faultForecast(traits: readonly Trait[], rules: readonly FaultRule[] = FAULT_RULES): FaultForecast[] {
  const held = rules.flatMap((rule) => reasonOf(rule, traits) ?? []);
  const reasonsFor = (fault: FaultId | undefined): FaultReason[] => held.filter((h) => h.fault === fault).map((h) => h.reason);
  return FAULTS.map((fault) => weighed(fault, reasonsFor(fault), reasonsFor(OPPOSITE[fault])))
    .filter((f) => f.score > 0)
    .sort((a, b) => b.score - a.score);
}

function reasonOf(rule: FaultRule, traits: readonly Trait[]): { readonly fault: FaultId; readonly reason: FaultReason } | null {
  const met = rule.when.map(([trait, values]) => traits.find((t) => t.trait === trait && values.includes(t.value)));
  if (met.some((t) => t === undefined)) return null;
  return { fault: rule.fault, reason: { ruleId: rule.id, weight: rule.weight, traits: met as Trait[], remedies: rule.remedies } };
}

function weighed(fault: FaultId, reasons: readonly FaultReason[], against: readonly FaultReason[]): FaultForecast {
  const sum = (list: readonly FaultReason[]): number => list.reduce((s, r) => s + r.weight, 0);
  const score = sum(reasons) - sum(against);
  const remedies = [...new Set([...reasons].sort((a, b) => b.weight - a.weight).flatMap((r) => r.remedies))];
  return { fault, score, likelihood: score >= 4 ? 'strong' : score >= 2 ? 'likely' : 'leans', for: reasons, against, remedies };
}
