import { OWNER_CHANGES } from '@fulcra/contract';
import { useState } from 'react';
import { XStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../../platform/draft';
import { useDraft } from '../../platform/use-draft';
import { Banner } from '../../ui/banner';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Screen } from '../../ui/screen';
import { ToggleChip } from '../../ui/toggle-chip';
import { OWNER_PHRASES } from '../../words/owner-phrases';
import { OWNER_CHANGE_WORDS } from '../../words/report-words';
import { PhotoPicker } from './photo-picker';
import { type ReadyPhoto } from './shared-api';
import { useSaying } from './use-saying';

export interface SayProps {
  readonly token: string;
  readonly onBack: () => void;
  readonly onDone: () => void;
}

type Change = (typeof OWNER_CHANGES)[number];
const CHANGED: DraftSpec<{ what: Change[]; note: string }> = {
  version: 1,
  schema: z.object({ what: z.array(z.enum(OWNER_CHANGES)), note: z.string() }),
};

/** What an owner notices between visits. */
export function ChangedForm({ token, onBack, onDone }: SayProps) {
  const [typed, put, forget] = useDraft(`owner-changed-${token}`, CHANGED, { what: [], note: '' });
  const [photos, setPhotos] = useState<readonly ReadyPhoto[]>([]);
  const saying = useSaying(token, () => {
    forget();
    onDone();
  });
  const toggle = (c: Change) => put({ ...typed, what: typed.what.includes(c) ? typed.what.filter((w) => w !== c) : [...typed.what, c] });
  const send = () =>
    typed.what.length === 0
      ? saying.say(OWNER_PHRASES.needsChange)
      : void saying.send({ kind: 'changed', what: typed.what, note: typed.note.trim() }, photos);
  return (
    <Screen
      narrow
      title={OWNER_PHRASES.whatChanged}
      onBack={onBack}
      bottom={<Button grow kind="main" label={OWNER_PHRASES.send} off={saying.busy} onPress={send} />}
    >
      <XStack flexWrap="wrap" gap="$s" role="group" aria-label={OWNER_PHRASES.whatChanged}>
        {OWNER_CHANGES.map((c) => (
          <ToggleChip key={c} label={OWNER_CHANGE_WORDS[c]} on={typed.what.includes(c)} onPress={() => toggle(c)} />
        ))}
      </XStack>
      <Field label={OWNER_PHRASES.tellMore} value={typed.note} lines={3} onChange={(note) => put({ ...typed, note })} />
      <PhotoPicker label={OWNER_PHRASES.photo} view="detail" photos={photos} onPhotos={setPhotos} onProblem={saying.say} />
      {saying.problem === null ? null : <Banner tone="bad">{saying.problem}</Banner>}
    </Screen>
  );
}

const ASK: DraftSpec<{ when: string; note: string }> = { version: 1, schema: z.object({ when: z.string(), note: z.string() }) };

/** Asks the practice for a visit. */
export function AskForm({ token, onBack, onDone }: SayProps) {
  const [typed, put, forget] = useDraft(`owner-ask-${token}`, ASK, { when: '', note: '' });
  const saying = useSaying(token, () => {
    forget();
    onDone();
  });
  const send = () => void saying.send({ kind: 'asksVisit', when: typed.when.trim(), note: typed.note.trim() }, []);
  return (
    <Screen
      narrow
      title={OWNER_PHRASES.ask}
      onBack={onBack}
      bottom={<Button grow kind="main" label={OWNER_PHRASES.send} off={saying.busy} onPress={send} />}
    >
      <Field label={OWNER_PHRASES.whenSuits} value={typed.when} onChange={(when) => put({ ...typed, when })} />
      <Field label={OWNER_PHRASES.tellMore} value={typed.note} lines={3} onChange={(note) => put({ ...typed, note })} />
      {saying.problem === null ? null : <Banner tone="bad">{saying.problem}</Banner>}
    </Screen>
  );
}
