import { type Appointment, type AppointmentFields } from '@fulcra/contract';
import { v7 } from 'uuid';
import { useMemo } from 'react';
import { useSend } from '../platform/use-send';
import { useAppointments, useDue, useYard, useYards } from '../platform/use-views';
import { useToast } from '../ui/toast';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { dayPlans } from './day-plan';

/** What is planned, with the horses and yards it is at. */
export function useDayPlans() {
  const appointments = useAppointments().data;
  const horses = useYard('', 'name').data;
  const due = useDue('rarely').data;
  const yards = useYards().data;
  return useMemo(() => {
    // the yard is fetched page by page; whoever is due is known by name all the same
    const alsoDue = (due ?? []).map((d) => ({ horse: { id: d.horseId, name: d.horseName, yardId: d.yardId } }));
    return dayPlans(appointments ?? [], [...(horses ?? []), ...alsoDue], yards ?? []);
  }, [appointments, horses, due, yards]);
}

/** Planning, changing and calling off. */
export function usePlanning() {
  const send = useSend();
  const toast = useToast();
  const put = (appointmentId: string, body: AppointmentFields, was?: AppointmentFields) =>
    send({ kind: 'appointment', appointmentId, body: { ...body, ...(was && { was }) } });
  return {
    plan: async (fields: AppointmentFields): Promise<boolean> => {
      const kept = await put(v7(), fields);
      if (kept) toast({ text: CALENDAR_PHRASES.planKept });
      return kept;
    },
    change: async ({ id, ...was }: Appointment, fields: Partial<AppointmentFields>): Promise<boolean> => {
      const next = { ...was, ...fields };
      const kept = await put(id, next, was);
      if (kept && fields.state === 'cancelled') toast({ text: CALENDAR_PHRASES.cancelled, undo: () => void put(id, was, next) });
      return kept;
    },
  };
}
