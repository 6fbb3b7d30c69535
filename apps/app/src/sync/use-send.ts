import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useSession } from '../session/session-context';
import { flush } from './flush';
import { outbox } from './outbox';
import { type Write } from './write';

/** Enters a write: on this device first, then on its way. Resolves once it can no longer be lost here. */
export function useSend(): (write: Write) => Promise<void> {
  const { session } = useSession();
  const queries = useQueryClient();
  return useCallback(
    async (write) => {
      await outbox.add(session.practice.id, write);
      void flush(session.practice.id, queries);
    },
    [session.practice.id, queries],
  );
}
