import { type Fact, type Report, type ReportTack, type Saddle } from '@fulcra/contract';
import {
  type TackItem,
  type VisitRecord,
  factsOfKind,
  holdOfFacts,
  measuredVisit,
  saddlesOfVisit,
  sectionMeasurement,
  tackStanding,
  toplineOfVisit,
} from '@fulcra/core';
import { dueOf } from '../calendar/due';
import { type DueNeeds } from '../calendar/due';
import { PracticeEntity } from '../practice/practice.entity';
import { decidedAt } from '../visits/decided';
import { rideResults } from '../visits/ride';

/** What an owner gets of a horse: the visit asked for, or the last one that was closed, and how its tack stands now. */
export async function reportOf(needs: DueNeeds, practiceId: string, horseId: string, visitId: string | null, now: Date): Promise<Report> {
  const { db, stores } = needs;
  const horse = await stores.horse.get(practiceId, horseId);
  const practice = await db.getRepository(PracticeEntity).findOneByOrFail({ id: practiceId });
  const visits = (await stores.visit.ofHorse(practiceId, horseId)).reverse();
  const ids = visits.map((v) => v.id);
  const [facts, takes, decided] = [
    await stores.facts.ofVisits(practiceId, ids),
    await stores.takes.ofVisits(practiceId, ids),
    await stores.decisions.ofVisits(practiceId, ids),
  ];
  const visit =
    visits.find((v) => v.id === visitId) ?? (visitId === null ? visits.findLast((v) => v.status === 'done') : undefined) ?? null;
  const own = facts.filter((f) => f.visitId === visit?.id);
  const decision = visit === null ? null : decidedAt(decided, own, visit.id).decision;
  const saddles = await stores.saddle.list(practiceId);
  const saddleIds = saddlesOfVisit(own, decision?.saddleId ?? null);
  const used = saddles.filter((s) => saddleIds.includes(s.id));
  const rides =
    visit === null ? null : await rideResults(db.manager, practiceId, [{ visitId: visit.id, said: visit.result, facts: own, decision }]);
  const until = visit === null ? visits : visits.filter((v) => v.startedOn <= visit.startedOn);
  return {
    practiceName: practice.name,
    horse: { id: horse.id, name: horse.name, kind: horse.kind },
    visit:
      visit === null ? null : { id: visit.id, on: visit.startedOn, fitter: visit.fitter, ride: rides!.get(visit.id)!, ...forOwner(own) },
    form: visit === null ? null : formOf(horse.heightMm, { visit, takes: takes.filter((t) => t.visitId === visit.id), facts: own }),
    decision,
    saddle: used[0] === undefined ? null : { name: used[0].name, maker: used[0].maker },
    outlines: until.flatMap((v) => {
      const section = sectionMeasurement(
        takes.filter((t) => t.visitId === v.id),
        'front',
        0,
      ).consensus;
      return section === null ? [] : [{ on: v.startedOn, section: section.points.map(({ yMm, zMm }) => ({ yMm, zMm })) }];
    }),
    tack: await tackOf(needs, practiceId, used),
    due: await dueOf(needs, practiceId, horseId, now),
  };
}

/** How the horse is drawn: as its shape was read and its topline traced at the visit. */
function formOf(heightMm: number | null, of: VisitRecord): Report['form'] {
  const measured = measuredVisit(of);
  const topline = toplineOfVisit(measured);
  const traits = measured.traits.map(({ trait, value }) => ({ trait, value }));
  return topline === null && traits.length === 0 ? null : { heightMm, traits, topline };
}

function forOwner(facts: readonly Fact[]): { readonly said: string; readonly watchFor: string; readonly held: boolean } {
  const words = factsOfKind(facts, 'forOwner').at(-1);
  return { said: words?.said ?? '', watchFor: words?.watchFor ?? '', held: holdOfFacts(facts).state === 'held' };
}

/** The saddle the horse goes in, with the leathers and girths that belong to it. */
async function tackOf({ stores }: DueNeeds, practiceId: string, used: readonly Saddle[]): Promise<ReportTack[]> {
  const ids = used.map((s) => s.id);
  const beside = <T extends { readonly saddleId: string | null }>(all: readonly T[]): T[] =>
    all.filter((t) => t.saddleId !== null && ids.includes(t.saddleId));
  const checks = await stores.tackCheck.list(practiceId);
  const item = (of: TackItem, { id, name }: { readonly id: string; readonly name: string }): ReportTack => {
    const { state, holds, lastLookAt } = tackStanding(
      of,
      checks.filter((c) => c.itemId === id),
    );
    const found = holds.map(({ point, side, finding, note }) => ({ point, side, finding, note }));
    const { kind, build, elastic = false } = of;
    return { id, kind, name, build, elastic, state, holds: found, lastLookOn: lastLookAt?.slice(0, 10) ?? null };
  };
  return [
    ...used.map((s) => item({ kind: 'saddle', build: s.kind }, s)),
    ...beside(await stores.leather.list(practiceId)).map((l) => item({ kind: 'leather', build: 'english' }, l)),
    ...beside(await stores.girth.list(practiceId)).map((g) => item({ kind: 'girth', build: 'english', elastic: g.elastic !== 'none' }, g)),
  ];
}
