import { type Saddle } from '@fulcra/contract';
import { DEFAULT_BUILD, type Frame, type NumberSetting, type Panel, type SaddleBuild, UNKNOWN_SEAT, fixedAt } from '@fulcra/core';
import { demoId } from './ids';
import { DEMO_SEATS } from './saddle-seats';

type Front = Saddle['front'];

const settings = (pairs: readonly (readonly [label: string, includedAngleDeg: number])[]): Front['settings'] =>
  pairs.map(([label, includedAngleDeg]) => ({ label, includedAngleDeg }));

const range = (present: number, least: number, most: number, step: number): NumberSetting => ({
  kind: 'range',
  present,
  least,
  most,
  step,
});
const build = (frame: Partial<Frame>, panel: Partial<Panel>, straps: SaddleBuild['straps'] = DEFAULT_BUILD.straps): SaddleBuild => ({
  frame: { ...DEFAULT_BUILD.frame, ...frame },
  panel: { ...DEFAULT_BUILD.panel, ...panel },
  straps: [...straps],
});
const inStock = (whereabouts: string, note = '') => ({ whereabouts, note });

/** Bars instead of panels: bare wood on felt, flared in front, with tails behind. */
const BARS: SaddleBuild = build(
  {
    lengthMm: 400,
    curveMm: fixedAt(16),
    headRiseMm: 20,
    midAngleDeg: 108,
    rearAngleDeg: 118,
    seatLowMm: 215,
    barMm: 70,
    massKg: 13,
    massAtMm: 190,
  },
  {
    channelMidMm: 90,
    channelRearMm: 95,
    widthFrontMm: 95,
    widthMidMm: 95,
    widthRearMm: 105,
    depthMidMm: 12,
    depthRearMm: fixedAt(14),
    depthFrontMm: fixedAt(12),
    cross: 'rounded',
    bevelMm: 22,
    aheadMm: 45,
    cutBackMm: 0,
    pastTreeMm: 0,
    frontTurnMm: 22,
    frontTurnOverMm: 70,
    rearTurnMm: 26,
    rearTurnOverMm: 80,
    filling: 'none',
    flock: { leastMm: 0, mostMm: 0, stepMm: 0 },
  },
  [
    { id: 'first', xMm: 40, yMm: 150, belowMm: 100, hang: 'fixed' },
    { id: 'second', xMm: 80, yMm: 150, belowMm: 100, hang: 'fixed' },
    { id: 'third', xMm: 120, yMm: 150, belowMm: 100, hang: 'fixed' },
  ],
);

