const frame = <K extends string>(key: K) => ['build', 'frame', key] as const;
const panel = <K extends string>(key: K) => ['build', 'panel', key] as const;
const front = <K extends string>(key: K) => ['front', key] as const;

/** Every measure a saddle is described by, and where it stands in the description. */
export const SADDLE_MEASURE_PATHS = {
  pointLengthMm: front('pointLengthMm'),
  frontChannelMm: front('frontChannelMm'),
  headRiseMm: frame('headRiseMm'),
  pointRakeDeg: frame('pointRakeDeg'),
  lengthMm: frame('lengthMm'),
  curveMm: frame('curveMm'),
  midAngleDeg: frame('midAngleDeg'),
  rearAngleDeg: frame('rearAngleDeg'),
  seatLowMm: frame('seatLowMm'),
  barMm: frame('barMm'),
  massKg: frame('massKg'),
  massAtMm: frame('massAtMm'),
  channelMidMm: panel('channelMidMm'),
  channelRearMm: panel('channelRearMm'),
  widthFrontMm: panel('widthFrontMm'),
  widthMidMm: panel('widthMidMm'),
  widthRearMm: panel('widthRearMm'),
  depthFrontMm: panel('depthFrontMm'),
  depthMidMm: panel('depthMidMm'),
  depthRearMm: panel('depthRearMm'),
  aheadMm: panel('aheadMm'),
  cutBackMm: panel('cutBackMm'),
  pastTreeMm: panel('pastTreeMm'),
  frontTurnMm: panel('frontTurnMm'),
  rearTurnMm: panel('rearTurnMm'),
  bevelMm: panel('bevelMm'),
} as const;

export type SaddleMeasureId = keyof typeof SADDLE_MEASURE_PATHS;
export const SADDLE_MEASURE_IDS = Object.keys(SADDLE_MEASURE_PATHS) as SaddleMeasureId[];

/** What of a saddle may not have been measured: each of its measures, and the angle of its widths. */
export const UNMEASURED_IDS = ['includedAngleDeg', ...SADDLE_MEASURE_IDS] as const;
export type UnmeasuredId = 'includedAngleDeg' | SaddleMeasureId;

/** Nobody measured it: then it is anything that saddles commonly have; or it is known to lie between two numbers. */
export type Unmeasured = 'default' | readonly [least: number, most: number];
export type UnmeasuredOf = Readonly<Partial<Record<UnmeasuredId, Unmeasured>>>;
