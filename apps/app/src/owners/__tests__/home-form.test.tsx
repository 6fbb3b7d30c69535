import { act, fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { personUnit } from '../../words/person-unit';
import { HomeForm, readHome } from '../shared/home-form';

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

it('half entered before a reload, at its last step, it leads back to the field and names it', () => {
  const half = { step: 2, back: '', girth: '18', weight: '', stood: [], tiltDeg: null, note: '' };
  localStorage.setItem('draft:guest:owner-home-t', JSON.stringify({ draftVersion: 1, value: half }));
  rendered(<HomeForm token="t" onBack={jest.fn()} onDone={jest.fn()} />);
  act(() => void fireEvent.press(screen.getByLabelText('Send')));
  expect(screen.getByText('Step 1 of 3')).toBeTruthy();
  expect(screen.getByText(/A number between 400 mm and 3500 mm, or nothing/)).toBeTruthy();
});

it('it is said as soon as the field is left; nothing typed is nothing wrong', () => {
  rendered(<HomeForm token="t" onBack={jest.fn()} onDone={jest.fn()} />);
  fireEvent(girth(), 'blur');
  expect(screen.queryByText(/A number between/)).toBeNull();
  fireEvent.changeText(girth(), 'a lot');
  fireEvent(girth(), 'blur');
  expect(screen.getByText(/A number between/)).toBeTruthy();
});

describe('what is measured at home', () => {
  const typed = { step: 2, back: '420', girth: '', weight: '', stood: [], tiltDeg: null, note: ' ' };
  it.each([
    [{}, 420],
    [{ back: '' }, null],
    [{ back: '99' }, 'unread'],
    [{ back: '100' }, 100],
    [{ back: '1200' }, 1200],
    [{ back: '1201' }, 'unread'],
    [{ girth: '399' }, 'unread'],
    [{ weight: '1501' }, 'unread'],
    [{ back: '42 cm' }, 'unread'],
  ] as const)('a back measured at home: %j', (change, expected) => {
    const read = readHome({ ...typed, ...change });
    expect(read === null ? 'unread' : read.backLengthMm).toBe(expected);
  });

  it('is typed in the unit the owner chose', () => {
    personUnit.set('in');
    expect(readHome({ ...typed, back: '16,5', girth: '75' })).toMatchObject({ backLengthMm: 419.1, girthMm: 1905 });
    expect(readHome(typed)).toBeNull();
    personUnit.set('mm');
  });
});
