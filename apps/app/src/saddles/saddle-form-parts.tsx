import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { ARCH_SHAPES, FILLINGS, PANEL_CROSSES, TREE_GIVES, makeableShapes } from '@fulcra/core';
import { type ReactNode } from 'react';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { Heading } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { SHAPE_WORDS } from '../words/verdict-words';
import { HowKnown, taken } from './how-known';
import { MeasureRow } from './measure-row';
import { Labelled, NumberRow, words } from './number-row';
import { type SaddlePart } from './saddle-form-model';
import {
  FRONT_MEASURES,
  PANEL_MEASURES,
  type SaddleMeasure,
  TREE_MEASURES,
  putCurve,
  putFrontDepth,
  putRearDepth,
  withShapeToggled,
} from './saddle-measures';
import { Settable } from './settable';
import { Widths } from './widths-table';

const WIDTH_CHANGES = [
  { value: 'fixed', label: SADDLES_PHRASES.notAtAll },
  { value: 'exchangeablePlate', label: SADDLES_PHRASES.byPlate },
  { value: 'workshop', label: SADDLES_PHRASES.inTheWorkshop },
] as const;

const rows = (measures: readonly SaddleMeasure[], part: SaddlePart): ReactNode =>
  measures.map((measure) => <MeasureRow key={measure.id} measure={measure} part={part} />);

/** Which saddle it is, and whether it is safe. */
export function WhatItIs({ form: { control }, saddle, put }: SaddlePart) {
  return (
    <>
      <FormField control={control} needed name="saddle.name" label={SADDLES_PHRASES.name} hint={SADDLES_PHRASES.whatYourPractice} />
      <FormField control={control} needed name="saddle.maker" label={SADDLES_PHRASES.maker} />
      <FormField control={control} name="saddle.serial" label={SADDLES_PHRASES.serialNumber} />
      <FormField control={control} name="saddle.whereabouts" label={SADDLES_PHRASES.whereItIs} />
      <Labelled name={SADDLES_PHRASES.kind}>
        <Choice
          label={SADDLES_PHRASES.kind}
          value={saddle.kind}
          options={words(['english', 'western'] as const)}
          onChange={(kind) => put({ ...saddle, kind })}
        />
      </Labelled>
    </>
  );
}

/** The arch, its points, and the widths it is made in. */
export function FrontPart(part: SaddlePart) {
  const { saddle, put, onHere } = part;
  return (
    <>
      <Heading>{SADDLES_PHRASES.front}</Heading>
      <Labelled name={SADDLES_PHRASES.arch}>
        <Choice
          label={SADDLES_PHRASES.arch}
          value={saddle.front.shape}
          options={words(ARCH_SHAPES)}
          onChange={(shape) => put({ ...saddle, front: { ...saddle.front, shape } })}
        />
      </Labelled>
      <Labelled name={SADDLES_PHRASES.canBeMade}>
        {ARCH_SHAPES.map((shape) => (
          <ToggleChip
            key={shape}
            label={SHAPE_WORDS[shape]}
            on={makeableShapes(saddle.front).includes(shape)}
            onPress={() => put({ ...saddle, front: withShapeToggled(saddle.front, shape) })}
          />
        ))}
      </Labelled>
      <Widths saddle={saddle} onChange={put} onHere={() => onHere({ view: 'front', measure: 'width' })} />
      <HowKnown id="includedAngleDeg" unit="°" saddle={saddle} put={put} />
      <Labelled name={SADDLES_PHRASES.widthIsChanged}>
        <Choice
          label={SADDLES_PHRASES.widthIsChanged}
          value={saddle.change}
          options={WIDTH_CHANGES}
          onChange={(change) => put({ ...saddle, change })}
        />
      </Labelled>
      {rows(FRONT_MEASURES, part)}
    </>
  );
}

export function TreePart(part: SaddlePart) {
  const { saddle, put } = part;
  const { frame } = saddle.build;
  return (
    <>
      <Heading>{SADDLES_PHRASES.tree}</Heading>
      {rows(TREE_MEASURES, part)}
      <Settable
        name={SADDLES_PHRASES.lengthwiseCurve}
        setting={saddle.build.frame.curveMm}
        onChange={(s) => put(taken(putCurve(saddle, s), 'curveMm'))}
      />
      <Labelled name={SADDLES_PHRASES.treeGives}>
        <Choice
          label={SADDLES_PHRASES.treeGives}
          value={frame.gives ?? 'rigid'}
          options={words(TREE_GIVES)}
          onChange={(gives) => put({ ...saddle, build: { ...saddle.build, frame: { ...frame, gives } } })}
        />
      </Labelled>
    </>
  );
}

/** Panels, or bars, and what they are filled with. */
export function PanelPart(part: SaddlePart) {
  const { saddle, put } = part;
  const { panel } = saddle.build;
  const putPanel = (change: Partial<typeof panel>) => put({ ...saddle, build: { ...saddle.build, panel: { ...panel, ...change } } });
  return (
    <>
      <Heading>{saddle.kind === 'western' ? SADDLES_PHRASES.bars : SADDLES_PHRASES.panels}</Heading>
      {rows(PANEL_MEASURES, part)}
      <Settable
        name={SADDLES_PHRASES.panelDepthIn}
        setting={panel.depthFrontMm}
        onChange={(s) => put(taken(putFrontDepth(saddle, s), 'depthFrontMm'))}
      />
      <Settable
        name={SADDLES_PHRASES.rearGusset}
        setting={panel.depthRearMm}
        onChange={(s) => put(taken(putRearDepth(saddle, s), 'depthRearMm'))}
      />
      <Labelled name={SADDLES_PHRASES.across}>
        <Choice
          label={SADDLES_PHRASES.across}
          value={panel.cross}
          options={words(PANEL_CROSSES)}
          onChange={(cross) => putPanel({ cross })}
        />
      </Labelled>
      <Labelled name={SADDLES_PHRASES.filling}>
        <Choice
          label={SADDLES_PHRASES.filling}
          value={panel.filling}
          options={words(FILLINGS)}
          onChange={(filling) => putPanel({ filling })}
        />
      </Labelled>
      <FlockRows flock={panel.flock} onChange={(flock) => putPanel({ flock })} />
    </>
  );
}

type Flock = SaddlePart['saddle']['build']['panel']['flock'];

function FlockRows({ flock, onChange }: { readonly flock: Flock; readonly onChange: (flock: Flock) => void }) {
  const row = (name: string, value: number, put: (value: number) => Partial<Flock>) => (
    <NumberRow name={name} unit="mm" step={1} value={value} onChange={(v) => onChange({ ...flock, ...put(v) })} />
  );
  return (
    <>
      {row(SADDLES_PHRASES.fillingThatCan, -flock.leastMm, (v) => ({ leastMm: -v }))}
      {row(SADDLES_PHRASES.fillingThatCanBe, flock.mostMm, (mostMm) => ({ mostMm }))}
      {row(SADDLES_PHRASES.inStepsOf, flock.stepMm, (stepMm) => ({ stepMm }))}
    </>
  );
}
