import { MARK } from '../ui/banner';
import { Small } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { type PlannedStop } from './day-plan';

/** Said, not refused: two horses of one yard are often planned for one hour. */
export const Clash = ({ with: other, yardId }: { readonly with: PlannedStop; readonly yardId: string | null }) => (
  <Small color="$bad">
    {MARK.bad}{' '}
    {CALENDAR_PHRASES.clash(other.horseName, other.appointment.at, other.yard && other.yard.id !== yardId ? other.yard.name : null)}
  </Small>
);
