import { type Fact, type Leather, type Report, type ReportTack, type Rider, type Saddle } from '@fulcra/contract';
import {
  type TackOnRecord,
  type VisitRecord,
  chosenSettingOf,
  complaintsOf,
  factsOfKind,
  holdOfFacts,
  fellInNothingKnown,
  inUseAfter,
  measuredVisit,
  ridesOfHorse,
  sectionMeasurement,
  tackInUse,
  toplineOfVisit,
} from '@fulcra/core';
import { type DueNeeds, dueAround, horsesOnRecord } from '../calendar/due';
import { type VisitOnRecord, dueOfHorse } from '../calendar/due-of-horse';
import { PracticeEntity } from '../practice/practice.entity';
import { FulcraError } from '../platform/errors/fulcra-error';

/** What an owner gets of a horse: the visit asked for, or the last one that was closed, and how its tack stands now. */
export async function reportOf(needs: DueNeeds, practiceId: string, horseId: string, visitId: string | null, now: Date): Promise<Report> {
  const { db, stores } = needs;
  const horse = await stores.horse.get(practiceId, horseId);
  const practice = await db.getRepository(PracticeEntity).findOneByOrFail({ id: practiceId });
  const around = await dueAround(stores, practiceId, now);
  const { tack } = around;
  const [record] = await horsesOnRecord(needs, practiceId, horseId);
  // out of sight: as good as none, whoever asks
  if (record === undefined) throw new FulcraError('NOT_FOUND');
  const { visits, words } = record;
  const at = shownAt(visits, visitId);
  const visit = at === null ? null : visits[at]!;
  const fell = fellInNothingKnown(words, tack.fallWords);
  const rides = ridesOfHorse({ visits, riderIds: horse.riderIds, ridesIn: horse.ridesIn, fell }, tack);
  // an older visit's report says what the horse was ridden in then; the newest one, and the owner's page, what it is ridden in now
  const until = at === null || at === visits.length - 1 || visitId === null ? visits : visits.slice(0, at + 1);
  const inUse = inUseAfter(until, until.length === visits.length ? horse.ridesIn : null);
  const saddle = tack.saddles.find((s) => s.id === inUse.saddle?.saddleId);
  const ridden = tackInUse(inUse, horse.riderIds, tack.beside);
  return {
    practiceName: practice.name,
    horse: { id: horse.id, name: horse.name, kind: horse.kind, gone: horse.gone },
    visit:
      visit === null
        ? null
        : {
            id: visit.id,
            on: visit.on,
            fitter: (await stores.visit.get(practiceId, visit.id)).fitter,
            ride: rides.get(visit.id)!,
            ...forOwner(visit.facts),
          },
    form: visit === null ? null : formOf(horse.heightMm, visit),
    decision: visit?.decision ?? null,
    saddle:
      saddle === undefined
        ? null
        : { name: saddle.name, maker: saddle.maker, since: inUse.saddle!.since, decidedHere: inUse.saddle!.visitId === visit?.id },
    chosen: visit === null ? null : chosenOf(visit.facts, tack.saddles),
    holes: visit === null ? [] : holesOf(visit.facts, await stores.leather.list(practiceId), await stores.rider.list(practiceId)),
    outlines: visits.slice(0, at === null ? visits.length : at + 1).flatMap((v) => {
      const section = sectionMeasurement(v.takes, 'front', 0).consensus;
      return section === null ? [] : [{ on: v.on, section: section.points.map(({ yMm, zMm }) => ({ yMm, zMm })) }];
    }),
    tack: [...ridden].flatMap((id) => reportTack(tack.things.get(id))),
    due: await dueOfHorse(record, around),
  };
}

/** Place of the visit asked for, else of the last one that was closed; null where there is none. @throws NOT_FOUND where the one asked for is out of sight */
function shownAt(visits: readonly VisitOnRecord[], visitId: string | null): number | null {
  const at = visitId === null ? visits.findLastIndex((v) => v.closed) : visits.findIndex((v) => v.id === visitId);
  if (at < 0 && visitId !== null) throw new FulcraError('NOT_FOUND');
  return at < 0 ? null : at;
}

/** How the horse is drawn: as its shape was read and its topline traced at the visit. */
function formOf(heightMm: number | null, of: VisitRecord): Report['form'] {
  const measured = measuredVisit(of);
  const topline = toplineOfVisit(measured);
  const traits = measured.traits.map(({ trait, value }) => ({ trait, value }));
  return topline === null && traits.length === 0 ? null : { heightMm, traits, topline };
}

/** What the fitter writes, what the owner complained of, and which version of the visit this is. */
function forOwner(facts: readonly Fact[]) {
  const words = factsOfKind(facts, 'forOwner').at(-1);
  const closings = facts.filter((f) => f.body.kind === 'visitClosed').map((f) => f.madeAt.slice(0, 10));
  const reopened = facts.filter((f) => f.body.kind === 'visitReopened').length;
  return {
    said: words?.said ?? '',
    watchFor: words?.watchFor ?? '',
    held: holdOfFacts(facts).state === 'held',
    complaints: complaintsOf(facts).map(({ id: _, when, ...complaint }) => ({ ...complaint, when: [...when] })),
    version: 1 + reopened,
    replaces: reopened === 0 ? null : (closings.at(Math.min(reopened, closings.length) - 1) ?? null),
  };
}

/** The setting that was chosen, with the saddle it is of as it is described today. */
function chosenOf(facts: readonly Fact[], saddles: readonly Saddle[]): Report['chosen'] {
  const tried = chosenSettingOf(facts)?.tried;
  const saddle = saddles.find((s) => s.id === tried?.saddleId);
  if (tried === undefined) return null;
  const { setup, saddleName, widthLabel } = tried;
  return { saddleName, widthLabel, western: saddle?.kind === 'western', setup: { ...setup, straps: [...setup.straps] } };
}

/** Holes each rider was sent home with, as they are stamped. */
function holesOf(facts: readonly Fact[], pairs: readonly Leather[], riders: readonly Rider[]): Report['holes'] {
  const last = new Map(factsOfKind(facts, 'leatherHoles').map((h) => [h.riderId, h]));
  return [...last.values()].map(({ riderId, leatherId, lines }) => {
    const pair = pairs.find((p) => p.id === leatherId);
    const stamped = (hole: number): number => hole + (pair?.firstHole ?? 1) - 1;
    return {
      rider: riders.find((r) => r.id === riderId)?.name ?? '',
      leathers: pair?.name ?? '',
      lines: lines.map(({ purpose, near, off }) => ({ purpose, near: stamped(near), off: stamped(off) })),
    };
  });
}

/** An item as its owner walks round it. */
function reportTack(thing: TackOnRecord | undefined): ReportTack[] {
  if (thing === undefined) return [];
  const { id, name, item, standing } = thing;
  const { state, holds, lastLookAt, lastsTo } = standing;
  const { kind, build, elastic = false } = item;
  const found = holds.filter((h) => !h.fell).map(({ point, side, finding, note }) => ({ point, side, finding, note }));
  const fell = holds.some((h) => h.fell);
  return [{ id, kind, name, build, elastic, state, holds: found, fell, lastLookOn: lastLookAt?.slice(0, 10) ?? null, lastsTo }];
}
