import { type Saddle } from '@fulcra/contract';
import { DEFAULT_BUILD, type Frame, type NumberSetting, type Panel, type SaddleBuild, fixedAt } from '@fulcra/core';

type Front = Saddle['front'];

export const settings = (pairs: readonly (readonly [label: string, includedAngleDeg: number])[]): Front['settings'] =>
  pairs.map(([label, includedAngleDeg]) => ({ label, includedAngleDeg }));

export const range = (present: number, least: number, most: number, step: number): NumberSetting => ({
  kind: 'range',
  present,
  least,
  most,
  step,
});
export const build = (frame: Partial<Frame>, panel: Partial<Panel>, straps: SaddleBuild['straps'] = DEFAULT_BUILD.straps): SaddleBuild => ({
  frame: { ...DEFAULT_BUILD.frame, ...frame },
  panel: { ...DEFAULT_BUILD.panel, ...panel },
  straps: [...straps],
});
export const inStock = (whereabouts: string, note = '') => ({ whereabouts, note, serial: '' });

/** Bars instead of panels: bare wood on felt, flared in front, with tails behind. */
export const BARS: SaddleBuild = build(
  {
    lengthMm: 400,
    curveMm: fixedAt(4),
    headRiseMm: 68,
    midAngleDeg: 100,
    rearAngleDeg: 100,
    seatLowMm: 240,
    barMm: 70,
    massKg: 13,
    massAtMm: 190,
  },
  {
    channelMidMm: 90,
    channelRearMm: 95,
    widthFrontMm: 95,
    widthMidMm: 105,
    widthRearMm: 110,
    depthMidMm: 32,
    depthRearMm: fixedAt(22),
    depthFrontMm: fixedAt(32),
    cross: 'flat',
    bevelMm: 14,
    aheadMm: 45,
    cutBackMm: 0,
    pastTreeMm: 0,
    frontTurnMm: 16,
    frontTurnOverMm: 50,
    rearTurnMm: 20,
    rearTurnOverMm: 60,
    filling: 'none',
    flock: { leastMm: 0, mostMm: 0, stepMm: 0 },
  },
  [
    { id: 'first', xMm: 60, yMm: 150, belowMm: 100, hang: 'fixed' },
    { id: 'second', xMm: 100, yMm: 150, belowMm: 100, hang: 'fixed' },
    { id: 'third', xMm: 140, yMm: 150, belowMm: 100, hang: 'fixed' },
  ],
);

/** Bars for a straight, narrow back: shorter and steeper than the others, a little rock, less of them behind, the rigging further back. */
export const STRAIGHT_BARS: SaddleBuild = {
  frame: { ...BARS.frame, lengthMm: 325, curveMm: fixedAt(12), headRiseMm: 48, midAngleDeg: 94, rearAngleDeg: 92, seatLowMm: 180 },
  panel: {
    ...BARS.panel,
    channelMidMm: 95,
    channelRearMm: 100,
    widthMidMm: 86,
    widthRearMm: 90,
    depthMidMm: 24,
    depthRearMm: fixedAt(26),
    depthFrontMm: fixedAt(44),
  },
  straps: BARS.straps.map((strap) => ({ ...strap, xMm: strap.xMm + 30 })),
};

/** A general panel with the bearing of a working saddle. */
export const BROAD_PANEL: Partial<Panel> = { widthFrontMm: 95, widthMidMm: 114, widthRearMm: 116, bevelMm: 14 };
