import {
  type RecordedFact,
  type RiddenHorse,
  type RideQuestion,
  type SaidVisit,
  fellInNothingKnown,
  rideQuestionAt,
  standingDecision,
} from '@fulcra/core';
import { type EntityManager, In } from 'typeorm';
import { HorseEntity } from '../horses/horse.entity';
import { OwnerWordEntity } from '../owner-words/owner-word.entity';
import { NOT_IN_BIN } from '../records/in-bin';
import { heldTack } from '../tack/held-tack';
import { FactEntity } from './fact.entity';
import { DecisionEntity, TakeEntity, VisitEntity } from './visit.entity';

const EMPTY_VISIT: SaidVisit = { id: '', on: '', facts: [], decision: null, said: null, measured: false };

/** Everything that bears on whether this visit's horse may be ridden, as it stands inside a transaction. */
export async function rideQuestion(
  tx: EntityManager,
  practiceId: string,
  horseId: string,
  visitId: string,
): Promise<Omit<RideQuestion, 'said'>> {
  const tack = await heldTack(tx, practiceId);
  const horse = await riddenHorse(tx, practiceId, horseId, tack.fallWords);
  const at = horse.visits.findIndex((v) => v.id === visitId);
  // one that is begun with its result has nothing in it yet
  const visits = at < 0 ? [...horse.visits, EMPTY_VISIT] : horse.visits;
  return rideQuestionAt({ ...horse, visits }, at < 0 ? visits.length - 1 : at, tack);
}

async function riddenHorse(tx: EntityManager, practiceId: string, horseId: string, fallWords: ReadonlySet<string>): Promise<RiddenHorse> {
  const horse = await tx.getRepository(HorseEntity).findOneByOrFail({ id: horseId, practiceId });
  const order = { startedOn: 'ASC', seq: 'ASC' } as const;
  const visits = await tx.getRepository(VisitEntity).find({ where: { practiceId, horseId, id: NOT_IN_BIN }, order });
  const where = { practiceId, visitId: In(visits.map((v) => v.id)) };
  const facts = await tx.getRepository(FactEntity).find({ where, order: { seq: 'ASC' } });
  const decided = await tx.getRepository(DecisionEntity).find({ where, order: { seq: 'ASC' } });
  const taken = await tx.getRepository(TakeEntity).find({ where: { ...where, withdrawn: false }, select: { visitId: true } });
  const words = await tx.getRepository(OwnerWordEntity).findBy({ practiceId, horseId });
  return {
    riderIds: horse.riderIds,
    ridesIn: horse.ridesIn,
    fell: fellInNothingKnown(words, fallWords),
    visits: visits.map(({ id, startedOn, result }) => {
      const own: RecordedFact[] = facts
        .filter((f) => f.visitId === id)
        .map((f) => ({ id: f.id, hand: '', body: f.body, withdrawn: Boolean(f.withdrawn) }));
      const { decision } = standingDecision(
        decided.filter((d) => d.visitId === id).map((d) => ({ ...d.body, id: d.id, order: Number(d.seq) })),
        own,
      );
      return { id, on: startedOn, said: result, facts: own, decision, measured: taken.some((t) => t.visitId === id) };
    }),
  };
}
