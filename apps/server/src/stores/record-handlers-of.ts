import { type Collections } from './collections';
import { type RecordHandlers } from '../records/record-handlers';

/** How every record is written. */
export const recordHandlers = (c: Collections): RecordHandlers => ({
  horse: (who, { horseId }, body) => c.horse.put(who, horseId, body),
  rider: (who, { riderId }, body) => c.rider.put(who, riderId, body),
  saddle: (who, { saddleId }, body) => c.saddle.put(who, saddleId, body),
  visit: (who, { visitId }, body) => c.visit.put(who, visitId, body),
  practiceSettings: (who, { practiceId }, body) => c.practiceSettings.put(who, practiceId, body),
  take: (who, { visitId, takeId }, body) => c.takes.add(who, visitId, takeId, body),
  withdrawal: (who, { visitId, takeId }, body) => c.takes.withdraw(who, visitId, takeId, body.withdrawn),
  fact: (who, { visitId, factId }, body) => c.facts.add(who, visitId, factId, body),
  factWithdrawal: (who, { visitId, factId }, body) => c.facts.withdraw(who, visitId, factId, body.withdrawn),
  decision: (who, { visitId, decisionId }, body) => c.decisions.add(who, visitId, decisionId, body),
  photo: (who, { visitId, photoId }, body) => c.photos.announce(who, { visitId }, photoId, body),
  saddlePhoto: (who, { saddleId, photoId }, body) => c.photos.announce(who, { saddleId }, photoId, body),
});
