import { type Problem, problem } from '../problems';
import { type NearOff } from '../units';
import { type EdgeStation } from './stations';

/** Places felt and marked on the horse, as a distance along the spine from the chalked zero mark, + toward the tail. */
export const PLACE_LANDMARKS = [
  'scapulaRest',
  'scapulaForward',
  'witherTop',
  'witherBase',
  'girthGroove',
  'lowPoint',
  'widestBarrel',
  'lastRib',
] as const;
/** Widths from edge to edge across the spine. */
export const EDGE_LANDMARKS = ['spineEdge', 'muscleEdge'] as const;
export const LANDMARKS = [...PLACE_LANDMARKS, ...EDGE_LANDMARKS] as const;
export type LandmarkId = (typeof LANDMARKS)[number];

/** Three ways to find the last rib: along the rib from the flank, the line where the flank's hair meets, counting back from the loin. */
export const LAST_RIB_WAYS = ['alongTheRib', 'flankHair', 'fromTheLoin'] as const;
export type LastRibWay = (typeof LAST_RIB_WAYS)[number];
export const EDGE_POSES = ['relaxed', 'tensed'] as const;
export type EdgePose = (typeof EDGE_POSES)[number];

/** One reading of one landmark. Fields that a landmark doesn't have are null. */
export interface LandmarkReading {
  readonly landmark: LandmarkId;
  readonly side: NearOff | null;
  readonly way: LastRibWay | null;
  readonly station: EdgeStation | null;
  readonly pose: EdgePose | null;
  /** Distance from the zero mark, or width across, mm. */
  readonly atMm: number;
  /** False where a proposal was kept that nobody laid a hand on: by eye, and doubtful. Felt where absent. */
  readonly felt?: boolean | undefined;
  /** Found once more beside those before it, like another take; otherwise it stands in their place. */
  readonly again?: boolean | undefined;
}

/** What all readings of one landmark say together. */
export interface SettledReading extends LandmarkReading {
  /** Mean of the readings that count, mm. */
  readonly atMm: number;
  readonly felt: boolean;
  /** How many count. */
  readonly times: number;
  /** How far they lie apart, mm; 0 for one. */
  readonly spreadMm: number;
  /** Standard deviation of one of them, mm; 0 for one. */
  readonly sdMm: number;
}

/** Which landmark it is, without what was read. */
export type LandmarkSlot = Omit<LandmarkReading, 'atMm' | 'felt' | 'again'>;

export const landmarkKey = ({ landmark, side, way, station, pose }: LandmarkSlot): string =>
  [landmark, side, way, station, pose].filter((part) => part !== null).join('.');

/** What a tape can show on any equine, mm; outside it a unit or a digit is wrong (defaults, foal to draught horse). */
export const LANDMARK_RANGES: Readonly<Record<LandmarkId, readonly [leastMm: number, mostMm: number]>> = {
  scapulaRest: [-150, 150],
  scapulaForward: [-150, 300],
  witherTop: [-300, 200],
  witherBase: [-100, 350],
  girthGroove: [-200, 300],
  lowPoint: [0, 600],
  widestBarrel: [0, 800],
  lastRib: [100, 900],
  spineEdge: [15, 200],
  muscleEdge: [50, 600],
};

/** Orders that no horse can have: the first stands ahead of the second. */
const ORDERS: readonly (readonly [LandmarkId, LandmarkId])[] = [
  ['scapulaRest', 'lowPoint'],
  ['scapulaRest', 'lastRib'],
  ['scapulaForward', 'lastRib'],
  ['witherTop', 'witherBase'],
  ['witherBase', 'lastRib'],
  ['girthGroove', 'lastRib'],
];

/**
 * What counts of each landmark, in the order they were first found. A reading stands in the place of those before it unless it was
 * made once more beside them; a hand takes the place of an eye, and an eye adds nothing to a hand.
 */
