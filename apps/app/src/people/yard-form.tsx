import { type YardFields, placeSchema } from '@fulcra/contract';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { useDraftForm } from '../platform/use-draft-form';
import { useContacts } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { Small } from '../ui/text';
import { PEOPLE_PHRASES } from '../words/people-phrases';
import { readNumber } from '../words/typed-length';

const typedSchema = z.object({ name: z.string(), address: z.string(), lat: z.string(), lon: z.string(), note: z.string() });
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
type TypedYard = Omit<YardFields, 'contactId'>;

const degreesIn = (text: string): number => readNumber(text) ?? Number.NaN;
const placeIn = ({ lat, lon }: Typed): YardFields['place'] | 'unread' => {
  if (lat.trim() === '' && lon.trim() === '') return null;
  const read = placeSchema.safeParse({ lat: degreesIn(lat), lon: degreesIn(lon) });
  return read.success ? read.data : 'unread';
};

/** Reads what was typed; a place is both numbers or none. */
export const yardFormSchema: z.ZodType<TypedYard, Typed> = typedSchema
  .superRefine((typed, context) => {
    if (typed.name.trim() === '') context.addIssue({ code: 'custom', path: ['name'], message: PEOPLE_PHRASES.needsName });
    if (placeIn(typed) === 'unread') context.addIssue({ code: 'custom', path: ['lat'], message: PEOPLE_PHRASES.needsPlace });
  })
  .transform((typed) => ({
    name: typed.name.trim(),
    address: typed.address.trim(),
    place: placeIn(typed) as YardFields['place'],
    note: typed.note,
  }));

const typedOf = (y: YardFields | null): Typed => ({
  name: y?.name ?? '',
  address: y?.address ?? '',
  lat: String(y?.place?.lat ?? ''),
  lon: String(y?.place?.lon ?? ''),
  note: y?.note ?? '',
});
const NOBODY = 'nobody';

interface YardFormProps {
  readonly draft: string;
  readonly was: YardFields | null;
  readonly onDone: (yard: YardFields) => Promise<boolean>;
}

/** Where horses stand; its place puts it into the order of a day's road. */
export function YardForm({ draft, was, onDone }: YardFormProps) {
  const { form, forget } = useDraftForm(draft, DRAFT, typedOf(was), yardFormSchema);
  const contacts = useContacts().data ?? [];
  const [contactId, setContactId] = useState(was?.contactId ?? null);
  const [problem, setProblem] = useState<string | null>(null);
  const here = () =>
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        form.setValue('lat', coords.latitude.toFixed(5));
        form.setValue('lon', coords.longitude.toFixed(5));
        setProblem(null);
      },
      () => setProblem(PEOPLE_PHRASES.hereFailed),
    );
  const keep = form.handleSubmit(async (read) => {
    if (await onDone({ ...read, contactId })) forget();
  });
  const { control } = form;
  return (
    <YStack gap="$s">
      <FormField control={control} name="name" label={PEOPLE_PHRASES.name} />
      <FormField control={control} name="address" label={PEOPLE_PHRASES.address} lines={2} />
      <XStack gap="$s">
        <YStack flex={1}>
          <FormField control={control} name="lat" label={PEOPLE_PHRASES.lat} kind="number" />
        </YStack>
        <YStack flex={1}>
          <FormField control={control} name="lon" label={PEOPLE_PHRASES.lon} kind="number" />
        </YStack>
      </XStack>
      <Button kind="quiet" label={PEOPLE_PHRASES.here} onPress={here} />
      {problem === null ? null : <Banner tone="lookOut">{problem}</Banner>}
      <Small>{PEOPLE_PHRASES.contact}</Small>
      <Choice
        label={PEOPLE_PHRASES.contact}
        value={contactId ?? NOBODY}
        options={[{ value: NOBODY, label: PEOPLE_PHRASES.nobody }, ...contacts.map((c) => ({ value: c.id, label: c.name }))]}
        onChange={(id) => setContactId(id === NOBODY ? null : id)}
      />
      <FormField control={control} name="note" label={PEOPLE_PHRASES.personNote} lines={2} />
      <Button kind="main" label={PEOPLE_PHRASES.keep} onPress={() => void keep()} />
    </YStack>
  );
}
