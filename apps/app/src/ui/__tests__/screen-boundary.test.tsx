import { fireEvent, render, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { TamaguiProvider } from 'tamagui';
import { ScreenBoundary } from '../screen-boundary';
import { config } from '../tamagui.config';

const silence = jest.spyOn(console, 'error').mockImplementation(() => undefined);
afterAll(() => silence.mockRestore());

let broken = true;
function Screen() {
  if (broken) throw new RangeError('a width of NaN');
  return <Text>whole again</Text>;
}
const leave = jest.fn();
const at = (place: string) => (
  <TamaguiProvider config={config} defaultTheme="light">
    <ScreenBoundary place={place} about="Fulcra, core 9" onLeave={leave}>
      <Screen />
    </ScreenBoundary>
  </TamaguiProvider>
);

describe('a screen that breaks off', () => {
  beforeEach(() => {
    broken = true;
  });

  it('says that nothing is lost and gives a report that names fault, place and version', () => {
    render(at('/visits/7'));
    expect(screen.getByText(/Nothing is lost/)).toBeTruthy();
    const report = screen.getByLabelText('Report');
    expect(report).toHaveTextContent(/Fulcra, core 9/);
    expect(report).toHaveTextContent(/\/visits\/7/);
    expect(report).toHaveTextContent(/RangeError: a width of NaN/);
  });

  it('is opened again by a tap', () => {
    render(at('/visits/7'));
    broken = false;
    fireEvent.press(screen.getByText('Open it again'));
    expect(screen.getByText('whole again')).toBeTruthy();
  });

  it('another screen begins anew, and the yard is a tap away', () => {
    const { rerender } = render(at('/visits/7'));
    fireEvent.press(screen.getByText('To the yard'));
    expect(leave).toHaveBeenCalledTimes(1);
    broken = false;
    rerender(at('/'));
    expect(screen.getByText('whole again')).toBeTruthy();
  });
});
