import { type RideResult, type TakenBack } from '@fulcra/core';

export const RIDE_SAID_WORDS = { goodToRide: 'Good to ride', notGoodToRide: 'Not good to ride' } as const;

/** Why "good to ride" doesn't stand, with what would let it. */
export function takenBackWords(reason: TakenBack): string {
  switch (reason.code) {
    case 'SORE_HOLD':
      return `Something sore was found (${reason.findings === 1 ? 'one place' : `${reason.findings} places`}) and nobody has cleared it: a named person clears it with a reason; pain goes to a veterinary surgeon.`;
    case 'TACK_UNSAFE':
      return `${reason.name} is noted as unsafe: not ridden in until it is mended, checked, and noted so where it is kept.`;
    case 'SETTING_REFUSED':
      return `The setting of ${reason.saddleName} is refused by its school, clearly (${reason.stops === 1 ? 'one reason' : `${reason.stops} reasons`}): choose another, or let a named person stand for it with a reason.`;
  }
}

/** The result in one line, as it stands now. */
export function rideWords({ said, stands, takenBack }: RideResult): string | null {
  if (said === null) return null;
  if (takenBack.length > 0) return `Not good to ride: what was said at the visit is taken back.`;
  return `${RIDE_SAID_WORDS[stands ?? said]}.`;
}
