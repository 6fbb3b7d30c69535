import { type OrderFields, daySchema } from '@fulcra/contract';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { useDraftForm } from '../platform/use-draft-form';
import { useContacts } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { Small } from '../ui/text';
import { ORDER_PHRASES } from '../words/order-phrases';

const typedSchema = z.object({ title: z.string(), dueOn: z.string(), lines: z.string(), note: z.string() });
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
type Read = Pick<OrderFields, 'title' | 'dueOn' | 'lines' | 'note'>;

/** A line as "what: value"; without a colon it is all what. */
const lineIn = (text: string): OrderFields['lines'][number] => {
  const at = text.indexOf(':');
  return at < 0 ? { what: text.trim(), value: '' } : { what: text.slice(0, at).trim() || text.trim(), value: text.slice(at + 1).trim() };
};
export const lineWords = ({ what, value }: OrderFields['lines'][number]): string => (value === '' ? what : `${what}: ${value}`);

/** Reads what was typed of an order. */
export const orderFormSchema: z.ZodType<Read, Typed> = typedSchema
  .superRefine((typed, context) => {
    if (typed.title.trim() === '') context.addIssue({ code: 'custom', path: ['title'], message: ORDER_PHRASES.needsTitle });
    if (typed.dueOn.trim() !== '' && !daySchema.safeParse(typed.dueOn.trim()).success)
      context.addIssue({ code: 'custom', path: ['dueOn'], message: ORDER_PHRASES.needsDay });
  })
  .transform((typed) => ({
    title: typed.title.trim(),
    dueOn: typed.dueOn.trim() === '' ? null : typed.dueOn.trim(),
    lines: typed.lines
      .split('\n')
      .filter((l) => l.trim() !== '')
      .map(lineIn),
    note: typed.note,
  }));

const NOBODY = 'nobody';

interface OrderFormProps {
  readonly draft: string;
  readonly was: OrderFields;
  readonly onDone: (change: Partial<OrderFields>) => Promise<boolean>;
}

/** What is to be done, by whom and by when. */
export function OrderForm({ draft, was, onDone }: OrderFormProps) {
  const start: Typed = { title: was.title, dueOn: was.dueOn ?? '', lines: was.lines.map(lineWords).join('\n'), note: was.note };
  const { form, forget } = useDraftForm(draft, DRAFT, start, orderFormSchema);
  const contacts = useContacts().data ?? [];
  const [contactId, setContactId] = useState(was.contactId);
  const keep = form.handleSubmit(async (read) => {
    if (await onDone({ ...read, contactId })) forget();
  });
  const { control } = form;
  return (
    <YStack gap="$s">
      <FormField control={control} name="title" label={ORDER_PHRASES.title} />
      <FormField control={control} name="lines" label={ORDER_PHRASES.whatToDo} lines={6} />
      <Small>{ORDER_PHRASES.bench}</Small>
      <Choice
        label={ORDER_PHRASES.bench}
        value={contactId ?? NOBODY}
        options={[{ value: NOBODY, label: ORDER_PHRASES.nobody }, ...contacts.map((c) => ({ value: c.id, label: c.name }))]}
        onChange={(id) => setContactId(id === NOBODY ? null : id)}
      />
      <FormField control={control} name="dueOn" label={ORDER_PHRASES.dueOn} />
      <FormField control={control} name="note" label={ORDER_PHRASES.noteFor} lines={3} />
      <Button kind="main" label={ORDER_PHRASES.keep} onPress={() => void keep()} />
    </YStack>
  );
}
