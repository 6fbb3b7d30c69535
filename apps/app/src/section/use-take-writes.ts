import { SECTION_PHRASES } from '../words/section-phrases';
import { type Station, type StationMeasurement } from '@fulcra/core';
import { type TakeWrite } from '@fulcra/contract';
import { v7 } from 'uuid';
import { momentNow } from '../platform/clock';
import { type History } from '../platform/use-history';
import { useSend } from '../platform/use-send';
import { useToast } from '../ui/toast';

/** What goes with a kept take where nothing was being entered. */
export const UNDRAFTED = { back: () => undefined, clear: () => undefined };

/** Keeping, withdrawing and putting back takes of one station; each is an entry of the screen's history. */
export function useTakeWrites(visitId: string, station: Station, measurement: StationMeasurement, history: History) {
  const send = useSend();
  const toast = useToast();
  const setWithdrawn = (takeId: string, withdrawn: boolean) => void send({ kind: 'withdrawal', visitId, takeId, body: { withdrawn } });
  const change = (id: string, withdrawn: boolean): void => {
    const number = numberOf(measurement, id);
    setWithdrawn(id, withdrawn);
    toast({ text: withdrawn ? SECTION_PHRASES.takeWithdrawn(number) : SECTION_PHRASES.takeBack(number) });
    history.did({
      words: withdrawn ? SECTION_PHRASES.withdrawing(number) : SECTION_PHRASES.puttingBack(number),
      undo: () => setWithdrawn(id, !withdrawn),
      redo: () => setWithdrawn(id, withdrawn),
    });
  };
  /** @param draft what goes with it: what was being entered is there again when the take is taken back */
  const keep = async (
    reading: TakeWrite['reading'],
    takenAtMm: number,
    draft: { readonly back: () => void; readonly clear: () => void },
  ): Promise<boolean> => {
    const takeId = v7();
    const number = measurement.everTaken + 1;
    if (!(await send({ kind: 'take', visitId, takeId, body: { station, takenAtMm, takenAt: momentNow(), reading } }))) return false;
    const again = (withdrawn: boolean, then: () => void) => () => {
      setWithdrawn(takeId, withdrawn);
      then();
    };
    history.did({ words: SECTION_PHRASES.keeping(number), undo: again(true, draft.back), redo: again(false, draft.clear) });
    return true;
  };
  return { keep, withdraw: (id: string) => change(id, true), putBack: (id: string) => change(id, false) };
}

const numberOf = ({ takes, withdrawn }: StationMeasurement, id: string): number =>
  [...takes, ...withdrawn].find((t) => t.id === id)?.number ?? 0;
