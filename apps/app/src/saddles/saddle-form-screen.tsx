import { z } from 'zod';
import { type DraftSpec, TEXT_DRAFT, shapedLike } from '../platform/draft';
import { type Saddle, type SaddleFields, SADDLE_STATES, saddleFieldsSchema } from '@fulcra/contract';
import { ARCH_SHAPES, FILLINGS, PANEL_CROSSES, makeableShapes } from '@fulcra/core';
import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { v7 } from 'uuid';
import { YStack } from 'tamagui';
import { useSend } from '../platform/use-send';
import { useSaddles } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { Field } from '../ui/field';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Heading, Small } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { useDraft, forgetDraft } from '../platform/use-draft';
import { STATE_WORDS } from '../words/setup-words';
import { SHAPE_WORDS } from '../words/verdict-words';
import { DrawingTop } from './drawing-top';
import { MeasureRow } from './measure-row';
import { Labelled, NumberRow, words } from './number-row';
import { SaddlePhotos } from './saddle-photos';
import { Settable } from './settable';
import { Straps } from './straps-table';
import { Widths } from './widths-table';
import {
  FRONT_MEASURES,
  type MeasureView,
  NEW_SADDLE,
  PANEL_MEASURES,
  type SaddleMeasure,
  TREE_MEASURES,
  putCurve,
  putFrontDepth,
  putRearDepth,
  withShapeToggled,
} from './saddle-measures';

export function NewSaddleScreen() {
  const [id, keepId] = useDraft('saddle-new-id', TEXT_DRAFT, v7());
  useEffect(() => keepId(id), [id, keepId]);
  return <Form saddleId={id} was={null} start={NEW_SADDLE} />;
}

export function EditSaddleScreen({ saddleId }: { readonly saddleId: string }) {
  const { data, problem } = useSaddles();
  if (data === null) return <LoadState problem={problem} />;
  const saddle = data.find((s) => s.id === saddleId);
  if (saddle === undefined) {
    return (
      <Screen title="The stock" onBack={() => router.navigate('/saddles')}>
        <EmptyState title="This saddle is not in the stock." text="It may have been described on a device that has not sent it yet.">
          <Button kind="main" label="To the stock" onPress={() => router.navigate('/saddles')} />
        </EmptyState>
      </Screen>
    );
  }
  const { id, ...fields } = saddle;
  return <Form key={id} saddleId={id} was={fields} start={fields} />;
}

interface FormProps {
  readonly saddleId: string;
  readonly was: Omit<Saddle, 'id'> | null;
  readonly start: SaddleFields;
}

interface FormDraft {
  readonly saddle: SaddleFields;
  readonly was: SaddleFields | null;
}

const FORM_DRAFT: DraftSpec<FormDraft> = {
  version: 1,
  schema: z.object({ saddle: shapedLike<SaddleFields>(NEW_SADDLE), was: shapedLike<SaddleFields>(NEW_SADDLE).nullable() }),
};

