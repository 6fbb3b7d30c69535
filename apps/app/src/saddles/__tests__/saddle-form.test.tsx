import { COMMON_RANGES, UNMEASURED_IDS } from '@fulcra/core';
import { act, fireEvent, screen, within } from '@testing-library/react-native';
import { type Saddle } from '@fulcra/contract';
import { router } from 'expo-router';
import { rendered } from '../../ui/__tests__/rendered';
import { EditSaddleScreen, NewSaddleScreen } from '../saddle-form-screen';
import { NEW_SADDLE } from '../saddle-measures';

const mockSend = jest.fn();
const mockSaddles = jest.fn();
jest.mock('../../platform/use-send', () => ({ useSend: () => mockSend }));
jest.mock('../../platform/use-views', () => ({
  usePracticeSettings: () => ({ tackDays: jest.requireActual('@fulcra/core').TACK_DAYS }),
  useSaddles: () => mockSaddles(),
  ...Object.fromEntries(['useLeathers', 'useGirths', 'useTackChecks'].map((name) => [name, () => ({ data: [] })])),
}));
jest.mock('../saddle-photos', () => ({ SaddlePhotos: () => null }));
jest.mock('../drawing-top', () => ({ DrawingTop: () => null }));
jest.mock('expo-router', () => ({ router: { navigate: jest.fn(), push: jest.fn() }, useLocalSearchParams: () => ({}) }));

const breaker: Saddle = { ...NEW_SADDLE, id: 's1', name: 'Breaker', maker: 'Own' };
const press = (label: string | RegExp) => act(async () => fireEvent.press(screen.getByLabelText(label)));

beforeEach(() => {
  localStorage.clear();
  jest.clearAllMocks();
  mockSend.mockResolvedValue(true);
  mockSaddles.mockReturnValue({ data: [breaker], problem: null });
});

describe('a saddle described', () => {
  it('without a name or a maker is not put into the stock; both fields say so', async () => {
    rendered(<NewSaddleScreen />);
    await press('Put it into the stock');
    expect(mockSend).not.toHaveBeenCalled();
    expect(screen.getAllByText(/Name: it is empty/).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/Maker: it is empty/).length).toBeGreaterThan(0);
  });

  it('whole, goes into the stock under one id, however often it is tried', async () => {
    mockSend.mockResolvedValueOnce(false);
    rendered(<NewSaddleScreen />);
    fireEvent.changeText(screen.getByLabelText('Name'), 'Tern');
    fireEvent.changeText(screen.getByLabelText('Maker'), 'Own');
    await press('Put it into the stock');
    await press('Put it into the stock');
    expect(mockSend).toHaveBeenCalledTimes(2);
    const [first, second] = mockSend.mock.calls.map(([write]) => write);
    expect(first.saddleId).toBe(second.saddleId);
    expect(second.body).toMatchObject({ name: 'Tern', maker: 'Own' });
    expect(second.body.was).toBeUndefined();
    expect(router.navigate).toHaveBeenCalledWith('/saddles');
  });

  it('changed by a step, tells what stood there before', async () => {
    rendered(<EditSaddleScreen saddleId="s1" />);
    await press('Length of the tree: more');
    await press('Keep the changes');
    const { body } = mockSend.mock.calls[0]![0];
    expect(body.build.frame.lengthMm).toBe(NEW_SADDLE.build.frame.lengthMm + 5);
    expect(body.was.build.frame.lengthMm).toBe(NEW_SADDLE.build.frame.lengthMm);
  });

  it('a new one is not measured in anything: a number stepped or typed is, and one between two says which', async () => {
    rendered(<NewSaddleScreen />);
    fireEvent.changeText(screen.getByLabelText('Name'), 'Tern');
    fireEvent.changeText(screen.getByLabelText('Maker'), 'Own');
    expect(screen.getByText(new RegExp(`^${UNMEASURED_IDS.length} numbers are not measured`))).toBeTruthy();
    await press('Length of the tree: more');
    expect(screen.getByText(new RegExp(`^${UNMEASURED_IDS.length - 1} numbers are not measured`))).toBeTruthy();
    await press('Weight: more');
    await press('Weight: less');
    await press('Panel past the tree: less');
    await act(async () =>
      fireEvent.press(within(screen.getByLabelText('Panel past the tree: how it is known')).getByLabelText('lies between')),
    );
    await press('Panel past the tree, at most: less');
    await press('Put it into the stock');
    const { unmeasured } = mockSend.mock.calls[0]![0].body.build;
    expect(unmeasured.lengthMm).toBeUndefined();
    expect(unmeasured.massKg).toBeUndefined();
    expect(unmeasured.curveMm).toBe('default');
    expect(unmeasured.includedAngleDeg).toBe('default');
    const [least, most] = COMMON_RANGES.pastTreeMm;
    expect(unmeasured.pastTreeMm).toEqual([least, most - 1]);
  });

  it('a width given its angle is measured; its label alone is not', async () => {
    rendered(<NewSaddleScreen />);
    fireEvent.changeText(screen.getByLabelText('Name'), 'Tern');
    fireEvent.changeText(screen.getByLabelText('Maker'), 'Own');
    fireEvent.changeText(screen.getByLabelText('Label 1'), 'Reed');
    await press('Put it into the stock');
    await press('set now: more');
    await press('Put it into the stock');
    const [first, second] = mockSend.mock.calls.map(([write]) => write.body.build.unmeasured);
    expect(first.includedAngleDeg).toBe('default');
    expect(second.includedAngleDeg).toBeUndefined();
  });

  it('the panel’s depth in front stands in the front as well: one step changes both', async () => {
    rendered(<EditSaddleScreen saddleId="s1" />);
    await press('Panel depth in front: more');
    await press('Keep the changes');
    const { body } = mockSend.mock.calls[0]![0];
    expect(body.front.frontPanelDepthMm).toBe(body.build.panel.depthFrontMm.present);
    expect(body.front.frontPanelDepthMm).toBe(NEW_SADDLE.front.frontPanelDepthMm + 1);
  });

  it('a number out of any saddle’s reach is named at its row, and mended there', async () => {
    mockSaddles.mockReturnValue({
      data: [{ ...breaker, build: { ...breaker.build, frame: { ...breaker.build.frame, lengthMm: 803 } } }],
      problem: null,
    });
    rendered(<EditSaddleScreen saddleId="s1" />);
    await press('Keep the changes');
    expect(mockSend).not.toHaveBeenCalled();
    expect(screen.getAllByText(/Length of the tree: 803 is outside 150 to 800/)).toHaveLength(2);
    await press('Length of the tree: less');
    expect(screen.queryByText(/is outside 150 to 800/)).toBeNull();
  });

  it('one that isn’t in the stock says so', () => {
    rendered(<EditSaddleScreen saddleId="gone" />);
    expect(screen.getByText(/not in the stock/)).toBeTruthy();
  });
});
