import { act, fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { BeginAnew } from '../begin-anew';

const mockBeginAnew = jest.fn();
const mockSession = jest.fn();
const mockWaiting = jest.fn();
jest.mock('../../platform/session-context', () => ({ useSession: () => ({ session: mockSession(), beginAnew: mockBeginAnew }) }));
// The sheet itself is gone through by the journeys: it moves, which needs a page.
jest.mock('../../ui/sheet', () => ({ Sheet: ({ open, children }: { open: boolean; children: unknown }) => (open ? children : null) }));
jest.mock('../../platform/use-sync', () => ({ useWaiting: () => mockWaiting() }));

const press = (label: string) => act(async () => fireEvent.press(screen.getByLabelText(label)));
beforeEach(() => {
  jest.clearAllMocks();
  mockSession.mockReturnValue({ demo: true });
  mockWaiting.mockReturnValue([]);
  mockBeginAnew.mockResolvedValue(undefined);
});

describe('the demo begun anew', () => {
  it('is offered in the demo alone', () => {
    mockSession.mockReturnValue({ demo: false });
    rendered(<BeginAnew />);
    expect(screen.queryByLabelText('Begin the demo anew')).toBeNull();
  });

  it('is asked about first, and can be left', async () => {
    rendered(<BeginAnew />);
    await press('Begin the demo anew');
    expect(screen.getByText(/Everything that was entered here goes/)).toBeTruthy();
    await press('Leave it as it is');
    expect(mockBeginAnew).not.toHaveBeenCalled();
  });

  it('goes once it is said, and once only', async () => {
    mockBeginAnew.mockReturnValue(new Promise(() => undefined));
    rendered(<BeginAnew />);
    await press('Begin the demo anew');
    await press('Begin anew');
    expect(screen.getByLabelText('Beginning …')).toBeTruthy();
    await press('Beginning …');
    expect(mockBeginAnew).toHaveBeenCalledTimes(1);
  });

  it('says that it failed, and can be tried again', async () => {
    mockBeginAnew.mockRejectedValueOnce(new Error('no answer'));
    rendered(<BeginAnew />);
    await press('Begin the demo anew');
    await press('Begin anew');
    expect(screen.getByText(/It was not begun anew/)).toBeTruthy();
    await press('Begin anew');
    expect(mockBeginAnew).toHaveBeenCalledTimes(2);
  });

  it('waits while something is unsent', async () => {
    mockWaiting.mockReturnValue([{}, {}]);
    rendered(<BeginAnew />);
    await press('Begin the demo anew');
    expect(screen.getByText(/2 entries not sent yet/)).toBeTruthy();
    await press('Begin anew');
    expect(mockBeginAnew).not.toHaveBeenCalled();
  });
});
