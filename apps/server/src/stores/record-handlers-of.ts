import { type Collections } from './collections';
import { type OtherHandlers, type RecordHandlers, mergeHandlers } from '../records/record-handlers';

/** How every record is written. */
export const recordHandlers = (c: Collections): RecordHandlers => ({
  ...mergeHandlers(c),
  ...others(c),
});

const others = (c: Collections): OtherHandlers => ({
  take: (who, { visitId, takeId }, body) => c.takes.add(who, visitId, takeId, body),
  withdrawal: (who, { visitId, takeId }, body) => c.takes.withdraw(who, visitId, takeId, body.withdrawn),
  fact: (who, { visitId, factId }, body) => c.facts.add(who, visitId, factId, body),
  factWithdrawal: (who, { visitId, factId }, body) => c.facts.withdraw(who, visitId, factId, body.withdrawn),
  decision: (who, { visitId, decisionId }, body) => c.decisions.add(who, visitId, decisionId, body),
  photo: (who, { visitId, photoId }, body) => c.photos.announce(who, { visitId }, photoId, body),
  tackPhoto: (who, { tackCheckId, photoId }, body) => c.photos.announce(who, { tackCheckId }, photoId, body),
  saddlePhoto: (who, { saddleId, photoId }, body) => c.photos.announce(who, { saddleId }, photoId, body),
});
