import { act, fireEvent, screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { PhotoStrip, type PhotoStripProps } from '../photo-strip';

jest.mock('../../platform/use-send', () => ({ useSend: () => jest.fn() }));
jest.mock('../../bin', () => ({ PutAway: () => null }));
jest.mock('../use-photo-url', () => ({
  usePhotoUrl: ({ heldBytes, bytes }: { heldBytes: number; bytes: number }, url: string) => (heldBytes === bytes ? url : null),
}));
// The sheet itself is gone through by the journeys: it moves, which needs a page.
jest.mock('../../ui/sheet', () => ({ Sheet: ({ open, children }: { open: boolean; children: unknown }) => (open ? children : null) }));

const photo = (id: string, heldBytes: number) => ({ id, view: 'behind' as const, bytes: 10, heldBytes });
const shown = (photos: PhotoStripProps['photos']) =>
  rendered(
    <PhotoStrip
      name="Photos of this visit"
      hint="From behind first."
      photos={photos}
      views={['behind', 'above']}
      urlOf={(id) => `/photos/${id}/content`}
      writeOf={() => null as never}
    />,
  );
/** The button that takes another is called as the picture is. */
const sourceOf = (label: string): unknown =>
  screen.getAllByLabelText(label).flatMap((found) => (found.props as { source?: { uri: string } }).source?.uri ?? [])[0];

describe('photos in a strip', () => {
  it('are fetched small, and the whole one only once it is opened', async () => {
    shown([photo('a', 10)]);
    expect(sourceOf('Photo from behind')).toBe('/photos/a/content?size=small');
    expect(screen.queryByLabelText(/large/)).toBeNull();
    await act(async () => fireEvent.press(screen.getByLabelText(/^Open/)));
    expect(sourceOf('Photo from behind, large')).toBe('/photos/a/content');
  });

  it('one that is nowhere to be had shows no picture but says that it is kept', () => {
    shown([photo('a', 4)]);
    expect(screen.queryByLabelText(/^Open/)).toBeNull();
    expect(screen.getByText(/kept here/)).toBeTruthy();
  });

  it('without any says what to take first', () => {
    shown([]);
    expect(screen.getByText('From behind first.')).toBeTruthy();
  });
});
