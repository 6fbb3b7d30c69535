import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useSession } from './session-context';
import { useToast } from '../ui/toast';
import { flush } from './flush';
import { outbox } from './outbox';
import { photoStore } from './photo-store';
import { type Write, isPictureWrite } from './write';

/**
 * Enters a write: on this device first, then on its way.
 * @returns true once it can no longer be lost here; false when this device would not keep it, which the person is told
 */
export function useSend(): (write: Write, picture?: Blob) => Promise<boolean> {
  const { session } = useSession();
  const queries = useQueryClient();
  const toast = useToast();
  return useCallback(
    async (write, picture) => {
      try {
        if (isPictureWrite(write) && picture !== undefined) await photoStore.put(write.photoId, picture);
        await outbox.add(session.practice.id, write);
      } catch (error) {
        toast({ text: notKept(error) });
        return false;
      }
      void flush(session.practice.id, queries);
      return true;
    },
    [session.practice.id, queries, toast],
  );
}

const notKept = (error: unknown): string =>
  error instanceof DOMException && error.name === 'QuotaExceededError'
    ? 'This device is full, so this was not kept; what is on the screen stays. Let what waits be sent, or free some space, and save again.'
    : `This device would not keep it (${error instanceof Error ? error.name : 'unknown'}); what is on the screen stays. Save again.`;
