import { type Due, type Forecast } from '@fulcra/contract';
import {
  type PastVisit,
  type PresentTree,
  type ReasonVisit,
  type TreeForecast,
  type VisitIntervals,
  CROWN_RADIUS_MM,
  type DescribedSaddle,
  chosenSettingOf,
  dayNumber,
  dayOfNumber,
  nextVisit,
  schoolById,
  sinceRestart,
  treeForecast,
  visitReasons,
} from '@fulcra/core';
import { type Decision, type Fact } from '@fulcra/contract';
import { type SchoolId } from '@fulcra/core';
import { keptFits } from './kept-fits';

/** A horse as far as its next visit depends on it. */
export interface HorseOnRecord {
  readonly horse: { readonly id: string; readonly name: string; readonly bornYear: number | null; readonly yardId: string | null };
  /** Oldest first. */
  readonly visits: readonly (PastVisit &
    ReasonVisit & {
      readonly id: string;
      readonly facts: readonly Fact[];
      readonly schoolId: SchoolId;
      readonly decision: Decision | null;
    })[];
  readonly tackHeld: boolean;
  readonly fell: boolean;
}

/** Works out when a horse is due; null while it was never visited. */
export async function dueOfHorse(
  { horse, visits, tackHeld, fell }: HorseOnRecord,
  saddles: ReadonlyMap<string, DescribedSaddle>,
  today: string,
  intervals: VisitIntervals,
): Promise<Due | null> {
  const last = visits.at(-1);
  if (last === undefined) return null;
  const counted = sinceRestart(visits);
  const forecast = await forecastNow(visits, counted.visits, saddles, today);
  const next = nextVisit({
    lastVisitOn: last.on,
    reasons: visitReasons({ visits, bornYear: horse.bornYear, today, tackHeld, fell }),
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
  };
}

/** The tree that was decided on or chosen last, carried through the visits that count; null where there is none. */
async function forecastNow(
  visits: HorseOnRecord['visits'],
  counted: HorseOnRecord['visits'],
  saddles: ReadonlyMap<string, DescribedSaddle>,
  today: string,
): Promise<TreeForecast | null> {
  const ends = visits.findLast((v) => v.decision !== null || chosenSettingOf(v.facts) !== null);
  if (ends === undefined) return null;
  const tree = presentTree(ends, saddles);
  return tree === null ? null : treeForecast(await keptFits(counted, tree, schoolById(ends.schoolId)), dayNumber(today));
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
    level: trend?.interval?.level ?? null,
  };
}
