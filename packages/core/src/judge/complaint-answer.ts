import { type ComplaintAnswerCode, type ComplaintId } from '../intake/complaints';
import { type StrideGaitId } from '../schools/stride';
import { type FaultForecast } from '../shape/fault-forecast';
import { type Ridden } from '../sit/ridden';
import { type StrideWord, type Towards } from '../sit/stride';
import { type NearOff } from '../units';
import { type ComplaintRule, COMPLAINT_RULES } from './complaint-table';
import { type FaultChain } from './fault-chains';
import { type SitRow, type SitVerdict } from './judge-sitting';

/** How a gait bears a complaint out, or doesn't. */
export interface GaitEvidence {
  readonly gait: StrideGaitId;
  readonly word: StrideWord;
  readonly towards: Towards | null;
  readonly creepMm: number | null;
  /** It goes the way that was complained of. */
  readonly bearsOut: boolean;
}

/** What to do first: in the fixed order leave it, adjust, another of the stock, make; and before all, the vet where it may be pain. */
export type DoFirst =
  | { readonly code: 'vet' }
  | { readonly code: 'adjust'; readonly row: SitRow }
  | { readonly code: 'anotherSaddle'; readonly row: SitRow }
  | { readonly code: 'rideIt' }
  | { readonly code: 'measure'; readonly row: SitRow }
  | { readonly code: 'lookAtRider' }
  | { readonly code: 'leaveIt' };

/** A complaint answered by the saddle that lies there. */
export interface ComplaintAnswer {
  readonly complaint: ComplaintId;
  /**
   * `found` where the numbers have a cause and no stride speaks against it, `notFound` where all were asked and have none, `open` while they
   * weren't all asked, and where the numbers point to a cause that no gait shows.
   */
  readonly state: ComplaintAnswerCode;
  readonly rows: readonly SitRow[];
  readonly chains: readonly FaultChain[];
  readonly gaits: readonly GaitEvidence[];
  /** What the horse's shape forecasts of it; null where it forecasts nothing of the kind. */
  readonly byShape: FaultForecast | null;
  readonly first: readonly DoFirst[];
}

export interface ComplaintQuestion {
  readonly complaint: ComplaintId;
  readonly side: NearOff | null;
  readonly verdict: SitVerdict;
  /** Null while it wasn't ridden. */
  readonly ridden: Ridden | null;
  readonly forecasts: readonly FaultForecast[];
}

/** What can't be cured by changing the setting of this saddle: it lies in its make. */
const IN_THE_MAKE: ReadonlySet<SitRow['id']> = new Set(['channelWidth', 'ligamentClear', 'treeBeforeRib', 'panelBeforeRib', 'loadOnArea']);

/** Holds a complaint against everything that is known of the saddle: its numbers, its strides, its chains, and the horse's shape. */
export function complaintAnswer({ complaint, side, verdict, ridden, forecasts }: ComplaintQuestion): ComplaintAnswer {
  const rule = COMPLAINT_RULES[complaint];
  const found = evidenceFor(rule, { side, verdict, ridden });
  const fault = rule.fault(side);
  const { state, rows, chains, gaits } = found;
  const byShape = forecasts.find((f) => f.fault === fault) ?? null;
  return { complaint, state, rows, chains, gaits, byShape, first: doFirst(found, { ...found, ...rule }) };
}

/** What speaks for something that a saddle may do. */
export interface Evidence extends Pick<ComplaintAnswer, 'state' | 'rows' | 'chains' | 'gaits'> {
  /** Numbers that would tell and weren't measured. */
  readonly unanswered: readonly SitRow[];
  /** Only strides would tell, and it wasn't ridden. */
  readonly asksToRide: boolean;
}

/** Numbers, chains and gaits of a saddle that bear a rule out. */
export function evidenceFor(
  { rows: asked, chains: named, towards }: Pick<ComplaintRule, 'rows' | 'chains' | 'towards'>,
  { side, verdict, ridden }: Pick<ComplaintQuestion, 'side' | 'verdict' | 'ridden'>,
): Evidence {
  const rows = asked.flatMap(([id, end]) => {
    const row = verdict.rows.find((r) => r.id === id);
    const out =
      row !== undefined &&
      row.verdict !== 'borderline' &&
      (end === 'either' ? row.outside !== 0 : end === 'low' ? row.outside < 0 : row.outside > 0);
    return out ? [row] : [];
  });
  const unanswered = asked.flatMap(([id]) => verdict.rows.find((r) => r.id === id && r.verdict === 'notMeasured') ?? []);
  const chains = verdict.chains.filter((c) => named.includes(c.id));
  const gaits = gaitsOf(ridden, towards, side);
  const asksToRide = towards.length > 0 && ridden === null;
  const state = stateOf({ pointsThere: rows.length > 0 || chains.length > 0, gaits, complete: unanswered.length === 0 && !asksToRide });
  return { state, rows, chains, gaits, unanswered, asksToRide };
}

interface Shown {
  /** Numbers of the saddle as it stands point to a cause. */
  readonly pointsThere: boolean;
  /** Gaits that were ridden, where the complaint is one that moves. */
  readonly gaits: readonly GaitEvidence[];
  /** Everything that would tell was asked. */
  readonly complete: boolean;
}

function stateOf({ pointsThere, gaits, complete }: Shown): ComplaintAnswerCode {
  if (gaits.some((g) => g.bearsOut)) return 'found';
  // numbers at halt say why it might move; where it was ridden and stays, they are no finding
  if (pointsThere) return gaits.length > 0 ? 'open' : 'found';
  return complete ? 'notFound' : 'open';
}

function gaitsOf(ridden: Ridden | null, ways: readonly Towards[], side: NearOff | null): GaitEvidence[] {
  if (ridden === null || ways.length === 0) return [];
  const asked = side !== null && ways.includes(side) ? [side] : ways;
  return Object.values(ridden.strides).map(({ gait, word, towards, creepMm }) => ({
    gait,
    word,
    towards,
    creepMm,
    bearsOut: word !== 'stays' && towards !== null && asked.includes(towards),
  }));
}

interface Around {
  readonly asksToRide: boolean;
  readonly unanswered: readonly SitRow[];
  readonly mayBePain: boolean;
  readonly mayBeRider: boolean;
}

function doFirst({ state, rows, chains }: Pick<ComplaintAnswer, 'state' | 'rows' | 'chains'>, around: Around): DoFirst[] {
  const { asksToRide, unanswered, mayBePain, mayBeRider } = around;
  const adjust = rows.find((row) => !IN_THE_MAKE.has(row.id));
  const make = rows.find((row) => IN_THE_MAKE.has(row.id));
  const first: DoFirst[] = [
    ...(mayBePain ? [{ code: 'vet' as const }] : []),
    ...(adjust === undefined ? [] : [{ code: 'adjust' as const, row: adjust }]),
    ...(adjust === undefined && make !== undefined ? [{ code: 'anotherSaddle' as const, row: make }] : []),
  ];
  if (rows.length === 0 && unanswered[0] !== undefined) first.push({ code: 'measure', row: unanswered[0] });
  if (asksToRide) first.push({ code: 'rideIt' });
  if (mayBeRider && rows.length === 0) first.push({ code: 'lookAtRider' });
  if (state === 'notFound' && chains.length === 0 && !mayBeRider) first.push({ code: 'leaveIt' });
  return first;
}