/** Describes a saddle by its measures; the drawing shows where the one in hand is taken. */
function Form({ saddleId, was, start }: FormProps) {
  const send = useSend();
  const [draft, setDraft, forget] = useDraft(`saddle-${saddleId}`, FORM_DRAFT, { saddle: start, was });
  const [here, setHere] = useState<{ readonly view: MeasureView; readonly measure: string | null }>({ view: 'side', measure: null });
  const [problems, setProblems] = useState<readonly string[]>([]);
  const { saddle } = draft;
  const put = (next: SaddleFields) => setDraft({ ...draft, saddle: next });
  const back = () => router.navigate('/saddles');
  const save = async () => {
    const read = saddleFieldsSchema.safeParse(saddle);
    setProblems(read.success ? [] : read.error.issues.map((i) => `${i.path.join(' › ')} ${i.message}`));
    if (!read.success) return;
    if (!(await send({ kind: 'saddle', saddleId, body: { ...read.data, ...(draft.was !== null && { was: draft.was }) } }))) return;
    forget();
    if (was === null) forgetDraft('saddle-new-id');
    back();
  };
  const measureRow = (measure: SaddleMeasure) => (
    <MeasureRow
      key={measure.id}
      measure={measure}
      saddle={saddle}
      here={here.measure === measure.id}
      onHere={() => setHere({ view: measure.view, measure: measure.id })}
      onChange={put}
    />
  );
  const { panel } = saddle.build;
  const putPanel = (change: Partial<SaddleFields['build']['panel']>) =>
    put({ ...saddle, build: { ...saddle.build, panel: { ...panel, ...change } } });
  return (
    <Screen
      title={saddle.name === '' ? 'A saddle' : saddle.name}
      note={was === null ? 'Describe it by its own measures' : 'Change what is known of it'}
      onBack={back}
      top={<DrawingTop saddle={saddle} here={here} onView={(view) => setHere({ view, measure: null })} />}
      bottom={<Button grow kind="main" label={was === null ? 'Put it into the stock' : 'Keep the changes'} onPress={() => void save()} />}
    >
      {problems.map((p) => (
        <Banner key={p} tone="bad">
          {p}
        </Banner>
      ))}
      <Columns>
        <YStack gap="$m">
          <Field label="Name" value={saddle.name} onChange={(name) => put({ ...saddle, name })} hint="What your practice calls this one." />
          <Field label="Maker" value={saddle.maker} onChange={(maker) => put({ ...saddle, maker })} />
          <Field label="Where it is" value={saddle.whereabouts} onChange={(whereabouts) => put({ ...saddle, whereabouts })} />
          <Labelled name="Kind">
            <Choice
              label="Kind"
              value={saddle.kind}
              options={words(['english', 'western'] as const)}
              onChange={(kind) => put({ ...saddle, kind })}
            />
          </Labelled>
          <Labelled name="Safety">
            <Choice
              label="Safety"
              value={saddle.state}
              options={SADDLE_STATES.map((value) => ({ value, label: STATE_WORDS[value].split(':')[0]! }))}
              onChange={(state) => put({ ...saddle, state })}
            />
          </Labelled>
          {saddle.state === 'unsafe' ? (
            <Banner tone="bad">Do not ride in it until it is mended and checked. No visit with it can end as good to ride.</Banner>
          ) : null}
          <Heading>Front</Heading>
          <Labelled name="Arch">
            <Choice
              label="Arch"
              value={saddle.front.shape}
              options={words(ARCH_SHAPES)}
              onChange={(shape) => put({ ...saddle, front: { ...saddle.front, shape } })}
            />
          </Labelled>
          <Labelled name="Can be made as">
            {ARCH_SHAPES.map((shape) => (
              <ToggleChip
                key={shape}
                label={SHAPE_WORDS[shape]}
                on={makeableShapes(saddle.front).includes(shape)}
                onPress={() => put({ ...saddle, front: withShapeToggled(saddle.front, shape) })}
              />
            ))}
          </Labelled>
          <Widths saddle={saddle} onChange={put} onHere={() => setHere({ view: 'front', measure: 'width' })} />
          <Labelled name="Width is changed">
            <Choice
              label="Width is changed"
              value={saddle.change}
              options={[
                { value: 'fixed', label: 'not at all' },
                { value: 'exchangeablePlate', label: 'by plate' },
                { value: 'workshop', label: 'in the workshop' },
              ]}
              onChange={(change) => put({ ...saddle, change })}
            />
          </Labelled>
          {FRONT_MEASURES.map(measureRow)}
          <Heading>Tree</Heading>
          {TREE_MEASURES.map(measureRow)}
          <Settable name="Lengthwise curve" setting={saddle.build.frame.curveMm} onChange={(s) => put(putCurve(saddle, s))} />
        </YStack>
        <YStack gap="$m">
          <Heading>{saddle.kind === 'western' ? 'Bars' : 'Panels'}</Heading>
          {PANEL_MEASURES.map(measureRow)}
          <Settable name="Panel depth in front" setting={panel.depthFrontMm} onChange={(s) => put(putFrontDepth(saddle, s))} />
          <Settable name="Rear gusset" setting={panel.depthRearMm} onChange={(s) => put(putRearDepth(saddle, s))} />
          <Labelled name="Across">
            <Choice label="Across" value={panel.cross} options={words(PANEL_CROSSES)} onChange={(cross) => putPanel({ cross })} />
          </Labelled>
          <Labelled name="Filling">
            <Choice label="Filling" value={panel.filling} options={words(FILLINGS)} onChange={(filling) => putPanel({ filling })} />
          </Labelled>
          <NumberRow
            name="Filling that can be taken out"
            unit="mm"
            step={1}
            value={-panel.flock.leastMm}
            onChange={(v) => putPanel({ flock: { ...panel.flock, leastMm: -v } })}
          />
          <NumberRow
            name="Filling that can be added"
            unit="mm"
            step={1}
            value={panel.flock.mostMm}
            onChange={(v) => putPanel({ flock: { ...panel.flock, mostMm: v } })}
          />
          <NumberRow
            name="In steps of (0: can’t be adjusted)"
            unit="mm"
            step={1}
            value={panel.flock.stepMm}
            onChange={(v) => putPanel({ flock: { ...panel.flock, stepMm: v } })}
          />
          <Heading>{saddle.kind === 'western' ? 'Rigging' : 'Girth straps'}</Heading>
          <Straps saddle={saddle} onChange={put} />
          <Field label="Note" lines={3} value={saddle.note} onChange={(note) => put({ ...saddle, note })} />
          {was === null ? <Small>Photos can be added once it is in the stock.</Small> : <SaddlePhotos saddleId={saddleId} />}
        </YStack>
      </Columns>
    </Screen>
  );
}
