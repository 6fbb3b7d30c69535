import { type RideCaveat, type RideResult, type RiddenGait, type TakenBack } from '@fulcra/core';
import { criterionName } from './criterion-words';

export const RIDE_SAID_WORDS = { goodToRide: 'Good to ride', notGoodToRide: 'Not good to ride' } as const;

/** Why "good to ride" doesn't stand, with what would let it. */
export function takenBackWords(reason: TakenBack): string {
  switch (reason.code) {
    case 'SORE_HOLD':
      return `Something sore was found (${reason.findings === 1 ? 'one place' : `${reason.findings} places`}) and nobody has cleared it: a named person clears it with a reason; pain goes to a veterinary surgeon.`;
    case 'TACK_UNSAFE':
      return `${reason.name} is noted as unsafe: not ridden in until it is mended, checked, and noted so where it is kept.`;
    case 'TREE_AFTER_FALL':
      return `The horse fell in ${reason.name}: its tree is looked at before the next ride, and a walk that knows of the fall says how it is.`;
    case 'FELL':
      return 'The horse fell: the tree of the saddle it was in is looked at before the next ride.';
    case 'NOTHING_DONE':
      return 'Nothing was measured, felt or decided at this visit: a named person says why the horse may be ridden all the same.';
    case 'SETTING_REFUSED':
      return `The setting of ${reason.saddleName} is refused by its school, clearly (${reason.stops === 1 ? 'one reason' : `${reason.stops} reasons`}): choose another, or let a named person stand for it with a reason.`;
  }
}

/** What "good to ride" is said without, or in spite of. */
export function caveatWords(caveat: RideCaveat): string {
  switch (caveat.code) {
    case 'NOTHING_DONE':
      return `Nothing was measured, felt or decided at this visit. ${caveat.by} says it may be ridden: ${caveat.reason}`;
    case 'NOT_FELT':
      return 'No hand was laid on the back at this visit.';
    case 'NOT_RIDDEN':
      return 'It was not ridden in this at the visit.';
    case 'SETTING_MISSES':
      return `The chosen setting falls short in: ${caveat.ids.map((id) => criterionName(id).toLowerCase()).join(', ')}.`;
  }
}

const CAVEAT_IN_SHORT: Readonly<Record<RideCaveat['code'], string>> = {
  NOTHING_DONE: 'nothing was measured',
  NOT_FELT: 'not felt',
  NOT_RIDDEN: 'not ridden',
  SETTING_MISSES: 'to be watched',
};

export const RIDDEN_GAIT_WORDS: Readonly<Record<RiddenGait, string>> = { walk: 'walk', trot: 'trot', canter: 'canter' };

/** "Good to ride (not felt, not ridden)": wherever it is said, it is said with what it was said without. */
export const stoodWords = ({ stands, caveats }: Pick<RideResult, 'stands' | 'caveats'>): string | null => {
  if (stands === null) return null;
  const short = caveats.map((c) => CAVEAT_IN_SHORT[c.code]).join(', ');
  return `${RIDE_SAID_WORDS[stands]}${short === '' ? '' : ` (${short})`}`;
};

/** The result in one line, as it stands now. */
export function rideWords(ride: RideResult): string | null {
  if (ride.said === null) return null;
  if (ride.takenBack.length > 0) return `Not good to ride: what was said at the visit is taken back.`;
  return `${stoodWords(ride)}.`;
}
