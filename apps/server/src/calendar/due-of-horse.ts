import { type Decision, type Due, type Fact, type Forecast, type OwnerWord } from '@fulcra/contract';
import {
  type DescribedSaddle,
  type OwnSchool,
  type PastVisit,
  type PresentTree,
  type SaddleInUse,
  type SaidVisit,
  type SchoolId,
  type TackOnRecord,
  type TreeForecast,
  type VisitIntervals,
  CROWN_RADIUS_MM,
  chosenSettingOf,
  dayNumber,
  dayOfNumber,
  fellInNothingKnown,
  inUseAfter,
  nextVisit,
  schoolOf,
  sinceRestart,
  tackInUse,
  treeForecast,
  visitReasons,
} from '@fulcra/core';
import { type HorseRow } from '../horses/horse.entity';
import { type PracticeTack } from '../tack/tack-of-practice';
import { keptFits } from './kept-fits';

/** A visit as the calendar, the history and the report read it. */
export interface VisitOnRecord extends PastVisit, SaidVisit {
  readonly id: string;
  readonly on: string;
  readonly facts: readonly Fact[];
  readonly schoolId: SchoolId;
  readonly decision: Decision | null;
  readonly closed: boolean;
}

/** A horse with all that was ever found, said and decided of it. */
export interface HorseOnRecord {
  readonly horse: Pick<HorseRow, 'id' | 'name' | 'bornYear' | 'yardId' | 'riderIds' | 'ridesIn' | 'gone'>;
  /** In their order, oldest first. */
  readonly visits: readonly VisitOnRecord[];
  /** What its owner said. */
  readonly words: readonly OwnerWord[];
}

/** What every horse of a practice is judged with on a day. */
export interface DueAround {
  readonly tack: PracticeTack & { readonly fallWords: ReadonlySet<string> };
  readonly saddles: ReadonlyMap<string, DescribedSaddle>;
  readonly today: string;
  readonly intervals: VisitIntervals;
  /** The practice's own. */
  readonly schools: readonly OwnSchool[];
}

/** Works out when a horse is due; null while it was never visited, and once it was sold, moved or died. */
export async function dueOfHorse({ horse, visits, words }: HorseOnRecord, around: DueAround): Promise<Due | null> {
  const { tack, saddles, today, intervals, schools } = around;
  const last = visits.at(-1);
  if (last === undefined || horse.gone !== null) return null;
  const counted = sinceRestart(visits);
  const inUse = inUseAfter(visits, horse.ridesIn);
  const ridden = tackInUse(inUse, horse.riderIds, tack.beside);
  const held = tack.held.filter((h) => ridden.has(h.id));
  const { forecast, schoolKnown } = await forecastNow(visits, counted.visits, inUse.saddle, saddles, today, schools);
  const next = nextVisit({
    lastVisitOn: last.on,
    reasons: visitReasons({
      ...{ visits, bornYear: horse.bornYear, today, saddle: inUse.saddle },
      tackHeld: held.some((h) => h.why === 'unsafe'),
      fell: held.some((h) => h.why === 'fall') || fellInNothingKnown(words, tack.fallWords),
    }),
    forecast: forecast?.first?.leaves ?? null,
    intervals,
  });
  return {
    horseId: horse.id,
    horseName: horse.name,
    yardId: horse.yardId,
    lastVisitOn: last.on,
    ...next,
    forecast: told(forecast, counted.why === null ? null : { on: counted.visits[0]!.on, why: counted.why }),
    schoolKnown,
    lapsed: [...ridden].flatMap((id) => lapsedOf(tack.things.get(id))),
  };
}

/** Tack that was sound and that nobody looked at for too long. */
function lapsedOf(thing: TackOnRecord | undefined): Due['lapsed'][number][] {
  if (thing === undefined || thing.standing.state !== 'lapsed') return [];
  return [{ itemId: thing.id, name: thing.name, kind: thing.item.kind, since: thing.standing.lastLookAt!.slice(0, 10) }];
}

/** The tree it is ridden in, carried through the visits that count; null where there is none, or its visit's school isn't known. */
async function forecastNow(
  visits: HorseOnRecord['visits'],
  counted: HorseOnRecord['visits'],
  inUse: SaddleInUse | null,
  saddles: ReadonlyMap<string, DescribedSaddle>,
  today: string,
  schools: readonly OwnSchool[],
): Promise<{ readonly forecast: TreeForecast | null; readonly schoolKnown: boolean }> {
  const ends = visits.findLast((v) => v.decision !== null || chosenSettingOf(v.facts) !== null);
  const said = inUse !== null && inUse.decidedBy === null;
  // what a person says it is ridden in was never laid on it
  if (ends === undefined || said) return { forecast: null, schoolKnown: true };
  const tree = presentTree(ends, saddles);
  const school = schoolOf(ends.schoolId, schools);
  if (tree === null || school === null) return { forecast: null, schoolKnown: school !== null };
  return { forecast: treeForecast(await keptFits(counted, tree, school), dayNumber(today)), schoolKnown: true };
}

/** What a visit ended with. */
export function presentTree(
  { decision, facts }: HorseOnRecord['visits'][number],
  saddles: ReadonlyMap<string, DescribedSaddle>,
): PresentTree | null {
  const tried = chosenSettingOf(facts)?.tried;
  const saddle = tried === undefined ? undefined : saddles.get(tried.saddleId);
  if (decision === null) return null;
  const { shape, includedAngleDeg, pointLengthMm } = decision;
  const arch = { shape, crownRadiusMm: CROWN_RADIUS_MM[shape], includedAngleDeg, pointLengthMm };
  return { arch, chosen: saddle === undefined || tried === undefined ? null : { saddle, setup: tried.setup, rider: tried.rider } };
}

/** As it is sent: days instead of numbers, and nothing claimed where it can't be known. */
function told(forecast: TreeForecast | null, since: Forecast['since']): Forecast | null {
  if (forecast === null || forecast.first === null) return null;
  const { id, leaves } = forecast.first;
  const trend = 'trend' in leaves ? leaves.trend : null;
  const day = (n: number | null): string | null => (n === null ? null : dayOfNumber(n));
  return {
    id,
    code: leaves.code,
    since,
    dates: leaves.code === 'tooFewDates' ? leaves.dates : (trend?.dates ?? 0),
    on: leaves.code === 'leaves' ? day(leaves.day) : null,
    early: leaves.code === 'leaves' ? day(leaves.earlyDay) : null,
    late: leaves.code === 'leaves' ? day(leaves.lateDay) : null,
    until: leaves.code === 'stays' ? day(leaves.untilDay) : null,
    chance: 'chance' in leaves ? leaves.chance : null,
    level: trend?.interval?.level ?? null,
  };
}
