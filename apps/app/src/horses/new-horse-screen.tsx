import { router } from 'expo-router';
import { useState } from 'react';
import { v7 } from 'uuid';
import { useSend } from '../platform/use-send';
import { Button } from '../ui/button';
import { Screen } from '../ui/screen';
import { useDraft } from '../platform/use-draft';
import { HorseFields } from './horse-fields';
import { EMPTY_FORM, HORSE_FORM_DRAFT, type FormProblems, readHorseForm } from './horse-form-model';

export function NewHorseScreen() {
  const send = useSend();
  const [form, setForm, forget] = useDraft('new-horse', HORSE_FORM_DRAFT, EMPTY_FORM);
  const [problems, setProblems] = useState<FormProblems>({});
  const save = async () => {
    const read = readHorseForm(form, new Date().getFullYear());
    setProblems(read.problems);
    if (read.horse === null) return;
    const horseId = v7();
    if (!(await send({ kind: 'horse', horseId, body: read.horse }))) return;
    forget();
    router.replace(`/horses/${horseId}`);
  };
  return (
    <Screen
      narrow
      title="A new horse"
      note="What you type is kept on this device as you go."
      onBack={() => router.navigate('/')}
      bottom={<Button grow kind="main" label="Add this horse" onPress={() => void save()} />}
    >
      <HorseFields form={form} problems={problems} onChange={setForm} />
    </Screen>
  );
}
