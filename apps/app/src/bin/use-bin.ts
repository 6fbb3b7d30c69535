import { type Binned, type BinnedFields, type BinnedKind, BIN_DAYS } from '@fulcra/contract';
import { addDays, isAfter, parseISO } from 'date-fns';
import { clock, momentNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { useBinned } from '../platform/use-views';
import { useToast } from '../ui/toast';
import { BIN_PHRASES } from '../words/bin-phrases';

export interface Thing {
  readonly kind: BinnedKind;
  readonly id: string;
  readonly name: string;
}

/** The last day on which it can be put back. */
export const lastDay = ({ at }: Pick<Binned, 'at'>): Date => addDays(parseISO(at), BIN_DAYS);

/** What can still be put back, the newest first. */
export const inBin = (all: readonly Binned[], now: Date): Binned[] =>
  all.filter((b) => !b.restored && isAfter(lastDay(b), now)).sort((a, b) => (a.at < b.at ? 1 : -1));

const fieldsOf = ({ id: _, ...fields }: Binned): BinnedFields => fields;

/** Putting away and putting back; each can be undone at once. */
export function useBin() {
  const send = useSend();
  const toast = useToast();
  const { session } = useSession();
  const { data } = useBinned();
  const write = ({ id, kind, name }: Thing, restored: boolean): Promise<boolean> => {
    const before = data?.find((b) => b.id === id);
    const body = { kind, name, at: momentNow(), by: session.person.name, restored };
    return send({ kind: 'binned', binnedId: id, body: { ...body, ...(before !== undefined && { was: fieldsOf(before) }) } });
  };
  return {
    entries: inBin(data ?? [], clock.now()),
    putAway: async (thing: Thing): Promise<boolean> => {
      const kept = await write(thing, false);
      if (kept) toast({ text: BIN_PHRASES.isAway(thing.name, BIN_DAYS), undo: () => void write(thing, true) });
      return kept;
    },
    putBack: async (thing: Thing): Promise<boolean> => {
      const kept = await write(thing, true);
      if (kept) toast({ text: BIN_PHRASES.isBack(thing.name) });
      return kept;
    },
  };
}
