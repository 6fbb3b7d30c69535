import { type LeatherFields, LEATHER_LIMITS } from '@fulcra/contract';
import { EYE_TO_TREAD_MM, LEATHER_KINDS, NEW_PAIRS, type LeatherKind } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { useDraftForm } from '../platform/use-draft-form';
import { useRiders, useSaddles } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { Small } from '../ui/text';
import { KIND_WORDS, LEATHERS_PHRASES } from '../words/leathers-phrases';
import { draftInUnit, readLength, readNumber, typedLength } from '../words/typed-length';

/** What is typed about a pair, as typed. */
const typedSchema = z.object({
  name: z.string(),
  spacing: z.string(),
  holes: z.string(),
  firstHole: z.string(),
  newOn: z.string(),
  eyeToTread: z.string(),
  ironWidth: z.string(),
  note: z.string(),
});
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
const empty = (): Typed => ({
  ...{ name: '', holes: '16', firstHole: '1', newOn: '', ironWidth: '', note: '' },
  ...{ spacing: typedLength(NEW_PAIRS[0].spacingMm), eyeToTread: typedLength(EYE_TO_TREAD_MM) },
});
const RANGES = {
  spacing: LEATHER_LIMITS.spacingMm,
  holes: LEATHER_LIMITS.holes,
  firstHole: LEATHER_LIMITS.firstHole,
  eyeToTread: LEATHER_LIMITS.eyeToTreadMm,
  ironWidth: LEATHER_LIMITS.ironWidthMm,
} as const;

type TypedLeather = Omit<LeatherFields, 'kind' | 'riderId' | 'saddleId'>;
const LENGTHS: ReadonlySet<keyof Typed> = new Set(['spacing', 'eyeToTread', 'ironWidth']);
const lengthIn = (text: string): number => readLength(text) ?? Number.NaN;
const numberIn = (text: string): number => readNumber(text) ?? Number.NaN;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** Reads what was typed; nothing typed as a day or an iron's width is nothing known. */
export const leatherFormSchema: z.ZodType<TypedLeather, Typed> = typedSchema
  .superRefine((typed, context) => {
    const problem = (path: keyof Typed, message: string): void => context.addIssue({ code: 'custom', path: [path], message });
    if (typed.name.trim() === '') problem('name', LEATHERS_PHRASES.needsName);
    for (const field of ['spacing', 'holes', 'firstHole', 'eyeToTread', 'ironWidth'] as const) {
      if (field === 'ironWidth' && typed[field].trim() === '') continue;
      const [least, most] = RANGES[field];
      const length = LENGTHS.has(field);
      const value = length ? lengthIn(typed[field]) : numberIn(typed[field]);
      const whole = field === 'holes' || field === 'firstHole';
      if (!(value >= least && value <= most) || (whole && !Number.isInteger(value)))
        problem(field, length ? LEATHERS_PHRASES.needsLength(least, most) : LEATHERS_PHRASES.needsNumber(least, most));
    }
    const day = typed.newOn.trim();
    if (day !== '' && (!DAY.test(day) || Number.isNaN(Date.parse(day)))) problem('newOn', LEATHERS_PHRASES.needsDay);
  })
  .transform((typed) => ({
    name: typed.name.trim(),
    spacingMm: lengthIn(typed.spacing),
    holes: numberIn(typed.holes),
    firstHole: numberIn(typed.firstHole),
    newOn: typed.newOn.trim() === '' ? null : typed.newOn.trim(),
    eyeToTreadMm: lengthIn(typed.eyeToTread),
    ironWidthMm: readLength(typed.ironWidth),
    note: typed.note,
  }));

const typedOf = (l: LeatherFields): Typed => ({
  name: l.name,
  spacing: typedLength(l.spacingMm),
  holes: String(l.holes),
  firstHole: String(l.firstHole),
  newOn: l.newOn ?? '',
  eyeToTread: typedLength(l.eyeToTreadMm),
  ironWidth: typedLength(l.ironWidthMm),
  note: l.note,
});

export interface LeatherFormProps {
  readonly draft: string;
  readonly was: LeatherFields | null;
  readonly onDone: (leather: LeatherFields) => Promise<void>;
}

const KINDS = LEATHER_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }));
const NOBODY = 'nobody';

/** What a pair is made like, and whose it is. */
export function LeatherForm({ draft, was, onDone }: LeatherFormProps) {
  const { form, forget } = useDraftForm(draftInUnit(draft), DRAFT, was === null ? empty() : typedOf(was), leatherFormSchema);
  const { control } = form;
  const [kind, setKind] = useState<LeatherKind>(was?.kind ?? 'looped');
  const [riderId, setRiderId] = useState(was?.riderId ?? null);
  const [saddleId, setSaddleId] = useState(was?.saddleId ?? null);
  const keep = form.handleSubmit(async (typed) => {
    await onDone({ ...typed, kind, riderId, saddleId });
    forget();
  });
  return (
    <YStack gap="$s">
      <FormField control={control} name="name" label={LEATHERS_PHRASES.name} />
      <Choice label={LEATHERS_PHRASES.kind} value={kind} options={KINDS} onChange={setKind} />
      <XStack gap="$s">
        <YStack flex={1}>
          <FormField control={control} name="spacing" label={LEATHERS_PHRASES.spacing} kind="number" />
        </YStack>
        <YStack flex={1}>
          <FormField control={control} name="holes" label={LEATHERS_PHRASES.holes} kind="number" />
        </YStack>
      </XStack>
      <FormField control={control} name="firstHole" label={LEATHERS_PHRASES.firstHole} kind="number" />
      <FormField control={control} name="eyeToTread" label={LEATHERS_PHRASES.eyeToTread} kind="number" />
      <FormField control={control} name="ironWidth" label={LEATHERS_PHRASES.ironWidth} kind="number" />
      <FormField control={control} name="newOn" label={LEATHERS_PHRASES.newOn} />
      <Whose riderId={riderId} saddleId={saddleId} onRider={setRiderId} onSaddle={setSaddleId} />
      <FormField control={control} name="note" label={LEATHERS_PHRASES.note} lines={2} />
      <Button kind="main" label={was === null ? LEATHERS_PHRASES.keepPair : LEATHERS_PHRASES.keepChanges} onPress={() => void keep()} />
    </YStack>
  );
}

interface WhoseProps {
  readonly riderId: string | null;
  readonly saddleId: string | null;
  readonly onRider: (id: string | null) => void;
  readonly onSaddle: (id: string | null) => void;
}

function Whose({ riderId, saddleId, onRider, onSaddle }: WhoseProps) {
  const riders = useRiders().data ?? [];
  const saddles = useSaddles().data ?? [];
  const options = (list: readonly { readonly id: string; readonly name: string }[], none: string) => [
    { value: NOBODY, label: none },
    ...list.map(({ id, name }) => ({ value: id, label: name })),
  ];
  return (
    <>
      <Small>{LEATHERS_PHRASES.rider}</Small>
      <Choice
        label={LEATHERS_PHRASES.rider}
        value={riderId ?? NOBODY}
        options={options(riders, LEATHERS_PHRASES.nobodys)}
        onChange={(id) => onRider(id === NOBODY ? null : id)}
      />
      <Small>{LEATHERS_PHRASES.saddle}</Small>
      <Choice
        label={LEATHERS_PHRASES.saddle}
        value={saddleId ?? NOBODY}
        options={options(saddles, LEATHERS_PHRASES.onNone)}
        onChange={(id) => onSaddle(id === NOBODY ? null : id)}
      />
    </>
  );
}
