import { INTAKE_PHRASES } from '../words/intake-phrases';
import { useTypedText } from '../platform/use-typed-text';
import { type FactBody } from '@fulcra/contract';
import { COMPLAINTS, COMPLAINT_PLACES, COMPLAINT_TIMES, type ComplaintId } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { ChipGroup, toggled } from '../ui/chip-group';
import { Choice } from '../ui/choice';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small } from '../ui/text';
import { COMPLAINT_WORDS, WHEN_WORDS, WHERE_WORDS } from '../words/intake-words';
import { type LoadedVisit } from '../visit';

type Complaint = Extract<FactBody, { kind: 'complaint' }>;
const SIDES = [
  { value: 'near', label: INTAKE_PHRASES.near },
  { value: 'off', label: INTAKE_PHRASES.off },
] as const;

/** What brings the fitter: tapped from the faults, then where and when if that is known. */
export function Complaints({ loaded: { page, note, withdrawFact } }: { readonly loaded: LoadedVisit }) {
  const [open, setOpen] = useState<ComplaintId | null>(null);
  const said = page.facts.flatMap((f) => (!f.withdrawn && f.body.kind === 'complaint' ? [{ id: f.id, body: f.body }] : []));
  const latest = [...new Map(said.map((s) => [s.body.complaint, s])).values()];
  const press = (complaint: ComplaintId) => {
    const known = latest.some((s) => s.body.complaint === complaint);
    if (!known) void note({ kind: 'complaint', complaint, place: null, side: null, when: [], note: '' });
    else setOpen(complaint);
  };
  const remove = async (complaint: ComplaintId) => {
    for (const s of said.filter((one) => one.body.complaint === complaint)) await withdrawFact(s.id);
    setOpen(null);
  };
  const current = latest.find((s) => s.body.complaint === open)?.body ?? null;
  return (
    <YStack gap="$s">
      <Heading>{INTAKE_PHRASES.whatIsWrong}</Heading>
      <ChipGroup
        label={INTAKE_PHRASES.complaint}
        options={COMPLAINTS}
        words={COMPLAINT_WORDS}
        on={latest.map((s) => s.body.complaint)}
        onPress={press}
      />
      {latest.map(({ id, body }) => (
        <XStack key={id} alignItems="center" borderTopWidth={1} borderColor="$rule">
          <Body flex={1}>{sentence(body)}</Body>
          <Button kind="quiet" label={INTAKE_PHRASES.whereAndWhen(COMPLAINT_WORDS[body.complaint])} onPress={() => setOpen(body.complaint)}>
            <Small textDecorationLine="underline">{INTAKE_PHRASES.whereWhen}</Small>
          </Button>
        </XStack>
      ))}
      <Sheet title={open === null ? '' : COMPLAINT_WORDS[open]} open={open !== null} onClose={() => setOpen(null)}>
        {current === null ? null : (
          <Details
            visitId={page.visit.id}
            complaint={current}
            onChange={(body) => void note(body)}
            onRemove={() => void remove(current.complaint)}
            onDone={() => setOpen(null)}
          />
        )}
      </Sheet>
    </YStack>
  );
}

function sentence({ complaint, side, place, when, note }: Complaint): string {
  const where = [side, place === null ? null : WHERE_WORDS[place]].filter(Boolean).join(' ');
  const rest = [where, when.map((w) => WHEN_WORDS[w]).join(', '), note].filter((part) => part !== '');
  return rest.length === 0 ? COMPLAINT_WORDS[complaint] : `${COMPLAINT_WORDS[complaint]}: ${rest.join('; ')}`;
}

interface DetailsProps {
  readonly visitId: string;
  readonly complaint: Complaint;
  readonly onChange: (body: Complaint) => void;
  readonly onRemove: () => void;
  readonly onDone: () => void;
}

function Details({ visitId, complaint, onChange, onRemove, onDone }: DetailsProps) {
  const { text, of, set, forget } = useTypedText(`complaint-${visitId}-${complaint.complaint}`, complaint.note);
  const done = () => {
    if (text !== of) onChange({ ...complaint, note: text });
    forget();
    onDone();
  };
  return (
    <>
      <Small>{INTAKE_PHRASES.whichSide}</Small>
      <Choice
        label={INTAKE_PHRASES.side}
        value={complaint.side ?? ''}
        options={SIDES}
        onChange={(side) => onChange({ ...complaint, side: complaint.side === side ? null : side })}
      />
      <Small>{INTAKE_PHRASES.where}</Small>
      <Choice
        label={INTAKE_PHRASES.where}
        value={complaint.place ?? ''}
        options={COMPLAINT_PLACES.map((value) => ({ value, label: WHERE_WORDS[value] }))}
        onChange={(place) => onChange({ ...complaint, place: complaint.place === place ? null : place })}
      />
      <Small>{INTAKE_PHRASES.when}</Small>
      <ChipGroup
        label={INTAKE_PHRASES.when}
        options={COMPLAINT_TIMES}
        words={WHEN_WORDS}
        on={complaint.when}
        onPress={(when) => onChange({ ...complaint, when: toggled(complaint.when, when) })}
      />
      <Field label={INTAKE_PHRASES.inTheOwners} lines={2} value={text} onChange={set} />
      <XStack gap="$s">
        <Button grow kind="main" label={INTAKE_PHRASES.done} onPress={done} />
        <Button label={INTAKE_PHRASES.notAComplaint} onPress={onRemove} />
      </XStack>
    </>
  );
}
