import { type AppointmentFields } from '@fulcra/contract';
import { YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { Sheet } from '../ui/sheet';
import { Body } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { REASON_WORDS } from '../words/due-words';
import { AppointmentForm } from './appointment-form';
import { usePlanning } from './use-calendar';

const MINUTES = 60;

/** A visit to be planned: to which horse, why, and from which day on. */
export interface ToPlan extends Pick<AppointmentFields, 'horseId' | 'reason'> {
  readonly horseName: string;
  readonly on: string;
  /** What the owner wrote of it. */
  readonly note?: string;
}

/** Planning one visit; closed while there is none to plan. */
export function PlanSheet({ of, onClose }: { readonly of: ToPlan | null; readonly onClose: () => void }) {
  const { session } = useSession();
  const { plan } = usePlanning();
  const today = dayNow();
  return (
    <Sheet title={of === null ? '' : CALENDAR_PHRASES.planFor(of.horseName)} open={of !== null} onClose={onClose}>
      {of === null ? null : (
        <YStack gap="$s">
          <Body>{REASON_WORDS[of.reason]}</Body>
          <AppointmentForm
            draft={`plan-${of.horseId}`}
            horseId={of.horseId}
            start={{ on: of.on < today ? today : of.on, at: '09:00', minutes: MINUTES, fitter: session.person.name, note: of.note ?? '' }}
            label={CALENDAR_PHRASES.keepPlan}
            onDone={async (typed) => {
              const kept = await plan({ ...typed, horseId: of.horseId, reason: of.reason, state: 'planned' });
              if (kept) onClose();
              return kept;
            }}
          />
        </YStack>
      )}
    </Sheet>
  );
}
