import { type Photo } from '@fulcra/contract';
import { useEffect, useState } from 'react';
import { dayPhotos, photoStore } from '../platform/sync/photo-store';

/** One that waits to be sent, or one that was fetched for a day without signal. */
const onThisDevice = async (id: string): Promise<Blob | undefined> => (await photoStore.get(id)) ?? (await dayPhotos.get(id));

/** Where a picture is shown from: this device while it is here, else the server; null while it is nowhere to be had. */
export function usePhotoUrl({ id, bytes, heldBytes }: Pick<Photo, 'id' | 'bytes' | 'heldBytes'>, serverUrl: string): string | null {
  const [url, setUrl] = useState<string | null>(null);
  const sent = heldBytes === bytes;
  useEffect(() => {
    let own: string | null = null;
    let left = false;
    void onThisDevice(id).then((blob) => {
      if (left) return;
      own = blob === undefined ? null : URL.createObjectURL(blob);
      setUrl(own ?? (sent ? serverUrl : null));
    });
    return () => {
      left = true;
      if (own !== null) URL.revokeObjectURL(own);
    };
  }, [id, serverUrl, sent]);
  return url;
}
