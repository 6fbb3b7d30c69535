import { act, fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { HomeForm } from '../shared/home-form';

jest.mock('../shared/photo-picker', () => ({ PhotoPicker: () => null }));
jest.mock('../shared/phone-tilt', () => ({ PhoneTilt: () => null }));
jest.mock('../shared/side-outline', () => ({ SideOutline: () => null }));

beforeEach(() => localStorage.clear());
const next = () => act(() => void fireEvent.press(screen.getByLabelText('Next')));
const girth = () => screen.getByLabelText(/^Round the girth/);

it('a number that can’t be is named at its field, before the next step is gone to', () => {
  rendered(<HomeForm token="t" onBack={jest.fn()} onDone={jest.fn()} />);
  fireEvent.changeText(girth(), '18');
  next();
  expect(screen.getByText(/A number between 400 mm and 3500 mm, or nothing/)).toBeTruthy();
  expect(screen.getByText('Step 1 of 3')).toBeTruthy();
  fireEvent.changeText(girth(), '1850');
  expect(screen.queryByText(/A number between/)).toBeNull();
  next();
  expect(screen.getByText('Step 2 of 3')).toBeTruthy();
});

it('it is said as soon as the field is left; nothing typed is nothing wrong', () => {
  rendered(<HomeForm token="t" onBack={jest.fn()} onDone={jest.fn()} />);
  fireEvent(girth(), 'blur');
  expect(screen.queryByText(/A number between/)).toBeNull();
  fireEvent.changeText(girth(), 'a lot');
  fireEvent(girth(), 'blur');
  expect(screen.getByText(/A number between/)).toBeTruthy();
});