export function settledReadings(readings: readonly LandmarkReading[]): ReadonlyMap<string, SettledReading> {
  const counted = new Map<string, LandmarkReading[]>();
  for (const reading of readings) {
    const key = landmarkKey(reading);
    const before = counted.get(key) ?? [];
    if (reading.again !== true || before.length === 0) counted.set(key, [reading]);
    else if (isFelt(reading)) counted.set(key, [...before.filter(isFelt), reading]);
  }
  return new Map([...counted].map(([key, those]) => [key, settled(those)]));
}

const isFelt = ({ felt }: LandmarkReading): boolean => felt !== false;

function settled(those: readonly LandmarkReading[]): SettledReading {
  const mm = those.map((r) => r.atMm);
  const mean = mm.reduce((s, v) => s + v, 0) / mm.length;
  const sdMm = mm.length < 2 ? 0 : Math.sqrt(mm.reduce((s, v) => s + (v - mean) ** 2, 0) / (mm.length - 1));
  const last = those.at(-1)!;
  return { ...last, felt: isFelt(last), atMm: mean, times: mm.length, spreadMm: Math.max(...mm) - Math.min(...mm), sdMm };
}

/** Why a reading cannot be, held against those already there; empty when it can. */
export function landmarkProblems(reading: LandmarkReading, others: readonly LandmarkReading[]): Problem[] {
  const [leastMm, mostMm] = LANDMARK_RANGES[reading.landmark];
  if (!(reading.atMm >= leastMm && reading.atMm <= mostMm)) {
    return [problem('LANDMARK_OUT_OF_RANGE', { landmark: reading.landmark, atMm: reading.atMm, leastMm, mostMm })];
  }
  const known = [...settledReadings(others).values()].filter((r) => landmarkKey(r) !== landmarkKey(reading));
  return [...orderProblems(reading, known), ...travelProblems(reading, known), ...edgeProblems(reading, known)];
}

function orderProblems(reading: LandmarkReading, known: readonly LandmarkReading[]): Problem[] {
  return known.flatMap((other) => {
    const ahead = ORDERS.some(([a, b]) => a === reading.landmark && b === other.landmark) && reading.atMm >= other.atMm;
    const behind = ORDERS.some(([a, b]) => b === reading.landmark && a === other.landmark) && reading.atMm <= other.atMm;
    if (!ahead && !behind) return [];
    return [problem('LANDMARK_ORDER', { landmark: reading.landmark, atMm: reading.atMm, other: other.landmark, otherMm: other.atMm })];
  });
}

/** The blade's rear edge swings back when the leg is drawn forward. */
function travelProblems(reading: LandmarkReading, known: readonly LandmarkReading[]): Problem[] {
  const pair = [reading, ...known].filter((r) => r.side !== null && r.side === reading.side);
  const rest = pair.find((r) => r.landmark === 'scapulaRest');
  const forward = pair.find((r) => r.landmark === 'scapulaForward');
  const concerns = reading.landmark === 'scapulaRest' || reading.landmark === 'scapulaForward';
  if (!concerns || rest === undefined || forward === undefined || forward.atMm >= rest.atMm) return [];
  return [problem('SCAPULA_TRAVEL_BACKWARD', { side: reading.side!, restMm: rest.atMm, forwardMm: forward.atMm })];
}

function edgeProblems(reading: LandmarkReading, known: readonly LandmarkReading[]): Problem[] {
  const here = [reading, ...known].filter((r) => r.station !== null && r.station === reading.station && r.pose === reading.pose);
  const spine = here.find((r) => r.landmark === 'spineEdge');
  const muscle = here.find((r) => r.landmark === 'muscleEdge');
  if (spine === undefined || muscle === undefined || muscle.atMm > spine.atMm) return [];
  return [problem('MUSCLE_INSIDE_SPINE', { station: reading.station!, muscleMm: muscle.atMm, spineMm: spine.atMm })];
}
