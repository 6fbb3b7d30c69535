import { type Story } from '@fulcra/contract';
import {
  chainMove,
  chainStep,
  dayNumber,
  describedOf,
  factsOfKind,
  forecastsHeld,
  knowSchools,
  saddlesOfVisit,
  schoolById,
  sectionMeasurement,
} from '@fulcra/core';
import { keptFits } from '../calendar/kept-fits';
import { type DueNeeds, horsesOnRecord } from '../calendar/due';
import { presentTree } from '../calendar/due-of-horse';
import { rideResults } from '../visits/ride';

/** A horse's whole history: visits with outlines and decisions, how it improves, what was found on its tack, what its owner said. */
export async function storyOf(needs: DueNeeds, practiceId: string, horseId: string): Promise<Story> {
  const { db, stores } = needs;
  const horse = await stores.horse.get(practiceId, horseId);
  const [record] = await horsesOnRecord(needs, practiceId, horseId);
  const visits = record?.visits ?? [];
  const saddles = await stores.saddle.list(practiceId);
  const [settings] = await stores.practiceSettings.list(practiceId);
  knowSchools(settings?.schools ?? []);
  const kept = new Map((await stores.visit.ofHorse(practiceId, horseId)).map((v) => [v.id, v]));
  const ridden = visits.map((v) => ({ visitId: v.id, said: kept.get(v.id)!.result, facts: v.facts, decision: v.decision }));
  const rides = await rideResults(db.manager, practiceId, ridden);
  const steps = visits.map(chainStep);
  const foretold = new Map((await foretoldOf(visits, saddles)).map((f) => [f.day, f]));
  const entries = visits.map((v, i) => {
    const used = saddlesOfVisit(v.facts, v.decidedSaddleId);
    const said = factsOfKind(v.facts, 'intake');
    const last = (field: string) => said.filter((f) => f.field === field).at(-1)?.value ?? null;
    const weight = last('weightKg');
    return {
      ...{ visitId: v.id, on: v.on, fitter: kept.get(v.id)!.fitter, decision: v.decision },
      outline: sectionMeasurement(v.takes, 'front', 0).consensus?.points ?? [],
      saddleName: saddles.find((s) => used.includes(s.id))?.name ?? null,
      ride: rides.get(v.id)!,
      weightKg: typeof weight === 'number' ? weight : null,
      work: last('work') === null ? null : String(last('work')),
      step: steps[i]!,
      move: i === 0 ? null : chainMove(steps[i - 1]!, steps[i]!),
      foretold: foretold.get(dayNumber(v.on)) ?? null,
    };
  });
  return {
    horse,
    visits: entries,
    tack: await tackOf(needs, practiceId, visits),
    words: await stores.ownerWord.ofHorse(practiceId, horseId),
  };
}

type Visits = Awaited<ReturnType<typeof horsesOnRecord>>[number]['visits'];

/** The tree it goes in now, on every date, against what the dates before let one expect. */
async function foretoldOf(visits: Visits, saddles: readonly Parameters<typeof describedOf>[0][]) {
  const ends = visits.findLast((v) => v.decision !== null);
  const tree = ends === undefined ? null : presentTree(ends, new Map(saddles.map((s) => [s.id, describedOf(s)])));
  return ends === undefined || tree === null ? [] : forecastsHeld(await keptFits(visits, tree, schoolById(ends.schoolId)));
}

/** What was found on the saddles it ever went in, and on what belongs to them. */
async function tackOf({ stores }: DueNeeds, practiceId: string, visits: Visits): Promise<Story['tack']> {
  const used = new Set(visits.flatMap((v) => saddlesOfVisit(v.facts, v.decidedSaddleId)));
  const beside = [...(await stores.leather.list(practiceId)), ...(await stores.girth.list(practiceId))].filter(
    (t) => t.saddleId !== null && used.has(t.saddleId),
  );
  const names = new Map([...(await stores.saddle.list(practiceId)).filter((s) => used.has(s.id)), ...beside].map((t) => [t.id, t.name]));
  return (await stores.tackCheck.list(practiceId))
    .filter((c) => names.has(c.itemId) && !c.withdrawn)
    .map((c) => ({ ...c, itemName: names.get(c.itemId)! }))
    .sort((a, b) => (a.madeAt < b.madeAt ? -1 : 1));
}
