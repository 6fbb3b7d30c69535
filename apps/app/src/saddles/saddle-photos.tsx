import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { useSaddlePhotos } from '../platform/use-views';
import { PhotoStrip } from '../photos';

export const saddlePhotoUrl = (saddleId: string, photoId: string): string => `/api/saddles/${saddleId}/photos/${photoId}/content`;

/** Photos of one saddle of the stock: its number, its stitching, what it looks like on the rack. */
export function SaddlePhotos({ saddleId }: { readonly saddleId: string }) {
  const photos = useSaddlePhotos().data ?? [];
  return (
    <PhotoStrip
      name={SADDLES_PHRASES.photosOfThis}
      hint={SADDLES_PHRASES.fromTheNear}
      views={['nearSide', 'offSide', 'under', 'behind', 'detail']}
      photos={photos.filter((p) => p.saddleId === saddleId)}
      urlOf={(photoId) => saddlePhotoUrl(saddleId, photoId)}
      writeOf={(photoId, body) => ({ kind: 'saddlePhoto', saddleId, photoId, body })}
    />
  );
}
