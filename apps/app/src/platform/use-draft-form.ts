import { useEffect } from 'react';
import { type DefaultValues, type FieldValues, type UseFormReturn, useForm } from 'react-hook-form';
import { type z } from 'zod';
import { type DraftSpec } from './draft';
import { type Issue, asWritten, formResolver } from './form-resolver';
import { useDraft } from './use-draft';

export interface DraftForm<Typed extends FieldValues, Read> {
  readonly form: UseFormReturn<Typed, unknown, Read>;
  /** Once it has been entered, what was half entered is forgotten. */
  readonly forget: () => void;
}

/**
 * A form whose every keystroke is kept in this browser. What is typed is read by its schema when it is handed in;
 * problems stand at their fields, the first of them gets the focus, and each goes as soon as it is mended.
 * @param schema reads what is typed (`Typed`) into what is meant (`Read`)
 * @param words of each issue, where the schema's messages aren't whole sentences
 */
export function useDraftForm<Typed extends FieldValues, Read>(
  key: string,
  spec: DraftSpec<Typed>,
  start: Typed,
  schema: z.ZodType<Read, Typed>,
  words: (issue: Issue) => string = asWritten,
): DraftForm<Typed, Read> {
  const [draft, keep, forget] = useDraft(key, spec, start);
  const form = useForm<Typed, unknown, Read>({
    defaultValues: draft as DefaultValues<Typed>,
    resolver: formResolver(schema, words),
    reValidateMode: 'onChange',
  });
  const { subscribe } = form;
  useEffect(() => subscribe({ formState: { values: true }, callback: ({ values }) => keep(values) }), [subscribe, keep]);
  return { form, forget };
}
