import { type Appointment, type AppointmentFields, clockTimeSchema, daySchema } from '@fulcra/contract';
import { type Control, useWatch } from 'react-hook-form';
import { XStack, YStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { useDraftForm } from '../platform/use-draft-form';
import { Button } from '../ui/button';
import { FormField } from '../ui/form-field';
import { useYard } from '../platform/use-views';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { Clash } from './clash';
import { clashes } from './day-plan';
import { useDayPlans } from './use-calendar';

const typedSchema = z.object({ on: z.string(), at: z.string(), minutes: z.string(), fitter: z.string(), note: z.string() });
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
type PlannedTyped = Pick<AppointmentFields, 'on' | 'at' | 'minutes' | 'fitter' | 'note'>;

/** Reads what was typed of a visit that is planned. */
export const appointmentFormSchema: z.ZodType<PlannedTyped, Typed> = typedSchema
  .superRefine((typed, context) => {
    const problem = (path: keyof Typed, message: string): void => context.addIssue({ code: 'custom', path: [path], message });
    if (!daySchema.safeParse(typed.on.trim()).success) problem('on', CALENDAR_PHRASES.needsDay);
    if (!clockTimeSchema.safeParse(typed.at.trim()).success) problem('at', CALENDAR_PHRASES.needsTime);
    const minutes = Number(typed.minutes);
    if (!Number.isInteger(minutes) || minutes < 5 || minutes > 720) problem('minutes', CALENDAR_PHRASES.needsMinutes);
    if (typed.fitter.trim() === '') problem('fitter', CALENDAR_PHRASES.needsFitter);
  })
  .transform(({ on, at, minutes, fitter, note }) => ({
    on: on.trim(),
    at: at.trim(),
    minutes: Number(minutes),
    fitter: fitter.trim(),
    note,
  }));

interface FormProps {
  readonly draft: string;
  readonly start: PlannedTyped | Appointment;
  readonly label: string;
  /** The horse it is to, so that it isn't held against itself, and where it stands. */
  readonly horseId: string;
  readonly onDone: (typed: PlannedTyped) => Promise<boolean>;
}

/** What else the same person has planned for that time, as it is typed. */
function Clashes({ control, horseId }: { readonly control: Control<Typed, unknown, PlannedTyped>; readonly horseId: string }) {
  const { on, at, minutes, fitter } = useWatch({ control });
  const plans = useDayPlans();
  const stops = plans.find((p) => p.on === on?.trim())?.stops ?? [];
  const own = useYard('', 'name').data?.find((h) => h.horse.id === horseId)?.horse.yardId ?? null;
  const timed = { on: on?.trim() ?? '', at: at?.trim() ?? '', minutes: Number(minutes), fitter: fitter ?? '' };
  if (!clockTimeSchema.safeParse(timed.at).success || !Number.isFinite(timed.minutes)) return null;
  return stops
    .filter((s) => s.appointment.horseId !== horseId && clashes(s.appointment, timed))
    .map((s) => <Clash key={s.appointment.id} with={s} yardId={own} />);
}

/** Day, hour and how long; the hour is the one on the yard's own clock. */
export function AppointmentForm({ draft, start, label, horseId, onDone }: FormProps) {
  const typed: Typed = { on: start.on, at: start.at, minutes: String(start.minutes), fitter: start.fitter, note: start.note };
  const { form, forget } = useDraftForm(draft, DRAFT, typed, appointmentFormSchema);
  const keep = form.handleSubmit(async (read) => {
    if (await onDone(read)) forget();
  });
  const { control } = form;
  return (
    <YStack gap="$s">
      <FormField control={control} name="on" label={CALENDAR_PHRASES.day} />
      <XStack gap="$s">
        <YStack flex={1}>
          <FormField control={control} name="at" label={CALENDAR_PHRASES.time} />
        </YStack>
        <YStack flex={1}>
          <FormField control={control} name="minutes" label={CALENDAR_PHRASES.minutes} kind="number" />
        </YStack>
      </XStack>
      <Clashes control={control} horseId={horseId} />
      <FormField control={control} name="fitter" label={CALENDAR_PHRASES.fitter} />
      <FormField control={control} name="note" label={CALENDAR_PHRASES.noteFor} lines={2} />
      <Button kind="main" label={label} onPress={() => void keep()} />
    </YStack>
  );
}
