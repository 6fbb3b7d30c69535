import { type OwnSchool } from '@fulcra/core';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { usePracticeSettings } from '../platform/use-views';
import { withSchool } from './own-schools';

/** Keeps an own school with the practice's settings; all devices judge by it once they have heard. */
export function useKeepSchool(): (school: OwnSchool) => Promise<boolean> {
  const { session } = useSession();
  const was = usePracticeSettings();
  const send = useSend();
  return (school) => {
    const schools = withSchool(was.schools, school) as typeof was.schools;
    return send({ kind: 'practiceSettings', practiceId: session.practice.id, body: { ...was, schools, was } });
  };
}
