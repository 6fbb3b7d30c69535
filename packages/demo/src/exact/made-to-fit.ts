import {
  type DescribedSaddle,
  type HorseBody,
  type LaidSaddle,
  type RiderLoad,
  type SaddleSetup,
  type School,
  type Underside,
  DEFAULT_BUILD,
  NOTHING_ADDED,
  frontDeviationMm,
  laidFront,
  laySaddle,
  presentSetup,
  surfaceHeightMm,
  underside,
  fixedAt,
} from '@fulcra/core';

/** A saddle made from a back: its underside is the back and a constant depth, its front the arch that lies even there. */
export interface MadeToFit {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  /** Lower by so much at a place, mm; what a change does to it. */
  readonly changed: (uMm: number, outMm: number, near: boolean) => number;
  /** The back it was made from, and where on it. */
  readonly madeOn: HorseBody;
  readonly madeAtMm: number;
}

export const EXACT_RIDER: RiderLoad = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' };
/** Front arch to the end of the tree, and shorter on a short back, mm. */
export const LONGEST_MM = 330;
const BEFORE_RIB_MM = 20;
const DEPTH_MM = 34;
/** Of the roof over the spine, before it is loaded. */
const ROOM_MM = 52;
const PLACE_MM = 52;

const BASE: DescribedSaddle = {
  id: 'made-to-fit',
  kind: 'english',
  front: {
    shape: 'round',
    pointLengthMm: 170,
    frontPanelDepthMm: 30,
    frontChannelMm: 75,
    presentSetting: 1,
    settings: [85, 90, 95].map((includedAngleDeg) => ({ label: `${includedAngleDeg}`, includedAngleDeg })),
  },
  build: {
    ...DEFAULT_BUILD,
    frame: { ...DEFAULT_BUILD.frame, lengthMm: LONGEST_MM, curveMm: fixedAt(20), massKg: 7, barMm: 90 },
    panel: {
      ...DEFAULT_BUILD.panel,
      channelMidMm: 85,
      channelRearMm: 88,
      widthFrontMm: 95,
      widthMidMm: 104,
      widthRearMm: 104,
      pastTreeMm: 5,
      frontTurnMm: 6,
      rearTurnMm: 8,
      rearTurnOverMm: 30,
      bevelMm: 12,
    },
  },
};

const even = (): number => 0;

/** The saddle made for this back under this school: front angle, seat over what bears, straps over the groove. */
export function madeToFit(body: HorseBody, school: School): MadeToFit {
  const place = PLACE_MM;
  const angle = evenAngleDeg(body, school, place);
  const front = { ...BASE.front, settings: [-5, 0, 5].map((by) => ({ label: `${by}`, includedAngleDeg: angle + by })) };
  const groove = (body.grooveMm ?? place + 80) - place;
  const straps = DEFAULT_BUILD.straps
    .slice(1, 3)
    .map((s, i) => ({ ...s, xMm: groove + (i === 0 ? -1 : 1) * (school.engine.girthBuckle.apartMm / 2) }));
  const lengthMm = Math.min(LONGEST_MM, (body.lastRibMm ?? Infinity) - place - BASE.build.panel.pastTreeMm - BEFORE_RIB_MM);
  const frame = { ...BASE.build.frame, lengthMm, seatLowMm: lengthMm / 2, massAtMm: lengthMm / 2 };
  const saddle = { ...BASE, front, build: { ...BASE.build, frame, straps } };
  const plain = { ...presentSetup(saddle, place), flock: NOTHING_ADDED };
  const made = { saddle, setup: plain, changed: even, madeOn: body, madeAtMm: place };
  return { ...made, saddle: seatedOver(made, bearingMiddleMm(made) - place) };
}

/** The arch that lies even on this front, degrees between its points. */
function evenAngleDeg(body: HorseBody, school: School, place: number): number {
  const deviation = (deg: number): number => {
    const saddle = { ...BASE, front: { ...BASE.front, presentSetting: 0, settings: [{ label: '', includedAngleDeg: deg }] } };
    return frontDeviationMm(laidFront(body, saddle, presentSetup(saddle, place)), school) ?? 0;
  };
  let [low, high] = [55, 145];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (deviation(middle) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The seat there where saddle, seat and bars together come down through a place of the saddle. */
function seatedOver({ saddle }: MadeToFit, uMm: number): DescribedSaddle {
  const { frame } = saddle.build;
  const { massKg, stirrupShare } = EXACT_RIDER;
  const all = massKg + frame.massKg;
  const seat = (all * uMm - frame.massKg * frame.massAtMm - massKg * stirrupShare * frame.barMm) / (massKg * (1 - stirrupShare));
  return { ...saddle, build: { ...saddle.build, frame: { ...frame, seatLowMm: Math.max(0, Math.min(frame.lengthMm, seat)) } } };
}

/** Middle of the panel's area as it lies on the back: where even contact bears. */
function bearingMiddleMm(made: MadeToFit): number {
  const under = exactUnderside(made);
  let [sum, all] = [0, 0];
  for (let u = under.fromMm; u <= under.toMm; u += 5) {
    const row = under.rowAt(u);
    for (let y = 3; y < under.halfWidthMm; y += 5) {
      if (Number.isNaN(under.heightIn(row, u, y)) || under.reliefIn(row, u, y) > 2) continue;
      sum += u + made.setup.placeMm;
      all++;
    }
  }
  return sum / Math.max(1, all);
}

/** Its underside: the back it was made from, a constant depth, its own rounded edges, and what was changed. */
export function exactUnderside({ saddle, setup, changed, madeOn, madeAtMm }: MadeToFit): Underside {
  const plain = underside(saddle, setup);
  const height = (u: number, y: number): number => surfaceHeightMm(madeOn.surface, madeAtMm + u, y);
  const steepness = (u: number, y: number): number =>
    Math.hypot(1, (height(u + 4, y) - height(u - 4, y)) / 8, (height(u, y + 4) - height(u, y - 4)) / 8);
  const roofAt = (u: number): number => height(u, 0) + DEPTH_MM + ROOM_MM;
  return {
    ...plain,
    roofAt,
    rowAt: (u) => {
      const fall = Math.max(5, height(u, 40) - height(u, 100));
      const tangent = 60 / fall;
      return { ...plain.rowAt(u), tangent, slopeCosine: Math.sin(Math.atan(tangent)) };
    },
    heightIn: (row, u, y) => {
      if (Number.isNaN(plain.heightIn(row, u, y))) return Number.NaN;
      return height(u, y) + DEPTH_MM + plain.reliefIn(row, u, y) * steepness(u, y) - changed(u, Math.abs(y), y < 0);
    },
  };
}

/** Laid as the engine lays a described saddle, but with the underside it was made with. */
export function laidExactly(made: MadeToFit, body: HorseBody, school: School, strapPullN: number): LaidSaddle {
  const under = exactUnderside(made);
  const laid = laySaddle({ body, saddle: made.saddle, setup: made.setup, rider: EXACT_RIDER, strapPullN }, school.engine, under);
  if (!laid.ok) throw new Error(JSON.stringify(laid.problems));
  return laid.value;
}
