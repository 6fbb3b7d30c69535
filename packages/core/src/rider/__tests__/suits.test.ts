import { UNKNOWN_SEAT, type SaddleSeat } from '../../saddle';
import { FLAP, SEAT, legOf, legOnHorse, plumbOf, seatSize, suitsOverall, suitsRider } from '..';
import { bodyOf, plainGround, valueOf } from './fixtures';

const BODY = bodyOf({ stature: 1700 });
const GROUND = plainGround(BODY);
const PLACE = valueOf(legOnHorse(legOf(BODY), GROUND, 122));
const SHANK = legOf(BODY).shankMm;
const BAR_Z = GROUND.saddle.bar.zMm;
const SIZE = seatSize(495, 380);
const rows = (seat: Partial<SaddleSeat>, kneeSdMm = 0) =>
  suitsRider({
    seat: { ...UNKNOWN_SEAT, ...seat },
    place: PLACE,
    barZMm: BAR_Z,
    shankMm: SHANK,
    size: SIZE,
    plumb: plumbOf(PLACE, BODY.heelToAnkle.mm),
    kneeSdMm,
  });
const word = (seat: Partial<SaddleSeat>, id: string, sd = 0) => rows(seat, sd).find((r) => r.id === id)!.word;
const kneeBelow = BAR_Z - PLACE.knee.zMm;
const kneeFront = -PLACE.kneeBehindBarMm + FLAP.kneeToFrontMm;

describe('a saddle for a rider', () => {
  it('what nobody measured is not judged', () => {
    expect(
      rows({})
        .filter((r) => r.id !== 'heelUnderHip')
        .map((r) => r.word),
    ).toEqual(['unknown', 'unknown', 'unknown', 'unknown']);
    expect(suitsOverall(rows({}))).toBe('unknown');
  });
  it.each([
    [SIZE.exactMm - SEAT.stepMm, 'suits'],
    [SIZE.exactMm - SEAT.stepMm - 0.1, 'nearly'],
    [SIZE.exactMm - SEAT.stepMm - SEAT.errorMm - 0.1, 'misses'],
    [SIZE.exactMm + SEAT.stepMm + SEAT.errorMm, 'nearly'],
    [SIZE.exactMm + SEAT.stepMm + SEAT.errorMm + 0.1, 'misses'],
  ])('seat of %d mm: %s', (sizeMm, wanted) => expect(word({ sizeMm }, 'seatSize')).toBe(wanted));
  it.each([
    [kneeBelow + 0.22 * SHANK, 'suits'],
    [kneeBelow + 0.22 * SHANK - 1, 'nearly'],
    [kneeBelow + 0.22 * SHANK - 5.1, 'misses'],
    [kneeBelow + 0.38 * SHANK, 'suits'],
    [kneeBelow + 0.38 * SHANK + 5.1, 'misses'],
  ])('flap of %d mm: %s', (flapLengthMm, wanted) => expect(word({ flapLengthMm }, 'flapLength')).toBe(wanted));
  it.each([
    [kneeFront + 10, 'suits'],
    [kneeFront + 9.9, 'nearly'],
    [kneeFront + 4.9, 'misses'],
    [kneeFront + 40, 'suits'],
    [kneeFront + 45.1, 'misses'],
  ])('reach of %d mm: %s', (flapReachMm, wanted) => expect(word({ flapReachMm }, 'kneeRoll')).toBe(wanted));
  it('an unsure knee turns a miss into nearly', () => expect(word({ flapReachMm: kneeFront - 5 }, 'kneeRoll', 20)).toBe('nearly'));
  it.each([
    [100, 100, 'suits'],
    [35, 65, 'suits'],
    [34, 66, 'misses'],
    [66, 34, 'misses'],
  ])('a flap %d ahead and %d behind: the leather %s', (flapReachMm, flapBackMm, wanted) =>
    expect(word({ flapReachMm, flapBackMm }, 'leatherOnFlap')).toBe(wanted),
  );
  it('one that misses is not outvoted', () => {
    const good = { sizeMm: SIZE.exactMm, flapLengthMm: kneeBelow + 0.3 * SHANK, flapReachMm: kneeFront + 25, flapBackMm: kneeFront + 25 };
    expect(suitsOverall(rows(good))).toBe('suits');
    expect(suitsOverall(rows({ ...good, sizeMm: 380 }))).toBe('misses');
    expect(suitsOverall(rows({ ...good, sizeMm: SIZE.exactMm + SEAT.stepMm + 1 }))).toBe('nearly');
    expect(suitsOverall(rows({ flapLengthMm: good.flapLengthMm }))).toBe('suits');
  });
});
