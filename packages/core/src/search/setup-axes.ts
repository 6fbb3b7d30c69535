import { type NumberSetting, steppedValue } from '../saddle/number-setting';
import { PADS, NEUTRAL_PAD } from '../saddle/pad';
import { type BySideAndZone, type Zone, ZONES } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup, shapeOf } from '../saddle/saddle-setup';
import { strapPairs } from '../saddle/strap-sets';
import { makeableShapes } from '../saddle/width-setting';
import { type NearOff, SIDES, otherSide } from '../units';

/** What a fitter turns: one number or choice of a setup that moves in real steps. */
export const AXIS_IDS = [
  'width',
  'archShape',
  'curve',
  'frontDepth',
  'gusset',
  'place',
  'flockFront',
  'flockMiddle',
  'flockRear',
  'flockNear',
  'shimFront',
  'shimMiddle',
  'shimRear',
  'shimFrontNear',
  'shimFrontOff',
  'shimMiddleNear',
  'shimMiddleOff',
  'shimRearNear',
  'shimRearOff',
  'pad',
  'straps',
] as const;
export type AxisId = (typeof AXIS_IDS)[number];

/** Steps of the things a fitter has in the van, mm (defaults). */
export const FITTER_STEPS = { placeMm: 5, shimMm: 3, mostShimMm: 15, placeFromMm: 0, placeToMm: 150 } as const;

/** A setup about to be turned by one step. */
interface Turn {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly direction: -1 | 1;
}
type Turned = SaddleSetup | null;

function set({ direction }: Turn, setting: NumberSetting, now: number, put: (v: number) => SaddleSetup): Turned {
  const next = steppedValue(setting, now, direction);
  return next === null ? null : put(next);
}

function bounded(
  { direction }: Turn,
  now: number,
  step: number,
  [least, most]: readonly [number, number],
  put: (v: number) => SaddleSetup,
): Turned {
  const next = now + direction * step;
  return next < least - 1e-9 || next > most + 1e-9 ? null : put(next);
}

const flocked =
  (zones: readonly Zone[]) =>
  ({ saddle, setup, direction }: Turn): Turned => {
    const { leastMm, mostMm, stepMm } = saddle.build.panel.flock;
    const next = added(setup.flock, SIDES, zones, direction * stepMm);
    const inside = SIDES.every((s) => zones.every((z) => next[s][z] >= leastMm - 1e-9 && next[s][z] <= mostMm + 1e-9));
    return inside && stepMm > 0 ? { ...setup, flock: next } : null;
  };

const shimmed =
  (sides: readonly NearOff[], zone: Zone) =>
  ({ setup, direction }: Turn): Turned => {
    const shims = added(setup.shims, sides, [zone], direction * FITTER_STEPS.shimMm);
    const inside = sides.every((s) => shims[s][zone] >= -1e-9 && shims[s][zone] <= FITTER_STEPS.mostShimMm + 1e-9);
    return inside ? { ...setup, shims } : null;
  };

function otherShape({ saddle, setup, direction }: Turn): Turned {
  const shapes = makeableShapes(saddle.front);
  const shape = shapes[shapes.indexOf(shapeOf(saddle, setup)) + direction];
  return shape === undefined ? null : { ...setup, shape };
}

function otherPad({ saddle, setup, direction }: Turn): Turned {
  const list = saddle.kind === 'western' ? PADS : PADS.filter((p) => p.thicknessMm < NEUTRAL_PAD.western.thicknessMm);
  const at = list.findIndex((p) => p.kind === setup.pad.kind && p.thicknessMm === setup.pad.thicknessMm);
  const pad = list[at + direction];
  return pad === undefined ? null : { ...setup, pad };
}

function otherStraps({ saddle, setup, direction }: Turn): Turned {
  const pairs = strapPairs(saddle.build.straps);
  const at = pairs.findIndex((p) => p.join() === setup.straps.join());
  const straps = pairs[at + direction];
  return straps === undefined ? null : { ...setup, straps };
}
const { placeMm: PLACE_STEP_MM, placeFromMm, placeToMm } = FITTER_STEPS;

