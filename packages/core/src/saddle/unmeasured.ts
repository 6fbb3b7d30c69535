import { type Random } from '../random/seeded';
import { type NumberSetting } from './number-setting';
import { type Unmeasured, type UnmeasuredId, SADDLE_MEASURE_PATHS, UNMEASURED_IDS } from './saddle-measure-ids';
import { type SaddleBuild } from './saddle-build';
import { type DescribedSaddle, type SaddleSetup } from './saddle-setup';

type Range = readonly [least: number, most: number];

/** What saddles commonly have, mm, degrees or kg, evenly from least to most (defaults). */
export const COMMON_RANGES: Readonly<Record<UnmeasuredId, Range>> = {
  includedAngleDeg: [76, 108],
  pointLengthMm: [130, 200],
  frontChannelMm: [55, 90],
  headRiseMm: [0, 50],
  pointRakeDeg: [-5, 15],
  lengthMm: [270, 420],
  curveMm: [0, 40],
  midAngleDeg: [84, 118],
  rearAngleDeg: [94, 132],
  seatLowMm: [160, 215],
  barMm: [20, 70],
  massKg: [4, 10],
  massAtMm: [130, 195],
  channelMidMm: [55, 90],
  channelRearMm: [55, 95],
  widthFrontMm: [70, 105],
  widthMidMm: [88, 125],
  widthRearMm: [90, 130],
  depthFrontMm: [24, 44],
  depthMidMm: [22, 38],
  depthRearMm: [28, 56],
  aheadMm: [0, 45],
  cutBackMm: [0, 40],
  pastTreeMm: [0, 45],
  frontTurnMm: [4, 20],
  rearTurnMm: [6, 30],
  bevelMm: [8, 26],
};
/** Where western saddles have other numbers (defaults). */
const COMMON_WESTERN: Readonly<Partial<Record<UnmeasuredId, Range>>> = {
  includedAngleDeg: [76, 104],
  lengthMm: [310, 460],
  curveMm: [0, 25],
  seatLowMm: [170, 250],
  barMm: [40, 90],
  massKg: [9, 18],
  massAtMm: [160, 220],
  aheadMm: [25, 60],
};

/** What may be the true value where it wasn't measured. */
export const rangeOf = ({ kind, build }: Pick<DescribedSaddle, 'kind' | 'build'>, id: UnmeasuredId): Range | null => {
  const said = build.unmeasured?.[id];
  if (said === undefined) return null;
  if (said !== 'default') return said;
  return (kind === 'western' ? COMMON_WESTERN[id] : undefined) ?? COMMON_RANGES[id];
};

/** Which of its numbers nobody measured, in the order they are described. */
export const unmeasuredOf = ({ build }: Pick<DescribedSaddle, 'build'>): UnmeasuredId[] =>
  UNMEASURED_IDS.filter((id) => build.unmeasured?.[id] !== undefined);

/** The same build with a measure said to be taken, or to be a default, or to lie between two numbers. */
export function withUnmeasured(build: SaddleBuild, id: UnmeasuredId, said: Unmeasured | null): SaddleBuild {
  const { [id]: _, ...others } = build.unmeasured ?? {};
  return { ...build, unmeasured: said === null ? others : { ...others, [id]: said } };
}

/** What a measure stands at now. */
export function measureOf({ front, build }: Pick<DescribedSaddle, 'front' | 'build'>, id: UnmeasuredId): number {
  if (id === 'includedAngleDeg') return (front.settings[front.presentSetting] ?? front.settings[0]!).includedAngleDeg;
  const value = SADDLE_MEASURE_PATHS[id].reduce<unknown>((of, key) => (of as Readonly<Record<string, unknown>>)[key], { front, build });
  return typeof value === 'number' ? value : (value as NumberSetting).present;
}

/** A saddle in one setting. */
export interface SaddleSet {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
}

/** What a fixed property of a setting is called in the saddle's own measures. */
const OF_SETUP = { curveMm: 'curveMm', depthFrontMm: 'frontDepthMm', depthRearMm: 'rearDepthMm' } as const;

/** The same saddle in the same setting, were a measure of it so much more. */
export function measuredMore({ saddle, setup }: SaddleSet, id: UnmeasuredId, by: number): SaddleSet {
  const { front, build } = saddle;
  if (id === 'includedAngleDeg') {
    const settings = front.settings.map((s) => ({ ...s, includedAngleDeg: s.includedAngleDeg + by }));
    return { saddle: { ...saddle, front: { ...front, settings } }, setup };
  }
  const path = SADDLE_MEASURE_PATHS[id];
  const moved = movedAt({ front, build }, path, by) as Pick<DescribedSaddle, 'front' | 'build'>;
  const of = id in OF_SETUP ? OF_SETUP[id as keyof typeof OF_SETUP] : null;
  return {
    saddle: { ...saddle, ...moved, ...(id === 'depthFrontMm' && { front: { ...front, frontPanelDepthMm: front.frontPanelDepthMm + by } }) },
    setup: of === null ? setup : { ...setup, [of]: setup[of] + by },
  };
}

function movedAt(of: Readonly<Record<string, unknown>>, [key, ...rest]: readonly string[], by: number): Readonly<Record<string, unknown>> {
  const value = of[key!];
  if (rest.length > 0) return { ...of, [key!]: movedAt(value as Readonly<Record<string, unknown>>, rest, by) };
  return { ...of, [key!]: typeof value === 'number' ? value + by : settingMoved(value as NumberSetting, by) };
}

function settingMoved(setting: NumberSetting, by: number): NumberSetting {
  const present = setting.present + by;
  if (setting.kind === 'fixed') return { kind: 'fixed', present };
  if (setting.kind === 'options') return { ...setting, present, options: setting.options.map((v) => v + by) };
  return { ...setting, present, least: setting.least + by, most: setting.most + by };
}

/** One measure of a saddle that nobody took; independent of all others. */
export interface UnmeasuredSource {
  readonly id: UnmeasuredId;
  /** The same saddle with the measure at two places of its range, which stand for all of it. */
  readonly ways: (set: SaddleSet) => readonly SaddleSet[];
}

/**
 * What may be otherwise of a saddle, because nobody measured it. It lies evenly within its range, which the two points of Gauss and
 * Legendre stand for: the mean of a square over them is that over the range, to the third order.
 */
export const unmeasuredSources = (saddle: DescribedSaddle): UnmeasuredSource[] =>
  unmeasuredOf(saddle).map((id) => {
    const [least, most] = rangeOf(saddle, id)!;
    const places = [-1, 1].map((end) => (least + most) / 2 + (end * (most - least)) / Math.sqrt(12));
    return { id, ways: (set) => places.map((place) => measuredMore(set, id, place - measureOf(saddle, id))) };
  });

/** What a saddle may be in truth: everything that nobody measured drawn from its range, the same for each of its settings. */
export function drawnSaddle(saddle: DescribedSaddle, random: Random): (setup: SaddleSetup) => SaddleSet {
  const drawn = unmeasuredOf(saddle).map((id) => {
    const [least, most] = rangeOf(saddle, id)!;
    return { id, by: least + random() * (most - least) - measureOf(saddle, id) };
  });
  return (setup) => drawn.reduce<SaddleSet>((set, { id, by }) => measuredMore(set, id, by), { saddle, setup });
}
