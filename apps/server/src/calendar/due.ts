import { type Due, PRACTICE_DEFAULTS, type Fact } from '@fulcra/contract';
import { describedOf } from '@fulcra/core';
import { TZDate } from '@date-fns/tz';
import { formatISO } from 'date-fns';
import { And, type DataSource, Equal } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { type Collections } from '../stores/collections';
import { NOT_IN_BIN } from '../records/in-bin';
import { tackOfPractice } from '../tack/tack-of-practice';
import { decidedAt } from '../visits/decided';
import { VisitEntity, type VisitRow } from '../visits/visit.entity';
import { type DueAround, type HorseOnRecord, dueOfHorse } from './due-of-horse';

export interface DueNeeds {
  readonly db: DataSource;
  readonly stores: Collections;
}

/** The civil day in a zone. */
const dayIn = (timeZone: string, now: Date): string => formatISO(new TZDate(now.getTime(), timeZone), { representation: 'date' });

/** What every horse of a practice is judged with now. */
export async function dueAround(stores: Collections, practiceId: string, now: Date) {
  const [settings] = await stores.practiceSettings.list(practiceId);
  const { timeZone, visitDays, tackDays, schools } = settings ?? PRACTICE_DEFAULTS;
  const today = dayIn(timeZone, now);
  const tack = await tackOfPractice(stores, practiceId, { today, days: tackDays });
  const saddles = new Map(tack.saddles.map((s) => [s.id, describedOf(s)]));
  return { tack, saddles, today, intervals: visitDays, schools } satisfies DueAround;
}

/** Every horse of a practice that was ever visited, with when it is due and why, the soonest first. */
export async function dueList(needs: DueNeeds, practiceId: string, now: Date): Promise<Due[]> {
  const around = await dueAround(needs.stores, practiceId, now);
  const due: Due[] = [];
  for (const record of await horsesOnRecord(needs, practiceId, null)) {
    const of = await dueOfHorse(record, around);
    if (of !== null) due.push(of);
  }
  return due.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.horseName.localeCompare(b.horseName)));
}

/** All horses with their visits, read with one question for each kind of thing. */
export async function horsesOnRecord({ db, stores }: DueNeeds, practiceId: string, horseId: string | null): Promise<HorseOnRecord[]> {
  const id = horseId === null ? NOT_IN_BIN : And(Equal(horseId), NOT_IN_BIN);
  const horses = await db.getRepository(HorseEntity).findBy({ practiceId, id });
  const where = { id: NOT_IN_BIN, practiceId, ...(horseId !== null && { horseId }) };
  const visits = await db.getRepository(VisitEntity).find({ where, order: { startedOn: 'ASC', seq: 'ASC' } });
  const ids = visits.map((v) => v.id);
  const [facts, takes, decided] = [
    byVisit(await stores.facts.ofVisits(practiceId, ids)),
    byVisit(await stores.takes.ofVisits(practiceId, ids)),
    byVisit(await stores.decisions.ofVisits(practiceId, ids)),
  ];
  const words = await (horseId === null ? stores.ownerWord.list(practiceId) : stores.ownerWord.ofHorse(practiceId, horseId));
  const visitsOf = new Map<string, VisitRow[]>();
  for (const v of visits) visitsOf.set(v.horseId, [...(visitsOf.get(v.horseId) ?? []), v]);
  return horses.map((horse) => ({
    horse,
    words: words.filter((w) => w.horseId === horse.id),
    visits: (visitsOf.get(horse.id) ?? []).map((v) => {
      const found: Fact[] = facts.get(v.id) ?? [];
      const own = takes.get(v.id) ?? [];
      return {
        ...{ id: v.id, on: v.startedOn, schoolId: v.schoolId, said: v.result, facts: found, takes: own },
        visit: { stationMm: v.stationMm },
        measured: own.some((t) => !t.withdrawn),
        closed: v.status === 'done',
        decision: decidedAt(decided.get(v.id) ?? [], found, v.id).decision,
      };
    }),
  }));
}

function byVisit<T extends { readonly visitId: string }>(all: readonly T[]): Map<string, T[]> {
  const of = new Map<string, T[]>();
  for (const one of all) of.set(one.visitId, [...(of.get(one.visitId) ?? []), one]);
  return of;
}
