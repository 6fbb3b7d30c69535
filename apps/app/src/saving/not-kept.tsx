import { useEffect, useSyncExternalStore } from 'react';
import { keeping } from '../platform/keeping';
import { useToast } from '../ui/toast';
import { SAVING_PHRASES } from '../words/saving-phrases';

export const useNotKept = (): boolean => useSyncExternalStore(keeping.onChange, keeping.failing).size > 0;

/** Says once that what is typed shows but can't be kept; the saving state in the corner goes on saying it. */
export function NotKept() {
  const notKept = useNotKept();
  const toast = useToast();
  useEffect(() => {
    if (notKept) toast({ text: SAVING_PHRASES.typedNotKept });
  }, [notKept, toast]);
  return null;
}
