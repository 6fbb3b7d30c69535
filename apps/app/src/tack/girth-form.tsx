import { GIRTH_ELASTICS, GIRTH_LIMITS_MM, GIRTH_MATERIALS, type GirthFields, daySchema } from '@fulcra/contract';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { useDraftForm } from '../platform/use-draft-form';
import { useSaddles } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { Small } from '../ui/text';
import { TACK_PHRASES } from '../words/tack-phrases';
import { ELASTIC_WORDS, MATERIAL_WORDS } from '../words/tack-words';
import { draftInUnit, readLength, typedLength } from '../words/typed-length';

const typedSchema = z.object({ name: z.string(), length: z.string(), newOn: z.string(), note: z.string() });
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
const { least, most } = GIRTH_LIMITS_MM;
type TypedGirth = Pick<GirthFields, 'name' | 'lengthMm' | 'newOn' | 'note'>;

/** Reads what was typed; nothing typed as a length or a day is nothing known. */
export const girthFormSchema: z.ZodType<TypedGirth, Typed> = typedSchema
  .superRefine(({ name, length, newOn }, context) => {
    const problem = (path: keyof Typed, message: string): void => context.addIssue({ code: 'custom', path: [path], message });
    if (name.trim() === '') problem('name', TACK_PHRASES.needsName);
    const mm = readLength(length);
    if (mm !== null && !(mm >= least && mm <= most)) problem('length', TACK_PHRASES.needsLength(least, most));
    if (newOn.trim() !== '' && !daySchema.safeParse(newOn.trim()).success) problem('newOn', TACK_PHRASES.needsDay);
  })
  .transform(({ name, length, newOn, note }) => ({
    name: name.trim(),
    lengthMm: readLength(length),
    newOn: newOn.trim() === '' ? null : newOn.trim(),
    note,
  }));

const typedOf = (g: GirthFields): Typed => ({ name: g.name, length: typedLength(g.lengthMm), newOn: g.newOn ?? '', note: g.note });
const MATERIALS = GIRTH_MATERIALS.map((value) => ({ value, label: MATERIAL_WORDS[value] }));
const ELASTICS = GIRTH_ELASTICS.map((value) => ({ value, label: ELASTIC_WORDS[value] }));
const NONE = 'none';

export interface GirthFormProps {
  readonly draft: string;
  readonly was: GirthFields | null;
  readonly onDone: (girth: GirthFields) => Promise<boolean>;
}

/** What a girth is made like, and the saddle it goes with. */
export function GirthForm({ draft, was, onDone }: GirthFormProps) {
  const start = was === null ? { name: '', length: '', newOn: '', note: '' } : typedOf(was);
  const { form, forget } = useDraftForm(draftInUnit(draft), DRAFT, start, girthFormSchema);
  const [material, setMaterial] = useState(was?.material ?? 'leather');
  const [elastic, setElastic] = useState(was?.elastic ?? 'none');
  const [saddleId, setSaddleId] = useState(was?.saddleId ?? null);
  const saddles = useSaddles().data ?? [];
  const keep = form.handleSubmit(async (typed) => {
    if (await onDone({ ...typed, material, elastic, saddleId })) forget();
  });
  const { control } = form;
  return (
    <YStack gap="$s">
      <FormField control={control} name="name" label={TACK_PHRASES.name} />
      <FormField control={control} name="length" label={TACK_PHRASES.lengthIn} kind="number" />
      <Small>{TACK_PHRASES.material}</Small>
      <Choice label={TACK_PHRASES.material} value={material} options={MATERIALS} onChange={setMaterial} />
      <Small>{TACK_PHRASES.elastic}</Small>
      <Choice label={TACK_PHRASES.elastic} value={elastic} options={ELASTICS} onChange={setElastic} />
      <FormField control={control} name="newOn" label={TACK_PHRASES.newOn} />
      <Small>{TACK_PHRASES.saddle}</Small>
      <Choice
        label={TACK_PHRASES.saddle}
        value={saddleId ?? NONE}
        options={[{ value: NONE, label: TACK_PHRASES.noSaddle }, ...saddles.map(({ id, name }) => ({ value: id, label: name }))]}
        onChange={(id) => setSaddleId(id === NONE ? null : id)}
      />
      <FormField control={control} name="note" label={TACK_PHRASES.note} lines={2} />
      <Button kind="main" label={was === null ? TACK_PHRASES.keepGirth : TACK_PHRASES.keepChanges} onPress={() => void keep()} />
    </YStack>
  );
}
