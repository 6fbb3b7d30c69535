import { type Photo } from '@fulcra/contract';
import { useEffect, useState } from 'react';
import { photoStore } from '../platform/sync/photo-store';

/** Where a picture is shown from: this device while it is here, else the server; null while it is nowhere to be had. */
export function usePhotoUrl({ id, bytes, heldBytes }: Pick<Photo, 'id' | 'bytes' | 'heldBytes'>, serverUrl: string): string | null {
  const [url, setUrl] = useState<string | null>(null);
  const sent = heldBytes === bytes;
  useEffect(() => {
    let own: string | null = null;
    let left = false;
    void photoStore.get(id).then((blob) => {
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