const TURNS: Readonly<Record<AxisId, (turn: Turn) => Turned>> = {
  width: (turn) => bounded(turn, turn.setup.width, 1, [0, turn.saddle.front.settings.length - 1], (width) => ({ ...turn.setup, width })),
  archShape: otherShape,
  curve: (turn) => set(turn, turn.saddle.build.frame.curveMm, turn.setup.curveMm, (curveMm) => ({ ...turn.setup, curveMm })),
  frontDepth: (turn) =>
    set(turn, turn.saddle.build.panel.depthFrontMm, turn.setup.frontDepthMm, (frontDepthMm) => ({ ...turn.setup, frontDepthMm })),
  gusset: (turn) =>
    set(turn, turn.saddle.build.panel.depthRearMm, turn.setup.rearDepthMm, (rearDepthMm) => ({ ...turn.setup, rearDepthMm })),
  place: (turn) => bounded(turn, turn.setup.placeMm, PLACE_STEP_MM, [placeFromMm, placeToMm], (placeMm) => ({ ...turn.setup, placeMm })),
  flockFront: flocked(['front']),
  flockMiddle: flocked(['middle']),
  flockRear: flocked(['rear']),
  flockNear: ({ saddle, setup, direction }) => flockedAcross(saddle, setup, direction),
  shimFront: shimmed(SIDES, 'front'),
  shimMiddle: shimmed(SIDES, 'middle'),
  shimRear: shimmed(SIDES, 'rear'),
  shimFrontNear: shimmed(['near'], 'front'),
  shimFrontOff: shimmed(['off'], 'front'),
  shimMiddleNear: shimmed(['near'], 'middle'),
  shimMiddleOff: shimmed(['off'], 'middle'),
  shimRearNear: shimmed(['near'], 'rear'),
  shimRearOff: shimmed(['off'], 'rear'),
  pad: otherPad,
  straps: otherStraps,
};

/** The setup one real step along an axis; null at its end or where this saddle has no such thing. */
export const stepSetup = (saddle: DescribedSaddle, setup: SaddleSetup, axis: AxisId, direction: -1 | 1): SaddleSetup | null =>
  TURNS[axis]({ saddle, setup, direction });

export interface NeighbourSetup {
  readonly axis: AxisId;
  readonly direction: -1 | 1;
  readonly setup: SaddleSetup;
}

/** One real step either way on every axis, where there is one. */
export const neighbourSetups = (saddle: DescribedSaddle, setup: SaddleSetup, axes: readonly AxisId[]): NeighbourSetup[] =>
  axes.flatMap((axis) =>
    ([-1, 1] as const).flatMap((direction) => {
      const next = stepSetup(saddle, setup, axis, direction);
      return next === null ? [] : [{ axis, direction, setup: next }];
    }),
  );

/** Filling moved from one side to the other: + more on the near side. */
function flockedAcross(saddle: DescribedSaddle, setup: SaddleSetup, direction: -1 | 1): SaddleSetup | null {
  const { stepMm, leastMm, mostMm } = saddle.build.panel.flock;
  const side: NearOff = direction > 0 ? 'near' : 'off';
  const other = otherSide(side);
  if (stepMm <= 0) return null;
  const less = added(setup.flock, [other], ZONES, -stepMm);
  if (ZONES.every((z) => setup.flock[other][z] > 1e-9 && less[other][z] >= leastMm)) return { ...setup, flock: less };
  const more = added(setup.flock, [side], ZONES, stepMm);
  return ZONES.every((z) => more[side][z] <= mostMm + 1e-9) ? { ...setup, flock: more } : null;
}

function added(by: BySideAndZone, sides: readonly NearOff[], zones: readonly Zone[], mm: number): BySideAndZone {
  const side = (s: NearOff) =>
    sides.includes(s) ? Object.fromEntries(Object.entries(by[s]).map(([z, v]) => [z, zones.includes(z as Zone) ? v + mm : v])) : by[s];
  return { near: side('near'), off: side('off') } as BySideAndZone;
}
