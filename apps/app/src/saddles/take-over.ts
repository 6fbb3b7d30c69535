import { type Write } from '@fulcra/contract';
import { v7 } from 'uuid';
import { newCheck } from '../tack';
import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type HandedOn } from './stock-file';

/** Puts a saddle of a file into the stock; one that was unsafe where it came from is held here too. @returns false where this device would not keep it */
export async function takeOver(send: (write: Write) => Promise<boolean>, hand: string, { state, ...saddle }: HandedOn): Promise<boolean> {
  const saddleId = v7();
  if (!(await send({ kind: 'saddle', saddleId, body: saddle }))) return false;
  if (state !== 'unsafe') return true;
  const found = [{ point: 'saddleOther' as const, side: null, finding: 'unsafe' as const, note: SADDLES_PHRASES.cameUnsafe }];
  return send({ kind: 'tackCheck', tackCheckId: v7(), body: newCheck({ itemKind: 'saddle', itemId: saddleId }, { hand, found }) });
}
