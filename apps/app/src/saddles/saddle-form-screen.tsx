import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type Saddle, type SaddleFields } from '@fulcra/contract';
import { unmeasuredOf } from '@fulcra/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useState } from 'react';
import { useWatch } from 'react-hook-form';
import { v7 } from 'uuid';
import { YStack } from 'tamagui';
import { TEXT_DRAFT } from '../platform/draft';
import { useDraft, useForgetDraft } from '../platform/use-draft';
import { useDraftForm } from '../platform/use-draft-form';
import { useSend } from '../platform/use-send';
import { useSaddles } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { FormField } from '../ui/form-field';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Heading, Small } from '../ui/text';
import { DrawingTop } from './drawing-top';
import { FORM_DRAFT, type Here, type SaddlePart, formIssueWords, problemsIn, saddleFormSchema } from './saddle-form-model';
import { FrontPart, PanelPart, TreePart, WhatItIs } from './saddle-form-parts';
import { NEW_SADDLE } from './saddle-measures';
import { SaddlePhotos } from './saddle-photos';
import { TackLine } from '../tack';
import { SeatRows } from './seat-rows';
import { Straps } from './straps-table';

export function NewSaddleScreen() {
  const [id, keepId] = useDraft('saddle-new-id', TEXT_DRAFT, v7());
  useEffect(() => keepId(id), [id, keepId]);
  const { visit } = useLocalSearchParams<{ visit?: string }>();
  // whoever came from a visit without a stock goes on there
  const onDone = visit === undefined ? toTheStock : () => router.replace(`/visits/${visit}/fit-room` as '/');
  return <Form saddleId={id} was={null} start={NEW_SADDLE} onDone={onDone} />;
}

export function EditSaddleScreen({ saddleId }: { readonly saddleId: string }) {
  const { data, problem } = useSaddles();
  if (data === null) return <LoadState problem={problem} />;
  const saddle = data.find((s) => s.id === saddleId);
  if (saddle === undefined) {
    return (
      <Screen title={SADDLES_PHRASES.theStock} onBack={() => router.navigate('/saddles')}>
        <EmptyState title={SADDLES_PHRASES.thisSaddleIs} text={SADDLES_PHRASES.itMayHave}>
          <Button kind="main" label={SADDLES_PHRASES.toTheStock} onPress={() => router.navigate('/saddles')} />
        </EmptyState>
      </Screen>
    );
  }
  const { id, ...fields } = saddle;
  return <Form key={id} saddleId={id} was={fields} start={fields} onDone={toTheStock} />;
}

interface FormProps {
  readonly saddleId: string;
  readonly was: Omit<Saddle, 'id'> | null;
  readonly start: SaddleFields;
  readonly onDone: () => void;
}

const toTheStock = (): void => router.navigate('/saddles');

/** Describes a saddle by its measures; the drawing shows where the one in hand is taken. */
function Form({ saddleId, was, start, onDone }: FormProps) {
  const { part, save } = useSaddleForm({ saddleId, was, start, onDone });
  const { form, saddle, here, put, onHere } = part;
  const problems = problemsIn(form.formState.errors);
  return (
    <Screen
      title={saddle.name === '' ? SADDLES_PHRASES.aSaddle : saddle.name}
      note={was === null ? SADDLES_PHRASES.describeItBy : SADDLES_PHRASES.changeWhatIs}
      onBack={onDone}
      top={<DrawingTop saddle={saddle} here={here} onView={(view) => onHere({ view, measure: null })} />}
      bottom={<Button grow kind="main" label={was === null ? SADDLES_PHRASES.putItInto : SADDLES_PHRASES.keepTheChanges} onPress={save} />}
    >
      {problems.map((problem) => (
        <Banner key={problem} tone="bad">
          {problem}
        </Banner>
      ))}
      <Columns>
        <YStack gap="$m">
          {was === null ? <Small>{SADDLES_PHRASES.walkAfter}</Small> : <TackLine id={saddleId} />}
          <WhatItIs {...part} />
          <StillUnmeasured saddle={saddle} />
          <FrontPart {...part} />
          <TreePart {...part} />
        </YStack>
        <YStack gap="$m">
          <PanelPart {...part} />
          <Heading>{saddle.kind === 'western' ? SADDLES_PHRASES.rigging : SADDLES_PHRASES.girthStraps}</Heading>
          <Straps saddle={saddle} onChange={put} />
          <SeatRows seat={saddle.seat} onChange={(seat) => put({ ...saddle, seat })} />
          <FormField control={form.control} name="saddle.note" label={SADDLES_PHRASES.note} lines={3} />
          {was === null ? <Small>{SADDLES_PHRASES.photosCanBe}</Small> : <SaddlePhotos saddleId={saddleId} />}
        </YStack>
      </Columns>
    </Screen>
  );
}

function StillUnmeasured({ saddle }: Pick<SaddlePart, 'saddle'>) {
  const count = unmeasuredOf(saddle).length;
  return count === 0 ? null : <Small>{SADDLES_PHRASES.stillUnmeasured(count)}</Small>;
}

function useSaddleForm({ saddleId, was, start, onDone }: FormProps): { readonly part: SaddlePart; readonly save: () => void } {
  const send = useSend();
  const { form, forget } = useDraftForm(`saddle-${saddleId}`, FORM_DRAFT, { saddle: start, was }, saddleFormSchema, formIssueWords);
  const forgetNewId = useForgetDraft('saddle-new-id');
  const [here, onHere] = useState<Here>({ view: 'side', measure: null });
  const saddle = useWatch({ control: form.control, name: 'saddle' });
  const put = (next: SaddleFields): void => form.setValue('saddle', next, { shouldValidate: form.formState.isSubmitted });
  const save = form.handleSubmit(async ({ saddle: read, was: stood }) => {
    if (!(await send({ kind: 'saddle', saddleId, body: { ...read, ...(stood !== null && { was: stood }) } }))) return;
    forget();
    if (was === null) forgetNewId();
    onDone();
  });
  return { part: { form, saddle, put, here, onHere }, save: () => void save() };
}
