import { SECTION_PHRASES } from '../words/section-phrases';
import { type Station, type StationMeasurement } from '@fulcra/core';
import { type TakeWrite } from '@fulcra/contract';
import { v7 } from 'uuid';
import { momentNow } from '../platform/clock';
import { useSend } from '../platform/use-send';
import { useToast } from '../ui/toast';

/** Keeping and withdrawing takes of one station. */
export function useTakeWrites(visitId: string, station: Station, measurement: StationMeasurement) {
  const send = useSend();
  const toast = useToast();
  const setWithdrawn = (takeId: string, withdrawn: boolean) => void send({ kind: 'withdrawal', visitId, takeId, body: { withdrawn } });
  const withdraw = (id: string) => {
    const take = measurement.takes.find((t) => t.id === id);
    if (take === undefined) return;
    setWithdrawn(id, true);
    toast({ text: SECTION_PHRASES.takeWithdrawn(take.number), undo: () => setWithdrawn(id, false) });
  };
  const keep = (reading: TakeWrite['reading'], takenAtMm: number): Promise<boolean> =>
    send({ kind: 'take', visitId, takeId: v7(), body: { station, takenAtMm, takenAt: momentNow(), reading } });
  const withdrawLast = () => {
    const last = measurement.takes.at(-1);
    if (last !== undefined) withdraw(last.id);
  };
  return { keep, withdraw, withdrawLast };
}
