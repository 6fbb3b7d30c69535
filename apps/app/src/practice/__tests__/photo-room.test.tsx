import { screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { PhotoRoomPart } from '../photo-room-part';

const mockRoom = jest.fn();
jest.mock('../../platform/use-views', () => ({ usePhotoRoom: () => ({ data: mockRoom() }) }));

const QUOTA = 5_000_000_000;
const NEARLY = /nearly full/;

describe('the room for photos', () => {
  it('says nothing while the server hasn’t said', () => {
    mockRoom.mockReturnValue(null);
    rendered(<PhotoRoomPart />);
    expect(screen.queryByText(/Photos take/)).toBeNull();
  });

  it('says how much is used, and that it runs out from nine tenths on', () => {
    mockRoom.mockReturnValue({ usedBytes: 0.9 * QUOTA - 1, quotaBytes: QUOTA });
    const { again } = rendered(<PhotoRoomPart />);
    expect(screen.getByText('Photos take 4500.0 MB of 5000.0 MB.')).toBeTruthy();
    expect(screen.queryByText(NEARLY)).toBeNull();
    mockRoom.mockReturnValue({ usedBytes: 0.9 * QUOTA, quotaBytes: QUOTA });
    again(<PhotoRoomPart />);
    expect(screen.getByText(NEARLY)).toBeTruthy();
  });
});
