import { act, fireEvent, screen } from '@testing-library/react-native';
import { DEMO_RIDERS, DEMO_RIDER_MEASURES } from '@fulcra/demo';
import { RIDER_MEASURES, SHARE_OF_STATURE } from '@fulcra/core';
import { rendered } from '../../ui/__tests__/rendered';
import { MEASURE_LINES } from '../body-figure';
import { HistoryPart } from '../history-part';
import { personUnit } from '../../words/person-unit';
import { LegsPart, Uneven, WaysPart } from '../ways-part';
import { knownRider } from '../use-rider';

const mockSend = jest.fn();
jest.mock('../../platform/use-send', () => ({ useSend: () => mockSend }));
jest.mock('../../platform/use-views', () => ({}));
beforeEach(() => jest.clearAllMocks());
const [TAMSIN, , PIP] = DEMO_RIDERS as [(typeof DEMO_RIDERS)[number], (typeof DEMO_RIDERS)[number], (typeof DEMO_RIDERS)[number]];

it('every length has its place on the figure, as long as its share says', () => {
  for (const measure of RIDER_MEASURES) {
    const { from, to } = MEASURE_LINES[measure];
    const long = Math.hypot(from.right - to.right, from.up - to.up);
    expect(long).toBeGreaterThan(0.01);
    if (measure in SHARE_OF_STATURE && measure !== 'shoulderAboveHip')
      expect(Math.abs(long - SHARE_OF_STATURE[measure as 'thigh'].share)).toBeLessThan(0.006);
  }
});

describe('what a rider rides for', () => {
  it('is added at the end, so that the usual one stays first, and taken out again', () => {
    const change = jest.fn();
    const { again } = rendered(<WaysPart rider={TAMSIN} change={change} />);
    fireEvent.press(screen.getByLabelText('western'));
    expect(change).toHaveBeenLastCalledWith({ purposes: [...TAMSIN.purposes, 'western'] });
    again(<WaysPart rider={TAMSIN} change={change} />);
    fireEvent.press(screen.getByLabelText('general'));
    expect(change).toHaveBeenLastCalledWith({ purposes: ['advancedFlat', 'fencesLow'] });
    fireEvent.press(screen.getByLabelText('hip'));
    expect(change).toHaveBeenLastCalledWith({ injuries: [] });
  });
});

describe('uneven leathers on purpose', () => {
  const type = (label: string, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);
  const open = (keep: jest.Mock) => rendered(<Uneven onKeep={keep} />);
  const said = async (unit: string, by: string, who: string, why: string) => {
    type(`Off leather longer by, ${unit} (minus: shorter)`, by);
    type('Who answers for it', who);
    type('Reason', why);
    await act(async () => fireEvent.press(screen.getByLabelText('Keep this')));
  };

  it('is asked for where legs differ, and the leathers stay even till then', () => {
    rendered(<LegsPart rider={{ ...TAMSIN, offLegLongerMm: -12 }} change={jest.fn()} />);
    expect(screen.getByText('The near leg is 12 mm longer.')).toBeTruthy();
    expect(screen.getByText(/Leathers stay even all the same/)).toBeTruthy();
  });

  it.each([
    ['no number', '', 'Dr. Fen', 'a reason'],
    ['61 mm', '61', 'Dr. Fen', 'a reason'],
    ['nobody', '10', ' ', 'a reason'],
    ['no reason', '10', 'Dr. Fen', 'ab'],
  ])('with %s is not kept', async (_, mm, by, reason) => {
    const change = jest.fn();
    open(change);
    await said('mm', mm, by, reason);
    expect(change).not.toHaveBeenCalled();
    expect(screen.getByText(/a name and a reason/)).toBeTruthy();
  });

  it('in the unit its label names', async () => {
    personUnit.set('cm');
    const keep = jest.fn();
    open(keep);
    await said('cm', '1,2', 'Dr. Fen', 'old break');
    expect(keep).toHaveBeenCalledWith({ offLongerMm: 12, by: 'Dr. Fen', reason: 'old break' });
    personUnit.set('mm');
  });

  it('with all three is kept', async () => {
    const change = jest.fn();
    open(change);
    await said('mm', '-60', 'Dr. Fen', 'hip fused');
    expect(change).toHaveBeenCalledWith({ offLongerMm: -60, by: 'Dr. Fen', reason: 'hip fused' });
  });
});

describe('the history of lengths', () => {
  it('says how much a child has grown, and withdraws without altering', async () => {
    rendered(<HistoryPart known={knownRider(PIP, DEMO_RIDER_MEASURES)} />);
    expect(screen.getByText(/thigh 305 mm \(\+20 mm since the time before\)/)).toBeTruthy();
    await act(async () => fireEvent.press(screen.getAllByLabelText('Withdraw')[0]!));
    const { kind, body } = mockSend.mock.calls[0]![0];
    expect(kind).toBe('riderMeasures');
    expect(body).toEqual({ ...body.was, withdrawn: true, was: body.was });
    expect(body.was.takenOn).toBe('2026-04-14');
  });
});
