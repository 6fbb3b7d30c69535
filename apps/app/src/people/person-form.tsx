import { type ContactFields } from '@fulcra/contract';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { useDraftForm } from '../platform/use-draft-form';
import { Button } from '../ui/button';
import { FormField } from '../ui/form-field';
import { ToggleChip } from '../ui/toggle-chip';
import { PEOPLE_PHRASES } from '../words/people-phrases';

const typedSchema = z.object({ name: z.string(), email: z.string(), phone: z.string(), note: z.string() });
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
export const personFormSchema = z.object({
  name: z.string().trim().min(1, PEOPLE_PHRASES.needsName).max(120),
  email: z.union([z.literal(''), z.email()], PEOPLE_PHRASES.needsEmail),
  phone: z.string().trim().max(60),
  note: z.string(),
});

interface PersonFormProps {
  readonly draft: string;
  readonly was: ContactFields | null;
  readonly onDone: (person: ContactFields) => Promise<boolean>;
}

/** Somebody who isn't of the practice, and whether they agree to be written to. */
export function PersonForm({ draft, was, onDone }: PersonFormProps) {
  const start = was ?? { name: '', email: '', phone: '', note: '' };
  const { form, forget } = useDraftForm<Typed, z.infer<typeof personFormSchema>>(
    draft,
    DRAFT,
    { name: start.name, email: start.email, phone: start.phone, note: start.note },
    personFormSchema,
  );
  const [remind, setRemind] = useState(was?.remind ?? false);
  const keep = form.handleSubmit(async (read) => {
    if (await onDone({ ...read, remind })) forget();
  });
  const { control } = form;
  return (
    <YStack gap="$s">
      <FormField control={control} name="name" label={PEOPLE_PHRASES.name} />
      <FormField control={control} name="email" label={PEOPLE_PHRASES.email} kind="email" />
      <FormField control={control} name="phone" label={PEOPLE_PHRASES.phone} />
      <ToggleChip label={PEOPLE_PHRASES.remind} on={remind} onPress={() => setRemind(!remind)} />
      <FormField control={control} name="note" label={PEOPLE_PHRASES.personNote} lines={2} />
      <Button kind="main" label={PEOPLE_PHRASES.keep} onPress={() => void keep()} />
    </YStack>
  );
}
