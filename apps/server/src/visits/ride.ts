import { type Decision, type Fact } from '@fulcra/contract';
import {
  type HeldTack,
  type RideQuestion,
  type RideResult,
  type RideWord,
  rideQuestionOf,
  rideResult,
  standingDecision,
} from '@fulcra/core';
import { type EntityManager, In } from 'typeorm';
import { LeatherEntity } from '../leathers/leather.entity';
import { heldTack } from '../tack/held-tack';
import { GirthEntity } from '../tack/tack.entity';
import { SaddleEntity } from '../saddles/saddle.entity';
import { FactEntity } from './fact.entity';
import { DecisionEntity } from './visit.entity';

/** Everything that bears on whether this visit's horse may be ridden, as it stands inside a transaction. */
export async function rideQuestion(tx: EntityManager, practiceId: string, visitId: string): Promise<Omit<RideQuestion, 'said'>> {
  const rows = await tx.getRepository(FactEntity).find({ where: { practiceId, visitId }, order: { seq: 'ASC' } });
  const facts = rows.map((row) => ({ ...row, hand: '', withdrawn: Boolean(row.withdrawn) }));
  const decided = await tx.getRepository(DecisionEntity).find({ where: { practiceId, visitId }, order: { seq: 'ASC' } });
  const { decision } = standingDecision(
    decided.map(({ saddleId, body }) => ({ ...body, saddleId })),
    facts,
  );
  const saddleId = decision?.saddleId ?? null;
  return rideQuestionOf(facts, saddleId, await heldOnes(tx, practiceId));
}

interface Ridden {
  readonly visitId: string;
  readonly said: RideWord | null;
  readonly facts: readonly Fact[];
  readonly decision: Decision | null;
}

/** What stands of each visit's result, with one question about what is held for all of them. */
export async function rideResults(
  db: EntityManager,
  practiceId: string,
  visits: readonly Ridden[],
): Promise<ReadonlyMap<string, RideResult>> {
  const held = visits.length === 0 ? NOTHING_HELD : await heldOnes(db, practiceId);
  return new Map(
    visits.map(({ visitId, said, facts, decision }) => [
      visitId,
      rideResult({ said, ...rideQuestionOf(facts, decision?.saddleId ?? null, held) }),
    ]),
  );
}

const NOTHING_HELD: HeldTack = { saddles: [], beside: [] };

/** Saddles, leathers and girths that are held: few, and only these can take anything back. */
async function heldOnes(db: EntityManager, practiceId: string): Promise<HeldTack> {
  const ids = [...(await heldTack(db, practiceId))];
  if (ids.length === 0) return NOTHING_HELD;
  const where = { practiceId, id: In(ids) };
  const saddles = await db.getRepository(SaddleEntity).find({ where, select: { id: true, name: true } });
  const beside = { where, select: { id: true, name: true, saddleId: true } } as const;
  return {
    saddles,
    beside: [...(await db.getRepository(LeatherEntity).find(beside)), ...(await db.getRepository(GirthEntity).find(beside))],
  };
}
