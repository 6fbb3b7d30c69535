import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type SaddleFields } from '@fulcra/contract';
import {
  type ArchShape,
  type NumberSetting,
  type SaddleMeasureId,
  DEFAULT_BUILD,
  UNKNOWN_SEAT,
  UNMEASURED_IDS,
  makeableShapes,
} from '@fulcra/core';

export type MeasureView = 'side' | 'under' | 'front';

/** One measure of a saddle: where its taking is shown, and where it stands in the record; its name is in the words. */
export interface SaddleMeasure {
  readonly id: SaddleMeasureId;
  readonly view: MeasureView;
  readonly unit: 'mm' | '°' | 'kg';
  readonly step: number;
  readonly get: (saddle: SaddleFields) => number;
  readonly put: (saddle: SaddleFields, value: number) => SaddleFields;
}

type FrameKey = 'lengthMm' | 'headRiseMm' | 'midAngleDeg' | 'rearAngleDeg' | 'pointRakeDeg' | 'seatLowMm' | 'barMm' | 'massKg' | 'massAtMm';
type PanelKey =
  | 'channelMidMm'
  | 'channelRearMm'
  | 'widthFrontMm'
  | 'widthMidMm'
  | 'widthRearMm'
  | 'depthMidMm'
  | 'bevelMm'
  | 'aheadMm'
  | 'cutBackMm'
  | 'pastTreeMm'
  | 'frontTurnMm'
  | 'rearTurnMm';

const frame = (key: FrameKey, view: MeasureView, step = 5, unit: SaddleMeasure['unit'] = 'mm'): SaddleMeasure => ({
  id: key,
  view,
  unit,
  step,
  get: (s) => s.build.frame[key],
  put: (s, v) => ({ ...s, build: { ...s.build, frame: { ...s.build.frame, [key]: v } } }),
});
const panel = (key: PanelKey, view: MeasureView, step = 5): SaddleMeasure => ({
  id: key,
  view,
  unit: 'mm',
  step,
  get: (s) => s.build.panel[key],
  put: (s, v) => ({ ...s, build: { ...s.build, panel: { ...s.build.panel, [key]: v } } }),
});
const adjustable = (
  id: SaddleMeasureId,
  of: (s: SaddleFields) => NumberSetting,
  put: (s: SaddleFields, setting: NumberSetting) => SaddleFields,
): SaddleMeasure => ({
  id,
  view: 'side',
  unit: 'mm',
  step: 1,
  get: (s) => of(s).present,
  put: (s, v) => put(s, withPresent(of(s), v)),
});

/** What a property is set to now, the range or the list stretched where it must be. */
export function withPresent(setting: NumberSetting, present: number): NumberSetting {
  if (setting.kind === 'fixed') return { kind: 'fixed', present };
  if (setting.kind === 'range')
    return { ...setting, present, least: Math.min(setting.least, present), most: Math.max(setting.most, present) };
  return { ...setting, present, options: [...new Set([...setting.options, present])].sort((a, b) => a - b) };
}

export const putCurve = (s: SaddleFields, curveMm: NumberSetting): SaddleFields => ({
  ...s,
  build: { ...s.build, frame: { ...s.build.frame, curveMm } },
});
export const putRearDepth = (s: SaddleFields, depthRearMm: NumberSetting): SaddleFields => ({
  ...s,
  build: { ...s.build, panel: { ...s.build.panel, depthRearMm } },
});
/** The front depth stands in the front as well: both say the same. */
export const putFrontDepth = (s: SaddleFields, depthFrontMm: NumberSetting): SaddleFields => ({
  ...s,
  front: { ...s.front, frontPanelDepthMm: depthFrontMm.present },
  build: { ...s.build, panel: { ...s.build.panel, depthFrontMm } },
});

export const FRONT_MEASURES: readonly SaddleMeasure[] = [
  {
    id: 'pointLengthMm',
    view: 'front',
    unit: 'mm',
    step: 5,
    get: (s) => s.front.pointLengthMm,
    put: (s, pointLengthMm) => ({ ...s, front: { ...s.front, pointLengthMm } }),
  },
  frame('headRiseMm', 'side'),
  frame('pointRakeDeg', 'side', 1, '°'),
];

export const TREE_MEASURES: readonly SaddleMeasure[] = [
  frame('lengthMm', 'side'),
  adjustable('curveMm', (s) => s.build.frame.curveMm, putCurve),
  frame('midAngleDeg', 'front', 1, '°'),
  frame('rearAngleDeg', 'front', 1, '°'),
  frame('seatLowMm', 'side'),
  frame('barMm', 'side'),
  frame('massKg', 'side', 0.5, 'kg'),
  frame('massAtMm', 'side'),
];

export const PANEL_MEASURES: readonly SaddleMeasure[] = [
  {
    id: 'frontChannelMm',
    view: 'under',
    unit: 'mm',
    step: 5,
    get: (s) => s.front.frontChannelMm,
    put: (s, frontChannelMm) => ({ ...s, front: { ...s.front, frontChannelMm } }),
  },
  panel('channelMidMm', 'under'),
  panel('channelRearMm', 'under'),
  panel('widthFrontMm', 'under'),
  panel('widthMidMm', 'under'),
  panel('widthRearMm', 'under'),
  adjustable('depthFrontMm', (s) => s.build.panel.depthFrontMm, putFrontDepth),
  panel('depthMidMm', 'side', 1),
  adjustable('depthRearMm', (s) => s.build.panel.depthRearMm, putRearDepth),
  panel('aheadMm', 'side'),
  panel('cutBackMm', 'under'),
  panel('pastTreeMm', 'side'),
  panel('frontTurnMm', 'side', 2),
  panel('rearTurnMm', 'side', 2),
  panel('bevelMm', 'under', 2),
];

export const NEW_SADDLE: SaddleFields = {
  name: '',
  maker: '',
  kind: 'english',
  change: 'fixed',
  front: {
    shape: 'round',
    pointLengthMm: 170,
    frontPanelDepthMm: DEFAULT_BUILD.panel.depthFrontMm.present,
    frontChannelMm: 70,
    settings: [{ label: SADDLES_PHRASES.asItIs, includedAngleDeg: 90 }],
    presentSetting: 0,
  },
  build: { ...DEFAULT_BUILD, unmeasured: Object.fromEntries(UNMEASURED_IDS.map((id) => [id, 'default' as const])) },
  seat: UNKNOWN_SEAT,
  whereabouts: '',
  serial: '',
  note: '',
};

/** A crown shape its head can be made with, put in or taken out; the one it has stays. */
export function withShapeToggled(front: SaddleFields['front'], shape: ArchShape): SaddleFields['front'] {
  const now = makeableShapes(front);
  const next = now.includes(shape) ? now.filter((s) => s !== shape) : [...now, shape];
  const { otherShapes: _, ...rest } = front;
  const others = next.filter((s) => s !== front.shape);
  return others.length === 0 ? rest : { ...rest, otherShapes: others };
}
