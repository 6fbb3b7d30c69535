import { chosenSettingOf } from '@fulcra/core';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Saddles } from '../saddles/saddle.repository';
import { type Facts } from './fact.repository';
import { type Visits } from './visit.repository';

interface Looked {
  readonly visits: Visits;
  readonly facts: Facts;
  readonly saddles: Saddles;
}

/** A visit that ends with a saddle noted as unsafe can't be called good to ride, whichever device asks. */
export async function refuseUnsafeTack({ visits, facts, saddles }: Looked, practiceId: string, visitId: string): Promise<void> {
  const chosen = chosenSettingOf(await facts.ofVisits(practiceId, [visitId]))?.tried.saddleId ?? null;
  const decided = (await visits.decision(practiceId, visitId))?.saddleId ?? null;
  const stock = await saddles.list(practiceId);
  if (stock.some((s) => (s.id === chosen || s.id === decided) && s.state === 'unsafe')) throw new FulcraError('TACK_UNSAFE');
}
