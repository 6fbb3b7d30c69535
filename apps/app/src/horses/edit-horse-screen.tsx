import { HORSES_PHRASES } from '../words/horses-phrases';
import { type HorseHistory } from '@fulcra/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { XStack } from 'tamagui';
import { PutAway } from '../bin';
import { clock } from '../platform/clock';
import { useDraftForm } from '../platform/use-draft-form';
import { useSend } from '../platform/use-send';
import { useHorse } from '../platform/use-views';
import { Button } from '../ui/button';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { HorseFields } from './horse-fields';
import { HORSE_FORM_DRAFT, asItWasWhereUntouched, formOf, horseFormSchema } from './horse-form-model';

export function EditHorseScreen({ horseId }: { readonly horseId: string }) {
  const { data, problem } = useHorse(horseId);
  return data === null ? <LoadState problem={problem} /> : <EditForm horse={data.horse} />;
}

function EditForm({ horse }: { readonly horse: HorseHistory['horse'] }) {
  const send = useSend();
  const year = clock.now().getFullYear();
  const { id: horseId, ...fields } = horse;
  const schema = useMemo(() => horseFormSchema(year), [year]);
  const { form, forget } = useDraftForm(`horse-change-${horseId}`, HORSE_FORM_DRAFT, formOf(fields, year), schema);
  const back = () => router.replace(`/horses/${horse.id}`);
  const save = form.handleSubmit(async (read) => {
    const typed = form.getValues();
    const was = typed.was ?? fields;
    if (!(await send({ kind: 'horse', horseId, body: { ...asItWasWhereUntouched(read, typed, was, year), was } }))) return;
    forget();
    back();
  });
  return (
    <Screen
      narrow
      title={horse.name}
      note={HORSES_PHRASES.changeWhatIs}
      onBack={back}
      bottom={<Button grow kind="main" label={HORSES_PHRASES.keepTheChanges} onPress={() => void save()} />}
    >
      <HorseFields form={form} />
      <XStack>
        <PutAway thing={{ kind: 'horse', id: horse.id, name: horse.name }} onGone={() => router.replace('/')} />
      </XStack>
    </Screen>
  );
}
