import { type Story } from '@fulcra/contract';
import {
  chainMove,
  chainStep,
  dayNumber,
  describedOf,
  factsOfKind,
  forecastsHeld,
  inUseAfter,
  ridesOfHorse,
  schoolOf,
  type OwnSchool,
  sectionMeasurement,
  fellInNothingKnown,
} from '@fulcra/core';
import { keptFits } from '../calendar/kept-fits';
import { type DueNeeds, horsesOnRecord } from '../calendar/due';
import { presentTree } from '../calendar/due-of-horse';
import { heldTack } from '../tack/held-tack';

/** A horse's whole history: visits with outlines and decisions, how it improves, what was found on its tack, what its owner said. */
export async function storyOf(needs: DueNeeds, practiceId: string, horseId: string): Promise<Story> {
  const { db, stores } = needs;
  const horse = await stores.horse.get(practiceId, horseId);
  const [record] = await horsesOnRecord(needs, practiceId, horseId);
  const { visits, words } = record ?? { visits: [], words: [] };
  const saddles = await stores.saddle.list(practiceId);
  const [settings] = await stores.practiceSettings.list(practiceId);
  const kept = new Map((await stores.visit.ofHorse(practiceId, horseId)).map((v) => [v.id, v]));
  const held = await heldTack(db.manager, practiceId);
  const fell = fellInNothingKnown(words, held.fallWords);
  const rides = ridesOfHorse({ visits, riderIds: horse.riderIds, ridesIn: horse.ridesIn, fell }, held);
  const steps = visits.map(chainStep);
  const foretold = new Map((await foretoldOf(visits, saddles, settings?.schools ?? [])).map((f) => [f.day, f]));
  const entries = visits.map((v, i) => {
    const inUse = inUseAfter(visits.slice(0, i + 1)).saddle;
    const said = factsOfKind(v.facts, 'intake');
    const last = (field: string) => said.filter((f) => f.field === field).at(-1)?.value ?? null;
    const weight = last('weightKg');
    return {
      ...{ visitId: v.id, on: v.on, fitter: kept.get(v.id)!.fitter, decision: v.decision },
      outline: sectionMeasurement(v.takes, 'front', 0).consensus?.points ?? [],
      saddleName: saddles.find((s) => s.id === inUse?.saddleId)?.name ?? null,
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
    words: [...words],
  };
}

type Visits = Awaited<ReturnType<typeof horsesOnRecord>>[number]['visits'];

/** The tree it goes in now, on every date, against what the dates before let one expect. */
async function foretoldOf(visits: Visits, saddles: readonly Parameters<typeof describedOf>[0][], schools: readonly OwnSchool[]) {
  const ends = visits.findLast((v) => v.decision !== null);
  const tree = ends === undefined ? null : presentTree(ends, new Map(saddles.map((s) => [s.id, describedOf(s)])));
  const school = ends === undefined ? null : schoolOf(ends.schoolId, schools);
  return tree === null || school === null ? [] : forecastsHeld(await keptFits(visits, tree, school));
}

/** What was found on the saddles it ever went in, and on what belongs to them. */
async function tackOf({ stores }: DueNeeds, practiceId: string, visits: Visits): Promise<Story['tack']> {
  const used = new Set(visits.flatMap((_, i) => inUseAfter(visits.slice(0, i + 1)).saddle?.saddleId ?? []));
  const beside = [...(await stores.leather.list(practiceId)), ...(await stores.girth.list(practiceId))].filter(
    (t) => t.saddleId !== null && used.has(t.saddleId),
  );
  const names = new Map([...(await stores.saddle.list(practiceId)).filter((s) => used.has(s.id)), ...beside].map((t) => [t.id, t.name]));
  return (await stores.tackCheck.list(practiceId))
    .filter((c) => names.has(c.itemId) && !c.withdrawn)
    .map((c) => ({ ...c, itemName: names.get(c.itemId)! }))
    .sort((a, b) => (a.madeAt < b.madeAt ? -1 : 1));
}
