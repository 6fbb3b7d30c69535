import { type Decision, type Fact } from '@fulcra/contract';
import { type RideQuestion, type RideResult, type RideWord, rideQuestionOf, rideResult, saddlesOfVisit } from '@fulcra/core';
import { type EntityManager, In } from 'typeorm';
import { LeatherEntity } from '../leathers/leather.entity';
import { SaddleEntity } from '../saddles/saddle.entity';
import { FactEntity } from './fact.entity';
import { DecisionEntity } from './visit.entity';

/** Everything that bears on whether this visit's horse may be ridden, as it stands inside a transaction. */
export async function rideQuestion(tx: EntityManager, practiceId: string, visitId: string): Promise<Omit<RideQuestion, 'said'>> {
  const rows = await tx.getRepository(FactEntity).find({ where: { practiceId, visitId }, order: { seq: 'ASC' } });
  const facts = rows.map((row) => ({ ...row, hand: '', withdrawn: Boolean(row.withdrawn) }));
  const [decided] = await tx.getRepository(DecisionEntity).find({ where: { practiceId, visitId }, order: { seq: 'DESC' }, take: 1 });
  const saddleId = decided?.saddleId ?? null;
  return rideQuestionOf(facts, saddleId, await named(tx, practiceId, saddlesOfVisit(facts, saddleId)), await unsafePairs(tx, practiceId));
}

interface Ridden {
  readonly visitId: string;
  readonly said: RideWord | null;
  readonly facts: readonly Fact[];
  readonly decision: Decision | null;
}

/** What stands of each visit's result, with one question about saddles and one about leathers for all of them. */
export async function rideResults(
  db: EntityManager,
  practiceId: string,
  visits: readonly Ridden[],
): Promise<ReadonlyMap<string, RideResult>> {
  const ids = visits.flatMap((v) => saddlesOfVisit(v.facts, v.decision?.saddleId ?? null));
  const saddles = await named(db, practiceId, [...new Set(ids)]);
  const leathers = visits.length === 0 ? [] : await unsafePairs(db, practiceId);
  return new Map(
    visits.map(({ visitId, said, facts, decision }) => [
      visitId,
      rideResult({ said, ...rideQuestionOf(facts, decision?.saddleId ?? null, saddles, leathers) }),
    ]),
  );
}

const named = async (db: EntityManager, practiceId: string, ids: readonly string[]) =>
  ids.length === 0
    ? []
    : db.getRepository(SaddleEntity).find({ where: { practiceId, id: In([...ids]) }, select: { id: true, name: true, state: true } });

/** Pairs of leathers that are held: few, and only these can take anything back. */
const unsafePairs = (db: EntityManager, practiceId: string) =>
  db
    .getRepository(LeatherEntity)
    .find({ where: { practiceId, state: 'unsafe' }, select: { id: true, name: true, state: true, saddleId: true } });
