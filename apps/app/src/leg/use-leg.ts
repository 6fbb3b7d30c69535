import { type Leather, type LeatherTaken, type Saddle } from '@fulcra/contract';
import {
  type HangError,
  type LeatherPair,
  type PurposePlan,
  type Purpose,
  type RiderBody,
  type RiderLoad,
  type Foot,
  footOf,
  bandMiddle,
  bodyInputOf,
  hangError,
  newestTake,
  pairOfTake,
  purposePlans,
} from '@fulcra/core';
import { useMemo } from 'react';
import { z } from 'zod';
import { PLAIN_RIDER, choiceOf } from '../fit-room';
import { type DraftSpec } from '../platform/draft';
import { useDraft } from '../platform/use-draft';
import { useLeatherTakes, useLeathers, usePracticeSettings, useSaddles } from '../platform/use-views';
import { type KnownRider, useKnownRiders } from '../riders';
import { type LoadedVisit } from '../visit';
import { type KnownGround, type MeasuredHorse, type SaddleThere, groundUnder, saddleThere } from './leg-ground';

/** What was picked on the screen; null for what the screen proposes. */
interface LegPicked {
  readonly riderId: string | null;
  readonly saddleId: string | null;
  readonly leatherId: string | null;
  readonly purpose: Purpose | null;
  readonly againstId: string | null;
}
const PICKED_DRAFT: DraftSpec<LegPicked> = {
  version: 1,
  schema: z.object({
    riderId: z.string().nullable(),
    saddleId: z.string().nullable(),
    leatherId: z.string().nullable(),
    purpose: z.string().nullable() as unknown as z.ZodType<Purpose | null>,
    againstId: z.string().nullable(),
  }),
};
const NOTHING: LegPicked = { riderId: null, saddleId: null, leatherId: null, purpose: null, againstId: null };
/** Picked as a saddle: none of the stock. */
export const PLAIN_SADDLE = 'plain';

export interface LegChosen {
  readonly loaded: LoadedVisit | null;
  readonly horse: MeasuredHorse | null;
  readonly riders: readonly KnownRider[];
  readonly saddles: readonly Saddle[];
  readonly leathers: readonly Leather[];
  readonly takes: readonly LeatherTaken[];
  readonly known: KnownRider | null;
  readonly saddle: Saddle | null;
  readonly leather: Leather | null;
  readonly pair: LeatherPair | null;
  readonly picked: LegPicked;
  readonly pick: (change: Partial<LegPicked>) => void;
}

/** Rider, saddle and leathers of this place: as picked, else as they were chosen before. */
export function useLegChosen(key: string, loaded: LoadedVisit | null, riderId: string | null): LegChosen | null {
  const [picked, setPicked] = useDraft(`leg-${key}`, PICKED_DRAFT, NOTHING);
  const { riders } = useKnownRiders();
  const saddles = useSaddles().data;
  const leathers = useLeathers().data;
  const takes = useLeatherTakes().data;
  const horse = useMemo(() => (loaded === null ? null : measuredHorse(loaded)), [loaded]);
  return useMemo(() => {
    if (riders === null || saddles === null) return null;
    const wanted = riderId ?? picked.riderId ?? loaded?.page.horse.riderIds[0] ?? null;
    const known = riders.find((r) => r.rider.id === wanted) ?? null;
    const all = leathers ?? [];
    const leather = all.find((l) => l.id === picked.leatherId) ?? all.find((l) => l.riderId === known?.rider.id) ?? null;
    const take = leather === null ? null : newestTake((takes ?? []).filter((t) => t.leatherId === leather.id));
    return {
      ...{ loaded, horse, riders, saddles, leathers: all, takes: takes ?? [], known, leather, picked },
      saddle: saddleOf(saddles, picked.saddleId, loaded),
      pair: leather === null || take === null ? null : pairOfTake(leather, take),
      pick: (change: Partial<LegPicked>) => setPicked({ ...picked, ...change }),
    };
  }, [riders, saddles, leathers, takes, loaded, horse, riderId, picked, setPicked]);
}

const measuredHorse = ({ page, measured, school }: LoadedVisit): MeasuredHorse => ({
  input: bodyInputOf(measured, page.facts),
  facts: page.facts,
  school,
});

function saddleOf(saddles: readonly Saddle[], pickedId: string | null, loaded: LoadedVisit | null): Saddle | null {
  if (pickedId === PLAIN_SADDLE) return null;
  const picked = saddles.find((s) => s.id === pickedId);
  if (picked !== undefined || loaded === null) return picked ?? null;
  const decided = loaded.page.decision?.saddleId;
  return choiceOf(loaded, saddles)?.saddle ?? saddles.find((s) => s.id === decided) ?? null;
}

/** The load a saddle settles under while nobody's real one is known yet. */
export const loadOf = (known: KnownRider | null): RiderLoad => ({ ...PLAIN_RIDER, massKg: known?.rider.weightKg ?? PLAIN_RIDER.massKg });

export interface Leg {
  readonly body: RiderBody;
  readonly foot: Foot;
  readonly there: SaddleThere;
  readonly known: KnownGround;
  readonly plans: readonly PurposePlan[];
  readonly plan: PurposePlan;
  readonly error: HangError;
  readonly offLongerMm: number;
}

/** Everything that hangs on the choice; null while the body isn't known well enough. */
export function useLeg(chosen: LegChosen): Leg | null {
  const { known, horse, saddle, pair, picked } = chosen;
  const habits = usePracticeSettings().rider;
  const massKg = known?.rider.weightKg ?? null;
  const there = useMemo(() => saddleThere(horse, saddle, loadOf(known)), [horse, saddle, massKg]); // eslint-disable-line react-hooks/exhaustive-deps -- of the rider only the mass counts
  return useMemo(() => {
    if (known === null || !known.body.ok) return null;
    const body = known.body.value;
    const { rider, measured } = known;
    const foot = footOf(measured);
    const purposes: readonly Purpose[] = rider.purposes.length === 0 ? ['general'] : rider.purposes;
    const ground = groundUnder(there, body);
    const offLongerMm = rider.uneven?.offLongerMm ?? 0;
    const bands = habits.bands[habits.bandSet];
    const plans = purposePlans({ body, foot, ground: ground.ground, purposes, bands, pair, offLongerMm });
    const plan = plans.find((p) => p.purpose === picked.purpose) ?? plans[0]!;
    const error = hangError(body, foot, ground.ground, bandMiddle(plan.band));
    return { body, foot, there, known: ground, plans, plan, error, offLongerMm };
  }, [known, there, pair, picked.purpose, habits]);
}
