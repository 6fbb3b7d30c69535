import { type Write } from '@fulcra/contract';
import { useCallback } from 'react';
import { useToast } from '../ui/toast';
import { notKeptWords } from '../words/saving-words';
import { ownerOf } from './draft-scope';
import { useSession } from './session-context';
import { photoStore } from './sync/photo-store';
import { isPictureWrite } from './sync/waiting';
import { useSync } from './use-sync';

/**
 * Enters a write: on this device first, then on its way.
 * @returns true once it can no longer be lost here; false when this device would not keep it, which the person is told
 */
export function useSend(): (write: Write, picture?: Blob) => Promise<boolean> {
  const { session } = useSession();
  const sync = useSync();
  const toast = useToast();
  return useCallback(
    async (write, picture) => {
      try {
        if (isPictureWrite(write) && picture !== undefined) await photoStore.put(write.photoId, picture);
        await sync.add(ownerOf(session), write);
      } catch (error) {
        toast({ text: notKeptWords(error) });
        return false;
      }
      void sync.flush(ownerOf(session));
      return true;
    },
    [session, sync, toast],
  );
}
