import { fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { FIELD_WORDS } from '../../words/intake-words';
import { Injuries } from '../injuries';

beforeEach(() => localStorage.clear());
const field = () => screen.getByLabelText(FIELD_WORDS.injuries);

it('typed and left behind is said of the horse, without a button', () => {
  const onSay = jest.fn();
  rendered(<Injuries visitId="v" value="" onSay={onSay} />);
  fireEvent.changeText(field(), 'kicked in spring');
  expect(onSay).not.toHaveBeenCalled();
  fireEvent(field(), 'blur');
  expect(onSay.mock.calls).toEqual([['kicked in spring']]);
});

it('so it is when the screen is left with the field still in hand', () => {
  const onSay = jest.fn();
  const shown = rendered(<Injuries visitId="v" value="" onSay={onSay} />);
  fireEvent.changeText(field(), 'kicked in spring');
  shown.unmount();
  expect(onSay.mock.calls).toEqual([['kicked in spring']]);
});

it('nothing typed says nothing', () => {
  const onSay = jest.fn();
  const shown = rendered(<Injuries visitId="v" value="old kick" onSay={onSay} />);
  fireEvent(field(), 'blur');
  shown.unmount();
  expect(onSay).not.toHaveBeenCalled();
});
