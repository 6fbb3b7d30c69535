import { type OwnerWord, type Due, PRACTICE_DEFAULTS, type Fact } from '@fulcra/contract';
import { describedOf, knowSchools, saddlesOfVisit } from '@fulcra/core';
import { TZDate } from '@date-fns/tz';
import { formatISO } from 'date-fns';
import { And, type DataSource, Equal } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { LeatherEntity } from '../leathers/leather.entity';
import { type Collections } from '../stores/collections';
import { NOT_IN_BIN } from '../records/in-bin';
import { GirthEntity } from '../tack/tack.entity';
import { heldTack } from '../tack/held-tack';
import { decidedAt } from '../visits/decided';
import { VisitEntity } from '../visits/visit.entity';
import { type HorseOnRecord, dueOfHorse } from './due-of-horse';

export interface DueNeeds {
  readonly db: DataSource;
  readonly stores: Collections;
}

/** The civil day in a zone. */
const dayIn = (timeZone: string, now: Date): string => formatISO(new TZDate(now.getTime(), timeZone), { representation: 'date' });

/** Every horse of a practice that was ever visited, with when it is due and why, the soonest first. */
export async function dueList({ db, stores }: DueNeeds, practiceId: string, now: Date, horseId: string | null = null): Promise<Due[]> {
  const [settings] = await stores.practiceSettings.list(practiceId);
  const { timeZone, visitDays, schools } = settings ?? PRACTICE_DEFAULTS;
  knowSchools(schools);
  const today = dayIn(timeZone, now);
  const saddles = new Map((await stores.saddle.list(practiceId)).map((s) => [s.id, describedOf(s)]));
  const records = await horsesOnRecord({ db, stores }, practiceId, horseId);
  const due: Due[] = [];
  for (const record of records) {
    const of = await dueOfHorse(record, saddles, today, visitDays);
    if (of !== null) due.push(of);
  }
  return due.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.horseName.localeCompare(b.horseName)));
}

/** One horse; null while it was never visited. */
export async function dueOf(needs: DueNeeds, practiceId: string, horseId: string, now: Date): Promise<Due | null> {
  return (await dueList(needs, practiceId, now, horseId))[0] ?? null;
}

/** All horses with their visits, read with one question for each kind of thing. */
export async function horsesOnRecord({ db, stores }: DueNeeds, practiceId: string, horseId: string | null): Promise<HorseOnRecord[]> {
  const id = horseId === null ? NOT_IN_BIN : And(Equal(horseId), NOT_IN_BIN);
  const horses = await db.getRepository(HorseEntity).findBy({ practiceId, id });
  const where = { id: NOT_IN_BIN, practiceId, ...(horseId !== null && { horseId }) };
  const visits = await db.getRepository(VisitEntity).find({ where, order: { startedOn: 'ASC', id: 'ASC' } });
  const ids = visits.map((v) => v.id);
  const [facts, takes, decided] = [
    byVisit(await stores.facts.ofVisits(practiceId, ids)),
    byVisit(await stores.takes.ofVisits(practiceId, ids)),
    byVisit(await stores.decisions.ofVisits(practiceId, ids)),
  ];
  const goesWith = await tackBeside(db, practiceId);
  const held = await heldTack(db.manager, practiceId);
  const words = await (horseId === null ? stores.ownerWord.list(practiceId) : stores.ownerWord.ofHorse(practiceId, horseId));
  return horses.map((horse) => {
    const own = visits
      .filter((v) => v.horseId === horse.id)
      .map((v) => {
        const found: Fact[] = facts.get(v.id) ?? [];
        const { decision } = decidedAt(decided.get(v.id) ?? [], found, v.id);
        return {
          ...{
            id: v.id,
            on: v.startedOn,
            schoolId: v.schoolId,
            visit: { stationMm: v.stationMm },
            facts: found,
            takes: takes.get(v.id) ?? [],
          },
          ...{ decision, decidedSaddleId: decision?.saddleId ?? null },
        };
      });
    const last = own.at(-1);
    const used = last === undefined ? [] : saddlesOfVisit(last.facts, last.decidedSaddleId);
    const tackHeld = [...used, ...goesWith.filter((t) => used.includes(t.saddleId!)).map((t) => t.id)].some((id) => held.has(id));
    const fell = words.some((w) => w.horseId === horse.id && fellAfter(w, last?.on ?? ''));
    return { horse, visits: own, tackHeld, fell };
  });
}

/** A fall that an owner told of since the last visit: the tree is looked at before the next ride. */
const fellAfter = ({ body, madeAt }: OwnerWord, lastVisitOn: string): boolean =>
  body.kind === 'changed' && body.what.includes('fell') && madeAt.slice(0, 10) >= lastVisitOn;

/** Leathers and girths that belong to a saddle. */
async function tackBeside(db: DataSource, practiceId: string): Promise<{ readonly id: string; readonly saddleId: string | null }[]> {
  const select = { id: true, saddleId: true } as const;
  return [
    ...(await db.getRepository(LeatherEntity).find({ where: { practiceId }, select })),
    ...(await db.getRepository(GirthEntity).find({ where: { practiceId }, select })),
  ];
}

function byVisit<T extends { readonly visitId: string }>(all: readonly T[]): Map<string, T[]> {
  const of = new Map<string, T[]>();
  for (const one of all) of.set(one.visitId, [...(of.get(one.visitId) ?? []), one]);
  return of;
}
