import { type TriedOnVisit, CRITERIA, isRetired } from '@fulcra/core';
import { Body, Small } from '../ui/text';
import { criterionName } from '../words/criterion-words';
import { sitNumber } from '../words/sit-number';
import { VISIT_PHRASES } from '../words/visit-phrases';
import { NamedReason } from './named-reason';
import { type LoadedVisit } from './use-visit-page';

export interface StandForItProps {
  readonly tried: TriedOnVisit;
  readonly note: LoadedVisit['note'];
}

/** A named person stands for a setting that its school refuses; what was refused stays on record beside it. */
export const StandForIt = ({ tried, note }: StandForItProps) => (
  <NamedReason
    label={VISIT_PHRASES.standForIt}
    who={VISIT_PHRASES.whoStands}
    foot={<Small>{VISIT_PHRASES.staysOnRecord}</Small>}
    onSay={async (said) => (await note({ kind: 'refusalOverruled', triedId: tried.id, ...said }, VISIT_PHRASES.stoodFor)) !== null}
  >
    <Body>{VISIT_PHRASES.whatIsRefused(tried.saddleName, tried.widthLabel)}</Body>
    {tried.missed
      .filter((m) => m.stops)
      .map((m) => (
        <Body key={m.id}>
          {criterionName(m.id)}
          {m.value === null || isRetired(m.id) ? '' : `: ${sitNumber(m.id, CRITERIA[m.id].unit, m.value)}`}
        </Body>
      ))}
  </NamedReason>
);
