import { type RecordedFact, type RecordedTake, measuredVisit } from '@fulcra/core';
import { screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { ToplineReadout } from '../topline-readout';

/** A back that hangs 30 mm under a straight line at its middle, over 500 mm. */
const line = Array.from({ length: 26 }, (_, i) => ({ xMm: 20 * i, zMm: -30 * (1 - ((20 * i - 250) / 250) ** 2) }));
const take: RecordedTake = {
  ...{ id: 't', station: 'topline', takenAtMm: 0, takenAt: '2026-11-20T09:00:00.000Z', hand: 'Isla', withdrawn: false },
  reading: { kind: 'line', line },
};
const rib = (atMm: number): RecordedFact => ({
  ...{ id: 'f', hand: 'Isla', withdrawn: false },
  body: { kind: 'landmark', landmark: 'lastRib', way: 'alongTheRib', side: null, station: null, pose: null, atMm },
});
const visit = (facts: readonly RecordedFact[], takes = [take]) => measuredVisit({ visit: { stationMm: 50 }, takes, facts: [...facts] });

describe('what the topline says', () => {
  it('untraced it says nothing', () => {
    rendered(<ToplineReadout measured={visit([], [])} />);
    expect(screen.queryByText(/Dip/)).toBeNull();
  });

  it('is told to the end of the tracing where no last rib was found, and says so', () => {
    rendered(<ToplineReadout measured={visit([])} />);
    expect(screen.getByText(/^Dip 2\d mm at .* to the end of the tracing, for no last rib was found; withers/)).toBeTruthy();
    expect(screen.getByText(/^Front section to the end of the tracing/)).toBeTruthy();
  });

  it('is told to the last rib that was found, where it dips less', () => {
    const measured = visit([rib(400)]);
    rendered(<ToplineReadout measured={measured} />);
    expect(screen.getByText(/^Dip 1\d mm at .* to the last rib; withers/)).toBeTruthy();
    expect(screen.queryByText(/end of the tracing/)).toBeNull();
  });
});
