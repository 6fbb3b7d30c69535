import { VISIT_REASONS } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, nameSchema, noteSchema } from './basics';

/** Why somebody comes: what the calendar works out, or because it was asked for. */
export const APPOINTMENT_REASONS = [...VISIT_REASONS, 'asked'] as const;
export const APPOINTMENT_STATES = ['planned', 'done', 'cancelled'] as const;

/** Hour and minute as the clock on the yard's wall shows them. */
export const clockTimeSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'is not a time as 09:30');

/** A visit that is planned: civil day and time in the practice's own zone, so that a clock put forward changes nothing. */
export const appointmentFieldsSchema = z.object({
  horseId: idSchema,
  on: daySchema,
  at: clockTimeSchema,
  minutes: z.number().int().min(5).max(720),
  reason: z.enum(APPOINTMENT_REASONS),
  fitter: nameSchema,
  state: z.enum(APPOINTMENT_STATES),
  note: noteSchema,
});
export type AppointmentFields = z.infer<typeof appointmentFieldsSchema>;
export const appointmentWriteSchema = appointmentFieldsSchema.extend({ was: appointmentFieldsSchema.nullish() });
export const appointmentSchema = appointmentFieldsSchema.extend({ id: idSchema });
export type Appointment = z.infer<typeof appointmentSchema>;
