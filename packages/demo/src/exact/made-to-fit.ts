import {
  type ArchShape,
  type CriterionId,
  type DescribedSaddle,
  type HorseBody,
  type LaidSaddle,
  type RiderLoad,
  type SaddleSetup,
  type School,
  type Underside,
  CELL_MM,
  DEFAULT_BUILD,
  NOTHING_ADDED,
  SCHOOLS,
  onSchoolsPad,
  scapulaEdgeMm,
  sitBench,
  sitLaid,
  widthAt,
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
  /** Of the roof over the spine, before it is loaded, mm. */
  readonly roomMm: number;
}

export const EXACT_RIDER: RiderLoad = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' };
/** Front arch to the end of the tree, and shorter on a short back, mm. */
export const LONGEST_MM = 330;
const BEFORE_RIB_MM = 20;
const DEPTH_MM = 34;
/** Of the roof over the spine, before it is loaded, to begin with; and what is left above the least that a school wants. */
const ROOM_MM = 52;
const TO_SPARE_MM = 4;
/** Of the width of a panel, on the muscle at least; and no panel narrower than this, mm. */
const ON_MUSCLE = 0.58;
const NARROWEST_MM = 70;
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

/**
 * The saddle made for this back under this school: its pad, channel and panels, bars behind the blade, front angle, seat over what
 * bears, straps over the groove, and as much room over and beside the withers as the school wants once it is loaded.
 */
export function madeToFit(body: HorseBody, school: School): MadeToFit {
  const place = PLACE_MM;
  const base = panelled(body, school, place);
  const angle = evenAngleDeg(body, base, school, place);
  const front = { ...base.front, settings: [-5, 0, 5].map((by) => ({ label: `${by}`, includedAngleDeg: angle + by })) };
  const groove = (body.grooveMm ?? place + 80) - place;
  const straps = DEFAULT_BUILD.straps
    .slice(1, 3)
    .map((s, i) => ({ ...s, xMm: groove + (i === 0 ? -1 : 1) * (school.engine.girthBuckle.apartMm / 2) }));
  const lengthMm = Math.min(LONGEST_MM, (body.lastRibMm ?? Infinity) - place - base.build.panel.pastTreeMm - BEFORE_RIB_MM);
  const barMm = Math.max(base.build.frame.barMm, (scapulaEdgeMm(body, 'forwardMm') ?? 0) + leastOf(school, 'barBehindForward') + 1 - place);
  const frame = { ...base.build.frame, lengthMm, barMm, seatLowMm: lengthMm / 2, massAtMm: lengthMm / 2 };
  const saddle = { ...base, front, build: { ...base.build, frame, straps } };
  const setup = setupOf(saddle, school, place);
  const made = { saddle, setup, changed: even, madeOn: body, madeAtMm: place, roomMm: ROOM_MM };
  return roomy({ ...made, saddle: seatedOver(made, bearingMiddleMm(made) - place) }, school);
}

const setupOf = (saddle: DescribedSaddle, school: School, place: number): SaddleSetup =>
  onSchoolsPad({ ...presentSetup(saddle, place), flock: NOTHING_ADDED }, school.front.padMm);

const leastOf = ({ rules }: School, id: CriterionId): number => rules[id]?.least ?? 0;

/** Channel as wide as school and ligament want it, panels no wider than lets them lie on the muscle. */
function panelled({ ligament, muscle }: HorseBody, school: School, place: number): DescribedSaddle {
  const beside = Math.max(0, ...ligament.map((l) => l.widthMm)) + leastOf(school, 'ligamentClear');
  const channelMm = Math.max(BASE.front.frontChannelMm, BASE.build.panel.channelMidMm, leastOf(school, 'channelWidth'), beside) + 2;
  const wide = (usual: number, x: number): number => {
    const width = widthAt(muscle, place + x);
    const onMuscle = width === null ? usual : (width - channelMm) / 2 / ON_MUSCLE;
    return Math.max(NARROWEST_MM, Math.min(usual, onMuscle));
  };
  const { panel } = BASE.build;
  return {
    ...BASE,
    front: { ...BASE.front, shape: broadest(school), frontChannelMm: channelMm },
    build: {
      ...BASE.build,
      panel: {
        ...panel,
        channelMidMm: channelMm,
        channelRearMm: channelMm,
        widthFrontMm: wide(panel.widthFrontMm, 0),
        widthMidMm: wide(panel.widthMidMm, LONGEST_MM / 2),
        widthRearMm: wide(panel.widthRearMm, LONGEST_MM),
      },
    },
  };
}

/** A school that wants more beside the withers than others gets the broadest crown. */
const broadest = (school: School): ArchShape =>
  school.rules.withersBeside.least > SCHOOLS[0]!.rules.withersBeside.least ? 'broad' : BASE.front.shape;

/** The roof as high as leaves the room that a school wants once it is loaded. */
function roomy(made: MadeToFit, school: School): MadeToFit {
  const { madeOn: body, saddle, setup } = made;
  const { strapPullN } = school.engine;
  const laid = laidExactly(made, body, school, strapPullN);
  const question = { body, saddle, setup, rider: EXACT_RIDER, pose: 'resting' as const, strapPullN };
  const sitting = sitLaid(question, laid, sitBench(body, 'resting', school.engine, CELL_MM.search), null);
  if (!sitting.ok) throw new Error(JSON.stringify(sitting.problems));
  const { overMm, besideMm } = sitting.value.withers;
  const { withersOver, withersBeside } = school.rules;
  const over = withersOver.least + TO_SPARE_MM - overMm!;
  // a roof raised by one leaves so much more beside it, square to its side
  const square = laid.under.rowAt(0).slopeCosine;
  const beside = (withersBeside.least + TO_SPARE_MM - Math.min(besideMm.near!, besideMm.off!)) / square;
  return { ...made, roomMm: made.roomMm + Math.max(over, beside) };
}

/** The arch that lies even on this front, degrees between its points. */
function evenAngleDeg(body: HorseBody, base: DescribedSaddle, school: School, place: number): number {
  const deviation = (deg: number): number => {
    const saddle = { ...base, front: { ...base.front, presentSetting: 0, settings: [{ label: '', includedAngleDeg: deg }] } };
    return frontDeviationMm(laidFront(body, saddle, setupOf(saddle, school, place)), school) ?? 0;
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
export function exactUnderside({ saddle, setup, changed, madeOn, madeAtMm, roomMm }: MadeToFit): Underside {
  const plain = underside(saddle, setup);
  const height = (u: number, y: number): number => surfaceHeightMm(madeOn.surface, madeAtMm + u, y);
  const steepness = (u: number, y: number): number =>
    Math.hypot(1, (height(u + 4, y) - height(u - 4, y)) / 8, (height(u, y + 4) - height(u, y - 4)) / 8);
  const roofAt = (u: number): number => height(u, 0) + DEPTH_MM + roomMm;
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
