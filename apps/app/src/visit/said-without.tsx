import { Body } from '../ui/text';
import { VISIT_PHRASES } from '../words/visit-phrases';
import { NamedReason } from './named-reason';
import { type LoadedVisit } from './use-visit-page';

/** A named person says why a horse may be ridden though nothing was measured, felt or decided at the visit. */
export const SaidWithout = ({ note }: Pick<LoadedVisit, 'note'>) => (
  <NamedReason
    label={VISIT_PHRASES.sayWithout}
    who={VISIT_PHRASES.whoSays}
    onSay={async (said) => (await note({ kind: 'saidWithout', ...said }, VISIT_PHRASES.saidWithout)) !== null}
  >
    <Body>{VISIT_PHRASES.sayWithoutMeans}</Body>
  </NamedReason>
);
