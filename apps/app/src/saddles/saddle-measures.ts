import { type SaddleFields } from '@fulcra/contract';
import { type ArchShape, type NumberSetting, DEFAULT_BUILD, makeableShapes } from '@fulcra/core';

export type MeasureView = 'side' | 'under' | 'front';

/** One measure of a saddle: what it is called, how it is taken, and where it stands in the record. */
export interface SaddleMeasure {
  readonly id: string;
  readonly name: string;
  readonly how: string;
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

const frame = (
  key: FrameKey,
  name: string,
  how: string,
  view: MeasureView,
  step = 5,
  unit: SaddleMeasure['unit'] = 'mm',
): SaddleMeasure => ({
  id: key,
  name,
  how,
  view,
  unit,
  step,
  get: (s) => s.build.frame[key],
  put: (s, v) => ({ ...s, build: { ...s.build, frame: { ...s.build.frame, [key]: v } } }),
});
const panel = (key: PanelKey, name: string, how: string, view: MeasureView, step = 5): SaddleMeasure => ({
  id: key,
  name,
  how,
  view,
  unit: 'mm',
  step,
  get: (s) => s.build.panel[key],
  put: (s, v) => ({ ...s, build: { ...s.build, panel: { ...s.build.panel, [key]: v } } }),
});
const adjustable = (
  id: string,
  name: string,
  how: string,
  of: (s: SaddleFields) => NumberSetting,
  put: (s: SaddleFields, setting: NumberSetting) => SaddleFields,
): SaddleMeasure => ({
  id,
  name,
  how,
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
    name: 'Length of a point',
    how: 'Along the inside of a tree point, from where it leaves the arch to its tip.',
    view: 'front',
    unit: 'mm',
    step: 5,
    get: (s) => s.front.pointLengthMm,
    put: (s, pointLengthMm) => ({ ...s, front: { ...s.front, pointLengthMm } }),
  },
  frame('headRiseMm', 'Rise of the head', 'A straight edge along the rails; from it up to the crown of the arch.', 'side'),
  frame(
    'pointRakeDeg',
    'Lean of the points',
    'How far the points lean forward of the arch, seen from the side; backward is less than nothing.',
    'side',
    1,
    '°',
  ),
];

export const TREE_MEASURES: readonly SaddleMeasure[] = [
  frame('lengthMm', 'Length of the tree', 'Saddle upside down: from the front of the arch level to the rear end of the tree.', 'side'),
  adjustable(
    'curveMm',
    'Lengthwise curve',
    'A straight edge 400 mm long along the underside; the greatest gap under its middle.',
    (s) => s.build.frame.curveMm,
    putCurve,
  ),
  frame('midAngleDeg', 'Angle in the middle', 'Two sticks laid on the panels halfway along; the angle between them.', 'front', 1, '°'),
  frame('rearAngleDeg', 'Angle at the rear', 'The same a hand ahead of the rear end.', 'front', 1, '°'),
  frame('seatLowMm', 'Lowest point of the seat', 'A marble on the seat; from where it lies level to the front of the arch.', 'side'),
  frame('barMm', 'Stirrup bar', 'From the front of the arch to the middle of the bar.', 'side'),
  frame('massKg', 'Weight', 'With its leathers and irons, as it goes on the horse.', 'side', 0.5, 'kg'),
  frame('massAtMm', 'Balance', 'Over a rail or a stretched hand; from the front of the arch to where it balances.', 'side'),
];

export const PANEL_MEASURES: readonly SaddleMeasure[] = [
  {
    id: 'frontChannelMm',
    name: 'Channel in front',
    how: 'Between the panels behind the points.',
    view: 'under',
    unit: 'mm',
    step: 5,
    get: (s) => s.front.frontChannelMm,
    put: (s, frontChannelMm) => ({ ...s, front: { ...s.front, frontChannelMm } }),
  },
  panel('channelMidMm', 'Channel in the middle', 'Between the panels, halfway along.', 'under'),
  panel('channelRearMm', 'Channel at the rear', 'Between the panels, at the rear end of the tree.', 'under'),
  panel('widthFrontMm', 'Panel width in front', 'One panel from its inner to its outer edge, level across.', 'under'),
  panel('widthMidMm', 'Panel width in the middle', 'The same, halfway along.', 'under'),
  panel('widthRearMm', 'Panel width at the rear', 'The same, at the rear end of the tree.', 'under'),
  adjustable(
    'depthFrontMm',
    'Panel depth in front',
    'From tree to underside beside the point, unloaded.',
    (s) => s.build.panel.depthFrontMm,
    putFrontDepth,
  ),
  panel('depthMidMm', 'Panel depth in the middle', 'From tree to underside, halfway along, unloaded.', 'side', 1),
  adjustable('depthRearMm', 'Rear gusset', 'From tree to underside at the rear, unloaded.', (s) => s.build.panel.depthRearMm, putRearDepth),
  panel('aheadMm', 'Panel ahead of the arch', 'From the front of the arch forward to the panel’s edge.', 'side'),
  panel('cutBackMm', 'Cut back for the shoulder', 'How much further back the panel’s outer front corner lies than its inner one.', 'under'),
  panel('pastTreeMm', 'Panel past the tree', 'From the rear end of the tree back to the panel’s end.', 'side'),
  panel('frontTurnMm', 'Front turned up', 'How far the front edge of the panel or bar turns off the horse: a bar’s flare.', 'side', 2),
  panel('rearTurnMm', 'Rear turned up', 'How far the rear end turns off the horse.', 'side', 2),
  panel('bevelMm', 'Rounded edges', 'How far in from its edge the panel is rounded off.', 'under', 2),
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
    settings: [{ label: 'as it is', includedAngleDeg: 90 }],
    presentSetting: 0,
  },
  build: DEFAULT_BUILD,
  state: 'notChecked',
  whereabouts: '',
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
