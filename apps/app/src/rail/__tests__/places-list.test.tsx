import { act, fireEvent, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { rendered } from '../../ui/__tests__/rendered';
import { personUnit } from '../../words/person-unit';
import { PlacesList } from '../places-list';

jest.mock('expo-router', () => ({ router: { push: jest.fn() }, usePathname: () => '/saddles' }));
jest.mock('../../platform/session-context', () => ({
  useSession: () => ({ session: { person: { name: 'Isla Venn' }, practice: { name: 'Skerries' } } }),
}));
jest.mock('../../saving/leave-device', () => ({ LeaveDevice: () => null }));
jest.mock('../use-place-states', () => ({ usePlaceStates: () => ({ stock: '8 saddles' }) }));

const press = (label: string) => act(async () => fireEvent.press(screen.getByLabelText(label)));
beforeEach(() => localStorage.clear());
afterEach(() => personUnit.set('mm'));

describe('the list of places', () => {
  it('names each place with what is true there, and goes there', async () => {
    const gone = jest.fn();
    rendered(<PlacesList onLeave={jest.fn()} onGone={gone} />);
    expect(screen.getByText('8 saddles')).toBeTruthy();
    await press('The yard');
    expect(router.push).toHaveBeenCalledWith('/');
    expect(gone).toHaveBeenCalledTimes(1);
  });

  it('has the unit of this person, kept over a reload', async () => {
    rendered(<PlacesList onLeave={jest.fn()} />);
    await press('inches');
    expect(personUnit.now()).toBe('in');
    expect(localStorage.getItem('draft:tape-unit')).toContain('"in"');
    await press('cm');
    expect(personUnit.now()).toBe('cm');
  });
});
