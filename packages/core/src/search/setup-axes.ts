import { type NumberSetting, steppedValue } from '../saddle/number-setting';
import { PADS, NEUTRAL_PAD } from '../saddle/pad';
import { type BySideAndZone, type Zone, ZONES } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup, shapeOf } from '../saddle/saddle-setup';
import { strapPairs } from '../saddle/strap-sets';
import { makeableShapes } from '../saddle/width-setting';
import { type NearOff, otherSide } from '../units';

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

/** The setup one real step along an axis; null at its end or where this saddle has no such thing. */
export function stepSetup(saddle: DescribedSaddle, setup: SaddleSetup, axis: AxisId, direction: -1 | 1): SaddleSetup | null {
  const { front, build } = saddle;
  const { flock } = build.panel;
  const set = (setting: NumberSetting, now: number, put: (v: number) => SaddleSetup): SaddleSetup | null => {
    const next = steppedValue(setting, now, direction);
    return next === null ? null : put(next);
  };
  const bounded = (now: number, step: number, least: number, most: number, put: (v: number) => SaddleSetup): SaddleSetup | null => {
    const next = now + direction * step;
    return next < least - 1e-9 || next > most + 1e-9 ? null : put(next);
  };
  const flocked = (sides: readonly NearOff[], zones: readonly Zone[]): SaddleSetup | null => {
    const next = added(setup.flock, sides, zones, direction * flock.stepMm);
    const inside = sides.every((s) => zones.every((z) => next[s][z] >= flock.leastMm - 1e-9 && next[s][z] <= flock.mostMm + 1e-9));
    return inside && flock.stepMm > 0 ? { ...setup, flock: next } : null;
  };
  const shimmed = (sides: readonly NearOff[], zone: Zone): SaddleSetup | null => {
    const shims = added(setup.shims, sides, [zone], direction * FITTER_STEPS.shimMm);
    const inside = sides.every((s) => shims[s][zone] >= -1e-9 && shims[s][zone] <= FITTER_STEPS.mostShimMm + 1e-9);
    return inside ? { ...setup, shims } : null;
  };
  switch (axis) {
    case 'width':
      return bounded(setup.width, 1, 0, front.settings.length - 1, (width) => ({ ...setup, width }));
    case 'archShape': {
      const shapes = makeableShapes(front);
      const shape = shapes[shapes.indexOf(shapeOf(saddle, setup)) + direction];
      return shape === undefined ? null : { ...setup, shape };
    }
    case 'curve':
      return set(build.frame.curveMm, setup.curveMm, (curveMm) => ({ ...setup, curveMm }));
    case 'frontDepth':
      return set(build.panel.depthFrontMm, setup.frontDepthMm, (frontDepthMm) => ({ ...setup, frontDepthMm }));
    case 'gusset':
      return set(build.panel.depthRearMm, setup.rearDepthMm, (rearDepthMm) => ({ ...setup, rearDepthMm }));
    case 'place':
      return bounded(setup.placeMm, FITTER_STEPS.placeMm, FITTER_STEPS.placeFromMm, FITTER_STEPS.placeToMm, (placeMm) => ({
        ...setup,
        placeMm,
      }));
    case 'flockFront':
      return flocked(['near', 'off'], ['front']);
    case 'flockMiddle':
      return flocked(['near', 'off'], ['middle']);
    case 'flockRear':
      return flocked(['near', 'off'], ['rear']);
    case 'flockNear':
      return flockedAcross(saddle, setup, direction);
    case 'shimFront':
      return shimmed(['near', 'off'], 'front');
    case 'shimMiddle':
      return shimmed(['near', 'off'], 'middle');
    case 'shimRear':
      return shimmed(['near', 'off'], 'rear');
    case 'shimFrontNear':
      return shimmed(['near'], 'front');
    case 'shimFrontOff':
      return shimmed(['off'], 'front');
    case 'shimMiddleNear':
      return shimmed(['near'], 'middle');
    case 'shimMiddleOff':
      return shimmed(['off'], 'middle');
    case 'shimRearNear':
      return shimmed(['near'], 'rear');
    case 'shimRearOff':
      return shimmed(['off'], 'rear');
    case 'pad': {
      const list = saddle.kind === 'western' ? PADS : PADS.filter((p) => p.thicknessMm < NEUTRAL_PAD.western.thicknessMm);
      const at = list.findIndex((p) => p.kind === setup.pad.kind && p.thicknessMm === setup.pad.thicknessMm);
      const pad = list[at + direction];
      return pad === undefined ? null : { ...setup, pad };
    }
    case 'straps': {
      const pairs = strapPairs(build.straps);
      const at = pairs.findIndex((p) => p.join() === setup.straps.join());
      const straps = pairs[at + direction];
      return straps === undefined ? null : { ...setup, straps };
    }
  }
}

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
