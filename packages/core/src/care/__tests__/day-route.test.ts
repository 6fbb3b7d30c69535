import { seededRandom } from '../../random';
import { dayRoute, kmBetween, lengthKm } from '..';

const at = (lat: number, lon: number) => ({ lat, lon });

describe('the order of a day', () => {
  it('distances are those of the globe', () => {
    expect(kmBetween(at(0, 0), at(0, 90))).toBeCloseTo((Math.PI * 6371) / 2, 3);
    expect(kmBetween(at(10, 20), at(11, 20))).toBeCloseTo(111.195, 2);
    expect(kmBetween(at(60, 20), at(60, 21))).toBeCloseTo(55.6, 1);
    expect(kmBetween(at(5, 179.5), at(5, -179.5))).toBeCloseTo(kmBetween(at(5, 0), at(5, 1)), 6);
  });

  it('along a road is along the road, whoever rang first', () => {
    const road = [at(0, 3), at(0, 1), at(0, 4), at(0, 2)];
    expect(dayRoute(road, at(0, 0))).toEqual([1, 3, 0, 2]);
    expect(
      lengthKm(
        dayRoute(road).map((i) => road[i]!),
        null,
      ),
    ).toBeCloseTo(kmBetween(at(0, 1), at(0, 4)), 6);
  });

  it('those without a place come last, in their own order', () => {
    expect(dayRoute([null, at(0, 2), null, at(0, 1)], at(0, 0))).toEqual([3, 1, 0, 2]);
    expect(dayRoute([null, null])).toEqual([0, 1]);
    expect(dayRoute([])).toEqual([]);
  });

  it('of many is a tour of all, no longer than as they were entered, and nowhere crossed', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const random = seededRandom(seed);
      const stops = Array.from({ length: 12 }, () => at(50 + random(), 7 + random()));
      const order = dayRoute(stops, stops[0]);
      expect([...order].sort((a, b) => a - b)).toEqual(stops.map((_, i) => i));
      expect(
        lengthKm(
          order.map((i) => stops[i]!),
          stops[0]!,
        ),
      ).toBeLessThanOrEqual(lengthKm(stops, stops[0]!));
    }
  });
});
