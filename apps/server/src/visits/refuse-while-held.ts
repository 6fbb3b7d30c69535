import { holdOfFacts } from '@fulcra/core';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Facts } from './fact.repository';

/** A visit where something sore was found can't be called good to ride, whichever device asks. */
export async function refuseWhileHeld(facts: Facts, practiceId: string, visitId: string): Promise<void> {
  const { state } = holdOfFacts(await facts.ofVisits(practiceId, [visitId]));
  if (state === 'held') throw new FulcraError('VISIT_HELD');
}
