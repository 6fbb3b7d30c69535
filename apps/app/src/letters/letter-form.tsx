import { type LetterFile, type NewMail, mailSchema, newMailSchema } from '@fulcra/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { YStack } from 'tamagui';
import { z } from 'zod';
import { api } from '../platform/api';
import { NoAnswer } from '../platform/api-client';
import { formResolver } from '../platform/form-resolver';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { FormField } from '../ui/form-field';
import { Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';

interface Typed {
  to: string;
  subject: string;
  text: string;
}
const typedSchema: z.ZodType<Typed, Typed> = z.object({
  to: z.email(CALENDAR_PHRASES.needsAddress),
  subject: newMailSchema.shape.subject,
  text: z.string().min(1, CALENDAR_PHRASES.needsText),
});

interface LetterFormProps {
  readonly kind: NewMail['kind'];
  readonly start: Typed;
  readonly appointmentId?: string | null;
  /** Made when the letter goes. */
  readonly files?: () => Promise<readonly LetterFile[]>;
  readonly fileWords?: string;
  readonly onSent: () => void;
}

/** A letter as it will go out; queued by the server, which tries until a mail server takes it. */
export function LetterForm({ kind, start, appointmentId = null, files, fileWords, onSent }: LetterFormProps) {
  const form = useForm<Typed, unknown, Typed>({ defaultValues: start, resolver: formResolver(typedSchema, (issue) => issue.message) });
  const [problem, setProblem] = useState<string | null>(null);
  const toast = useToast();
  const queries = useQueryClient();
  const post = form.handleSubmit(async (typed) => {
    try {
      const papers = files === undefined ? [] : await files();
      mailSchema.parse(await api.request('POST', '/api/mail', { kind, appointmentId, files: papers, ...typed }));
    } catch (error) {
      setProblem(error instanceof NoAnswer ? CALENDAR_PHRASES.needsSignal : error instanceof Error ? error.message : String(error));
      return;
    }
    toast({ text: CALENDAR_PHRASES.queued });
    void queries.invalidateQueries({ queryKey: ['mail'] });
    onSent();
  });
  const { control } = form;
  return (
    <YStack gap="$s">
      <FormField control={control} name="to" label={CALENDAR_PHRASES.to} kind="email" />
      <FormField control={control} name="subject" label={CALENDAR_PHRASES.subject} />
      <FormField control={control} name="text" label={CALENDAR_PHRASES.text} lines={7} />
      {fileWords === undefined ? null : <Small>{fileWords}</Small>}
      {problem === null ? null : <Banner tone="bad">{problem}</Banner>}
      <Button kind="main" label={CALENDAR_PHRASES.send} onPress={() => void post()} />
    </YStack>
  );
}
