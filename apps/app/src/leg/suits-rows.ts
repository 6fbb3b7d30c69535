import { type HangError, type LegOnHorse, type PlumbParts, type RiderBody, type SaddleSeat, seatSize, suitsRider } from '@fulcra/core';

/** A saddle's rows for one rider, from the leg as it hangs on it. */
export const suitsRows = (body: RiderBody, seat: SaddleSeat, place: LegOnHorse, plumb: PlumbParts, error: HangError) =>
  suitsRider({
    seat,
    place,
    plumb,
    barZMm: place.hangs.bar.zMm,
    shankMm: body.kneeToSole.mm - body.ankleHeight.mm,
    size: seatSize(body.buttockToKneeHollow.mm, body.hipBreadth.mm),
    kneeSdMm: error.sdMm,
  });
