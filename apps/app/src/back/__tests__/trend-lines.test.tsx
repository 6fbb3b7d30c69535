import { screen } from '@testing-library/react-native';
import { DEMO_ANIMALS } from '@fulcra/demo';
import { type Section, sectionMeasurement } from '@fulcra/core';
import { wholeBackTakes } from '@fulcra/demo';
import { rendered } from '../../ui/__tests__/rendered';
import { TrendLines, sideTrends } from '../trend-lines';

const CORRIE = DEMO_ANIMALS[6]!;
/** Corrie's front with its off side weaker by so many degrees. */
function front(weakOffDeg: number): Section {
  const takes = wholeBackTakes(CORRIE, { ...CORRIE.back, weakOffDeg }, '2026-03-12', 1)
    .filter(({ take }) => take.station === 'low')
    .map(({ id, take }) => ({ ...take, id, visitId: 'v', hand: 'Isla', withdrawn: false }));
  return sectionMeasurement(takes, 'low', 0).consensus!;
}
const stages = (days: readonly (readonly [string, number])[]) => days.map(([on, weak]) => ({ on, section: front(weak) }));
const FOUR = stages([
  ['2026-03-12', 6],
  ['2026-05-12', 4],
  ['2026-07-12', 2],
  ['2026-09-12', 0],
]);

it('the side that fills out rises, the other stays', () => {
  const [near, off] = sideTrends(FOUR) as [ReturnType<typeof sideTrends>[number], ReturnType<typeof sideTrends>[number]];
  expect(off.areaCm2!.perDay).toBeGreaterThan(0);
  expect(off.areaCm2!.interval!.least).toBeGreaterThan(0);
  expect(Math.abs(near.areaCm2!.perDay)).toBeLessThan(off.areaCm2!.perDay / 5);
  const backwards = sideTrends([...FOUR].reverse().map((s, i) => ({ ...s, on: FOUR[i]!.on })));
  expect(backwards[1]!.areaCm2!.perDay).toBeLessThan(0);
});

it('four dates are told with their interval, two as a direction, one not at all', () => {
  const { again } = rendered(<TrendLines stages={FOUR} />);
  expect(screen.getByText('Trend a month, over 4 dates')).toBeTruthy();
  expect(screen.getAllByText(/92 % sure/)).toHaveLength(2);
  expect(screen.queryByText(/direction only/)).toBeNull();
  again(<TrendLines stages={FOUR.slice(0, 2)} />);
  expect(screen.queryByText(/% sure/)).toBeNull();
  expect(screen.getByText(/A direction only: under 4 dates/)).toBeTruthy();
  again(<TrendLines stages={FOUR.slice(0, 1)} />);
  expect(screen.queryByText(/Trend/)).toBeNull();
});
