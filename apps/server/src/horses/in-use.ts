import { type InUse, type RecordedBody, type RecordedFact, type SaidInUse, inUseAfter, standingDecision } from '@fulcra/core';
import { inBin } from '../records/in-bin';

/** A question to the database, as a connection or a transaction of it asks. */
export type Ask = (sql: string, values: unknown[]) => Promise<unknown>;

/** Kinds of facts that say what a horse is ridden in; no other changes it. */
const IN_USE_FACTS = ['triedSetting', 'chosenSetting', 'leatherHoles'] as const;
export const saysInUse = (kind: string): boolean => (IN_USE_FACTS as readonly string[]).includes(kind);

interface FactPart {
  readonly id: string;
  readonly visitId: string;
  readonly withdrawn: number;
  readonly kind: (typeof IN_USE_FACTS)[number];
  readonly triedId: string | null;
  readonly saddleId: string | null;
  readonly riderId: string | null;
  readonly leatherId: string | null;
}
interface DecisionPart {
  readonly id: string;
  readonly visitId: string;
  readonly saddleId: string | null;
  readonly triedId: string | null;
  readonly seq: string;
}

const VISITS = `SELECT v.id, v.started_on AS startedOn FROM visit v WHERE v.horse_id = ? AND NOT ${inBin('v.id')} ORDER BY v.started_on, v.seq`;
const said = (name: string): string => `JSON_VALUE(f.body, '$.${name}') AS ${name}`;
const FACTS = `SELECT f.id, f.visit_id AS visitId, f.withdrawn, ${['kind', 'triedId', 'saddleId', 'riderId', 'leatherId'].map(said).join(', ')}
  FROM visit_fact f JOIN visit v ON v.id = f.visit_id
  WHERE v.horse_id = ? AND JSON_VALUE(f.body, '$.kind') IN (${IN_USE_FACTS.map((k) => `'${k}'`).join(', ')}) ORDER BY f.seq`;
const DECISIONS = `SELECT d.id, d.visit_id AS visitId, d.saddle_id AS saddleId, JSON_VALUE(d.body, '$.triedId') AS triedId, d.seq
  FROM decision d JOIN visit v ON v.id = d.visit_id WHERE v.horse_id = ? ORDER BY d.seq`;

/** What a horse is ridden in, from its visits, what was decided at them, and what a person says. */
export async function inUseOfHorse(ask: Ask, horseId: string): Promise<InUse> {
  const visits = (await ask(VISITS, [horseId])) as { readonly id: string; readonly startedOn: string }[];
  const facts = (await ask(FACTS, [horseId])) as FactPart[];
  const decisions = (await ask(DECISIONS, [horseId])) as DecisionPart[];
  const [row] = (await ask('SELECT rides_in AS ridesIn FROM horse WHERE id = ?', [horseId])) as { readonly ridesIn: string }[];
  const ended = visits.map(({ id, startedOn }) => {
    const own = facts.filter((f) => f.visitId === id).map(factOf);
    const decided = decisions.filter((d) => d.visitId === id).map((d) => ({ ...d, order: Number(d.seq) }));
    return { id, on: startedOn, facts: own, decision: standingDecision(decided, own).decision };
  });
  return inUseAfter(ended, JSON.parse(row?.ridesIn ?? 'null') as SaidInUse | null);
}

/** As much of a fact as says what it is ridden in. */
const factOf = ({ id, withdrawn, ...body }: FactPart): RecordedFact => ({
  id,
  hand: '',
  withdrawn: Boolean(withdrawn),
  body: { ...body, missed: [], score: 0 } as unknown as RecordedBody,
});
