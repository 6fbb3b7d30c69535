import { z } from 'zod';
import { type HorseHistory, horseFieldsSchema } from '@fulcra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { useSend } from '../platform/use-send';
import { useHorse } from '../platform/use-views';
import { Button } from '../ui/button';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { useDraft } from '../platform/use-draft';
import { HorseFields } from './horse-fields';
import { type FormProblems, type HorseForm, formOf, readHorseForm, HORSE_FORM_DRAFT } from './horse-form-model';

export function EditHorseScreen({ horseId }: { readonly horseId: string }) {
  const { data, problem } = useHorse(horseId);
  return data === null ? <LoadState problem={problem} /> : <EditForm horse={data.horse} />;
}

const CHANGE_DRAFT = { version: 1, schema: z.object({ form: HORSE_FORM_DRAFT.schema, was: horseFieldsSchema }) };

function EditForm({ horse }: { readonly horse: HorseHistory['horse'] }) {
  const send = useSend();
  const year = new Date().getFullYear();
  const { id: horseId, ...fields } = horse;
  const [{ form, was }, setDraft, forget] = useDraft(`horse-change-${horseId}`, CHANGE_DRAFT, { form: formOf(horse, year), was: fields });
  const [problems, setProblems] = useState<FormProblems>({});
  const back = () => router.replace(`/horses/${horse.id}`);
  const save = async () => {
    const read = readHorseForm(form, year);
    setProblems(read.problems);
    if (read.horse === null) return;
    if (!(await send({ kind: 'horse', horseId, body: { ...asItWasWhereUntouched(read.horse, form, was, year), was } }))) return;
    forget();
    back();
  };
  return (
    <Screen
      narrow
      title={horse.name}
      note="Change what is known"
      onBack={back}
      bottom={<Button grow kind="main" label="Keep the changes" onPress={() => void save()} />}
    >
      <HorseFields form={form} problems={problems} onChange={(next) => setDraft({ form: next, was })} />
    </Screen>
  );
}

type Fields = Omit<HorseHistory['horse'], 'id'>;

/** Hands and years round; what wasn't touched goes back exactly as it was, so that it is no change. */
function asItWasWhereUntouched(read: Fields, form: HorseForm, was: Fields, year: number): Fields {
  const before = formOf(was, year);
  const sameHeight = form.height === before.height && form.heightUnit === before.heightUnit;
  return { ...read, ...(sameHeight && { heightMm: was.heightMm }), ...(form.age === before.age && { bornYear: was.bornYear }) };
}
