import { SADDLE_STATES } from '@fulcra/contract';
import { ARCH_SHAPES, FILLINGS, PANEL_CROSSES, makeableShapes } from '@fulcra/core';
import { type ReactNode } from 'react';
import { Banner } from '../ui/banner';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { Heading } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { STATE_WORDS } from '../words/setup-words';
import { SHAPE_WORDS } from '../words/verdict-words';
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
  { value: 'fixed', label: 'not at all' },
  { value: 'exchangeablePlate', label: 'by plate' },
  { value: 'workshop', label: 'in the workshop' },
] as const;

const rows = (measures: readonly SaddleMeasure[], part: SaddlePart): ReactNode =>
  measures.map((measure) => <MeasureRow key={measure.id} measure={measure} part={part} />);

/** Which saddle it is, and whether it is safe. */
export function WhatItIs({ form: { control }, saddle, put }: SaddlePart) {
  return (
    <>
      <FormField control={control} name="saddle.name" label="Name" hint="What your practice calls this one." />
      <FormField control={control} name="saddle.maker" label="Maker" />
      <FormField control={control} name="saddle.whereabouts" label="Where it is" />
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
    </>
  );
}

/** The arch, its points, and the widths it is made in. */
export function FrontPart(part: SaddlePart) {
  const { saddle, put, onHere } = part;
  return (
    <>
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
      <Widths saddle={saddle} onChange={put} onHere={() => onHere({ view: 'front', measure: 'width' })} />
      <Labelled name="Width is changed">
        <Choice label="Width is changed" value={saddle.change} options={WIDTH_CHANGES} onChange={(change) => put({ ...saddle, change })} />
      </Labelled>
      {rows(FRONT_MEASURES, part)}
    </>
  );
}

export function TreePart(part: SaddlePart) {
  const { saddle, put } = part;
  return (
    <>
      <Heading>Tree</Heading>
      {rows(TREE_MEASURES, part)}
      <Settable name="Lengthwise curve" setting={saddle.build.frame.curveMm} onChange={(s) => put(putCurve(saddle, s))} />
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
      <Heading>{saddle.kind === 'western' ? 'Bars' : 'Panels'}</Heading>
      {rows(PANEL_MEASURES, part)}
      <Settable name="Panel depth in front" setting={panel.depthFrontMm} onChange={(s) => put(putFrontDepth(saddle, s))} />
      <Settable name="Rear gusset" setting={panel.depthRearMm} onChange={(s) => put(putRearDepth(saddle, s))} />
      <Labelled name="Across">
        <Choice label="Across" value={panel.cross} options={words(PANEL_CROSSES)} onChange={(cross) => putPanel({ cross })} />
      </Labelled>
      <Labelled name="Filling">
        <Choice label="Filling" value={panel.filling} options={words(FILLINGS)} onChange={(filling) => putPanel({ filling })} />
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
      {row('Filling that can be taken out', -flock.leastMm, (v) => ({ leastMm: -v }))}
      {row('Filling that can be added', flock.mostMm, (mostMm) => ({ mostMm }))}
      {row('In steps of (0: can’t be adjusted)', flock.stepMm, (stepMm) => ({ stepMm }))}
    </>
  );
}
