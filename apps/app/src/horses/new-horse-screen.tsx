import { HORSES_PHRASES } from '../words/horses-phrases';
import { type HorseFields as Horse } from '@fulcra/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { v7 } from 'uuid';
import { clock } from '../platform/clock';
import { useDraftForm } from '../platform/use-draft-form';
import { useSend } from '../platform/use-send';
import { Button } from '../ui/button';
import { Screen } from '../ui/screen';
import { HorseFields } from './horse-fields';
import { EMPTY_FORM, HORSE_FORM_DRAFT, horseFormSchema } from './horse-form-model';

export function NewHorseScreen() {
  const send = useSend();
  const schema = useMemo(() => horseFormSchema(clock.now().getFullYear()), []);
  const { form, forget } = useDraftForm('new-horse', HORSE_FORM_DRAFT, EMPTY_FORM, schema);
  const save = form.handleSubmit(async (horse: Horse) => {
    const horseId = v7();
    if (!(await send({ kind: 'horse', horseId, body: horse }))) return;
    forget();
    router.replace(`/horses/${horseId}`);
  });
  return (
    <Screen
      narrow
      title={HORSES_PHRASES.aNewHorse}
      note={HORSES_PHRASES.whatYouType}
      onBack={() => router.navigate('/')}
      bottom={<Button grow kind="main" label={HORSES_PHRASES.addThisHorse} onPress={() => void save()} />}
    >
      <HorseFields form={form} />
    </Screen>
  );
}
