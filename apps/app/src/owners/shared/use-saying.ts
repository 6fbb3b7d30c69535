import { type OwnerWordBody } from '@fulcra/contract';
import { useRef, useState } from 'react';
import { v7 } from 'uuid';
import { Refused } from '../../platform/api-client';
import { useToast } from '../../ui/toast';
import { OWNER_PHRASES } from '../../words/owner-phrases';
import { type ReadyPhoto, say } from './shared-api';

/** Sends a word with its pictures; what could not be sent stays typed, and the same word is tried again. */
export function useSaying(token: string, onDone: () => void) {
  const wordId = useRef(v7());
  const toast = useToast();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (body: OwnerWordBody, photos: readonly ReadyPhoto[]) => {
    setBusy(true);
    try {
      await say(token, wordId.current, body, photos);
      toast({ text: OWNER_PHRASES.sent });
      onDone();
    } catch (error) {
      setProblem(error instanceof Refused ? `${error.reply.message} ${error.reply.remedy}` : OWNER_PHRASES.notSent);
      // what was sent under this id may stand there already: other words are another word
      if (error instanceof Refused && error.reply.code === 'FACT_IMMUTABLE') wordId.current = v7();
    } finally {
      setBusy(false);
    }
  };
  return { send, problem, busy, say: setProblem };
}