/** Seven saddles of invented makers; a maker's label means nothing outside its own row. */
export const DEMO_SADDLES: readonly Saddle[] = [
  {
    id: demoId(101),
    name: 'Holm trekker no. 1',
    maker: 'Sallow & Tench',
    kind: 'english',
    change: 'exchangeablePlate',
    front: {
      shape: 'round',
      pointLengthMm: 170,
      frontPanelDepthMm: 30,
      frontChannelMm: 70,
      presentSetting: 2,
      settings: settings([
        ['Reed', 80],
        ['Rush', 85],
        ['Sedge', 90],
        ['Willow', 95],
        ['Alder', 100],
        ['Oak', 105],
      ]),
    },
    seat: DEMO_SEATS.trekkerOne,
    build: build(
      { lengthMm: 325, seatLowMm: 172, curveMm: fixedAt(20), midAngleDeg: 106, rearAngleDeg: 120 },
      { depthFrontMm: range(30, 26, 38, 4), depthRearMm: range(42, 34, 54, 4) },
    ),
    ...inStock('peat shed, left rack'),
  },
  {
    id: demoId(102),
    name: 'Holm trekker no. 2',
    maker: 'Sallow & Tench',
    kind: 'english',
    change: 'exchangeablePlate',
    front: {
      shape: 'broad',
      pointLengthMm: 165,
      frontPanelDepthMm: 34,
      frontChannelMm: 75,
      presentSetting: 1,
      settings: settings([
        ['Sedge', 90],
        ['Willow', 95],
        ['Alder', 100],
        ['Oak', 105],
        ['Elm', 110],
      ]),
    },
    seat: DEMO_SEATS.trekkerTwo,
    build: build(
      { curveMm: fixedAt(12), headRiseMm: 10, midAngleDeg: 116, rearAngleDeg: 130, massKg: 8, lengthMm: 318, seatLowMm: 168 },
      {
        channelMidMm: 85,
        channelRearMm: 90,
        depthMidMm: 26,
        cross: 'hollow',
        depthFrontMm: range(34, 30, 46, 4),
        depthRearMm: range(38, 30, 46, 4),
      },
    ),
    ...inStock('peat shed, right rack', 'Made for the round cobs.'),
  },
  {
    id: demoId(103),
    name: 'Skerry distance',
    maker: 'Fathom Lorinery',
    kind: 'english',
    change: 'workshop',
    front: {
      shape: 'peaked',
      pointLengthMm: 165,
      frontPanelDepthMm: 28,
      frontChannelMm: 75,
      presentSetting: 1,
      settings: settings([
        ['II', 74],
        ['III', 79],
        ['IIII', 84],
      ]),
    },
    seat: DEMO_SEATS.distance,
    build: build(
      { lengthMm: 335, curveMm: fixedAt(20), headRiseMm: 45, midAngleDeg: 92, rearAngleDeg: 106, seatLowMm: 175, massKg: 5.5 },
      {
        channelMidMm: 75,
        channelRearMm: 80,
        widthMidMm: 100,
        widthRearMm: 110,
        depthFrontMm: range(28, 24, 40, 4),
        depthRearMm: range(38, 30, 50, 4),
        filling: 'wool',
      },
    ),
    ...inStock('with Wren'),
  },
  {
    id: demoId(104),
    name: 'Long-seat working saddle no. 4',
    maker: 'Brack',
    kind: 'english',
    change: 'fixed',
    front: {
      shape: 'round',
      pointLengthMm: 175,
      frontPanelDepthMm: 32,
      frontChannelMm: 70,
      presentSetting: 0,
      settings: settings([['Broad 3', 92]]),
    },
    seat: UNKNOWN_SEAT,
    build: build(
      { lengthMm: 390, curveMm: fixedAt(5), midAngleDeg: 104, rearAngleDeg: 116, seatLowMm: 205, massKg: 9 },
      { depthFrontMm: fixedAt(32), depthRearMm: fixedAt(44), filling: 'foam', flock: { leastMm: 0, mostMm: 0, stepMm: 0 } },
    ),
    ...inStock('loft', 'Flat tree, foam panels: nothing to adjust but pads.'),
  },
  {
    id: demoId(105),
    name: 'Pony club hack',
    maker: 'Brack',
    kind: 'english',
    change: 'workshop',
    front: {
      shape: 'round',
      pointLengthMm: 145,
      frontPanelDepthMm: 26,
      frontChannelMm: 65,
      presentSetting: 0,
      settings: settings([
        ['Broad 1', 88],
        ['Broad 2', 93],
        ['Broad 3', 98],
      ]),
    },
    seat: DEMO_SEATS.hack,
    build: build(
      { lengthMm: 255, curveMm: fixedAt(16), midAngleDeg: 108, rearAngleDeg: 118, seatLowMm: 135, barMm: 15, massKg: 5, massAtMm: 130 },
      {
        pastTreeMm: 10,
        widthMidMm: 88,
        widthRearMm: 92,
        depthFrontMm: range(26, 22, 38, 4),
        depthMidMm: 26,
        depthRearMm: range(36, 28, 44, 4),
      },
      DEFAULT_BUILD.straps.map((s) => ({ ...s, xMm: s.xMm * 0.8 })),
    ),
    ...inStock('peat shed, left rack'),
  },
  {
    id: demoId(106),
    name: 'Breaker',
    maker: 'Fathom Lorinery',
    kind: 'english',
    change: 'exchangeablePlate',
    front: {
      shape: 'round',
      otherShapes: ['peaked', 'broad'],
      pointLengthMm: 165,
      frontPanelDepthMm: 30,
      frontChannelMm: 70,
      presentSetting: 1,
      settings: settings([
        ['III', 79],
        ['IIII', 84],
        ['V', 89],
        ['VI', 94],
      ]),
    },
    seat: DEMO_SEATS.breaker,
    build: build(
      {
        lengthMm: 330,
        seatLowMm: 175,
        curveMm: { kind: 'options', present: 20, options: [8, 20, 35] },
        headRiseMm: 32,
        midAngleDeg: 98,
        rearAngleDeg: 112,
      },
      { depthFrontMm: range(30, 26, 38, 4), depthRearMm: range(42, 34, 54, 4) },
    ),
    ...inStock('workshop', 'Tree comes flat, gentle or deep; its head plates peaked, round or broad.'),
  },
  {
    id: demoId(107),
    name: 'Pack-ridge stock saddle',
    maker: 'Gannet Bar',
    kind: 'western',
    change: 'fixed',
    front: {
      shape: 'broad',
      pointLengthMm: 190,
      frontPanelDepthMm: 12,
      frontChannelMm: 90,
      presentSetting: 0,
      settings: settings([['mid bar', 94]]),
    },
    seat: UNKNOWN_SEAT,
    build: BARS,
    ...{ whereabouts: 'loft', note: 'Came with the island; rigging not looked at since.' },
  },
];
