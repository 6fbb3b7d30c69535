import { act, fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { router } from 'expo-router';
import { ISLA, ROWAN, horseWrite, room } from '../../platform/sync/__tests__/fakes';
import { rendered } from '../../ui/__tests__/rendered';
import { LeaveDevice, LeaveSheet } from '../leave-device';

const mockSignOut = jest.fn();
const mockHere = { waiting: [] as unknown[] };
jest.mock('expo-router', () => ({ router: { replace: jest.fn() } }));
jest.mock('../../platform/session-context', () => ({
  useSession: () => ({ session: { practice: { id: 'room' }, person: { id: 'isla' } }, signOut: mockSignOut }),
}));
jest.mock('../../ui/sheet', () => ({ Sheet: ({ open, children }: { open: boolean; children: unknown }) => (open ? children : null) }));
jest.mock('../../platform/use-sync', () => ({ useWaiting: () => mockHere.waiting }));

const press = (label: string) => act(async () => fireEvent.press(screen.getByLabelText(label)));
beforeEach(() => mockSignOut.mockReset().mockImplementation(async (_: string, away: () => void) => away()));
const chosen = () => mockSignOut.mock.calls.map(([choice]) => choice as string);

/** So many entries of Isla’s, and one of Rowan’s, wait here. */
async function waiting(count: number): Promise<void> {
  const { sync } = room();
  for (let i = 0; i < count; i++) await sync.add(ISLA, horseWrite('', `h${i}`));
  await sync.add(ROWAN, horseWrite('', 'other'));
  mockHere.waiting = [...sync.waiting()];
  rendered(<Leaving />);
}

function Leaving() {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <LeaveDevice onAsk={() => setAsking(true)} />
      <LeaveSheet open={asking} onClose={() => setAsking(false)} />
    </>
  );
}

it('with nothing unsent of this person’s, one tap signs out and goes to the first page', async () => {
  await waiting(0);
  await press('Sign out');
  expect(chosen()).toEqual(['seal']);
  expect(router.replace).toHaveBeenCalledWith('/');
});

it('names what isn’t sent first; staying changes nothing', async () => {
  await waiting(8);
  await press('Sign out');
  expect(screen.getByText('8 entries have not been sent:')).toBeTruthy();
  expect(screen.getAllByText(/Marl/)).toHaveLength(6);
  expect(screen.getByText('and 2 more')).toBeTruthy();
  await press('Stay signed in');
  expect(mockSignOut).not.toHaveBeenCalled();
});

it('keeps them sealed, or throws them away only when that is said twice', async () => {
  await waiting(1);
  await press('Sign out');
  await press('Sign out, keep them sealed');
  expect(chosen()).toEqual(['seal']);
});

it('throws them away only when that is said twice', async () => {
  await waiting(1);
  await press('Sign out');
  await press('Throw them away and sign out');
  expect(mockSignOut).not.toHaveBeenCalled();
  await press('Yes, throw them away');
  expect(chosen()).toEqual(['discard']);
});

it('says so where the device would not keep what is sealed', async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  mockSignOut.mockRejectedValue(new Error('full'));
  await waiting(1);
  await press('Sign out');
  await press('Sign out, keep them sealed');
  expect(screen.getByText(/you are still signed in and nothing was lost/)).toBeTruthy();
});
