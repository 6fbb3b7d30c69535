import { act, fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { rendered } from '../../ui/__tests__/rendered';
import { NewHorseScreen } from '../new-horse-screen';

const mockSend = jest.fn();
jest.mock('../../platform/use-send', () => ({ useSend: () => mockSend }));
jest.mock('expo-router', () => ({ router: { navigate: jest.fn(), replace: jest.fn() } }));

const type = (label: string, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);
const add = () => act(async () => fireEvent.press(screen.getByLabelText('Add this horse')));

beforeEach(() => {
  localStorage.clear();
  jest.clearAllMocks();
  mockSend.mockResolvedValue(true);
});

describe('a new horse', () => {
  it('with mistakes is not sent: each stands at its field, and goes as it is mended', async () => {
    rendered(<NewHorseScreen />);
    type('Age, years', 'old');
    type('Height, hands', '15.7');
    await add();
    expect(mockSend).not.toHaveBeenCalled();
    expect(screen.getByText(/A horse needs a name/)).toBeTruthy();
    expect(screen.getByText(/“old” is not an age/)).toBeTruthy();
    expect(screen.getByText(/“15.7” is not a height in hands/)).toBeTruthy();
    await act(async () => type('Age, years', '9'));
    expect(screen.queryByText(/not an age/)).toBeNull();
    expect(screen.getByText(/not a height/)).toBeTruthy();
  });

  it('is sent as it is meant, and its page opens', async () => {
    rendered(<NewHorseScreen />);
    type('Name', ' Marl ');
    type('Height, hands', '15.2');
    type('Note', 'girthy');
    await add();
    expect(mockSend).toHaveBeenCalledTimes(1);
    const { kind, horseId, body } = mockSend.mock.calls[0]![0];
    expect(kind).toBe('horse');
    expect(body).toMatchObject({ name: 'Marl', heightMm: 1574.8, note: 'girthy', bornYear: null });
    expect(router.replace).toHaveBeenCalledWith(`/horses/${horseId}`);
  });

  it('half typed is there again after the page was left', async () => {
    const { unmount } = rendered(<NewHorseScreen />);
    await act(async () => type('Name', 'Tarn'));
    unmount();
    rendered(<NewHorseScreen />);
    expect(screen.getByLabelText('Name').props.value).toBe('Tarn');
  });

  it('that this device would not keep stays on the screen', async () => {
    mockSend.mockResolvedValue(false);
    rendered(<NewHorseScreen />);
    type('Name', 'Marl');
    await add();
    expect(router.replace).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Name').props.value).toBe('Marl');
  });

  it('once sent is forgotten as a draft', async () => {
    const { unmount } = rendered(<NewHorseScreen />);
    type('Name', 'Marl');
    await add();
    unmount();
    rendered(<NewHorseScreen />);
    expect(screen.getByLabelText('Name').props.value).toBe('');
  });
});
