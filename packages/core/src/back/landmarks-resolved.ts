import { type NearOff, SIDES } from '../units';
import {
  EDGE_POSES,
  type EdgePose,
  LAST_RIB_WAYS,
  type LandmarkId,
  type LandmarkReading,
  type LastRibWay,
  type SettledReading,
  landmarkKey,
  settledReadings,
} from './landmarks';
import { type EdgeStation, EDGE_STATIONS } from './stations';

/** Two ways to find the last rib that differ by more ask for a third (trade rule). */
export const LAST_RIB_AGREE_MM = 20;

export interface ScapulaSide {
  readonly restMm: number | null;
  readonly forwardMm: number | null;
  readonly travelMm: number | null;
}

export interface LastRib {
  readonly state: 'none' | 'oneWay' | 'countedOnly' | 'agree' | 'askThird' | 'settled' | 'differ';
  /** From the origin; null where nothing is known or the ways contradict each other. */
  readonly atMm: number | null;
  readonly byWay: readonly { readonly way: LastRibWay; readonly atMm: number }[];
  readonly differMm: number;
}

/** Landmarks in the horse's own frame: mm behind the mean of both resting scapula edges. */
export interface Landmarks {
  /** Where the origin lies on the tape. */
  readonly originOnTapeMm: number;
  readonly scapula: Readonly<Record<NearOff, ScapulaSide>>;
  readonly lastRib: LastRib;
  readonly places: Readonly<Partial<Record<LandmarkId, number>>>;
  readonly edges: readonly {
    readonly station: EdgeStation;
    readonly pose: EdgePose;
    readonly spineMm: number | null;
    readonly muscleMm: number | null;
  }[];
  /** What counts of each, on the tape: how often it was found and whether a hand found it. */
  readonly readings: readonly SettledReading[];
  readonly doubts: readonly LandmarkDoubt[];
}

export type LandmarkDoubt =
  | { readonly code: 'TRAVEL_UNLIKELY'; readonly side: NearOff; readonly travelMm: number }
  | { readonly code: 'SCAPULAS_UNEVEN'; readonly byMm: number }
  | { readonly code: 'LAST_RIB_WAYS_DIFFER'; readonly byMm: number }
  | { readonly code: 'LAST_RIB_COUNTED_ONLY' }
  | { readonly code: 'BACK_LENGTH_UNLIKELY'; readonly lengthMm: number }
  | { readonly code: 'LOW_POINT_UNLIKELY'; readonly atMm: number }
  | { readonly code: 'BARREL_BEHIND_RIBS'; readonly atMm: number }
  | { readonly code: 'SCAPULA_TOO_FAR_FORWARD'; readonly side: NearOff; readonly aheadMm: number }
  | { readonly code: 'READINGS_APART'; readonly landmark: LandmarkId; readonly byMm: number }
  | { readonly code: 'BY_EYE'; readonly landmarks: readonly LandmarkId[] };

/** What is seldom seen and therefore asked about, never refused (defaults). */
const LIKELY = {
  travelMm: [10, 100],
  unevenMm: 25,
  backLengthMm: [280, 560],
  /** The blade's rear edge lies beside the top of the withers or behind it; further ahead it is still under the mane. */
  scapulaAheadOfWithersMm: 50,
  /** Readings of one landmark by one hand. */
  apartMm: 20,
} as const;

/** All readings in the order they were made; the latest of each counts. */
export function resolveLandmarks(readings: readonly LandmarkReading[]): Landmarks {
  const latest = settledReadings(readings);
  const on = (key: Partial<LandmarkReading> & { landmark: LandmarkId }): number | null =>
    latest.get(landmarkKey({ side: null, way: null, station: null, pose: null, ...key }))?.atMm ?? null;
  const rests = SIDES.flatMap((side) => on({ landmark: 'scapulaRest', side }) ?? []);
  const origin = rests.length === 0 ? 0 : rests.reduce((s, r) => s + r, 0) / rests.length;
  const from = (mm: number | null): number | null => (mm === null ? null : mm - origin);
  const scapulaSide = (side: NearOff): ScapulaSide => {
    const [rest, forward] = [on({ landmark: 'scapulaRest', side }), on({ landmark: 'scapulaForward', side })];
    return { restMm: from(rest), forwardMm: from(forward), travelMm: rest === null || forward === null ? null : forward - rest };
  };
  const single: readonly LandmarkId[] = ['witherTop', 'witherBase', 'girthGroove', 'lowPoint', 'widestBarrel'];
  const places = Object.fromEntries(
    single.flatMap((landmark) => {
      const at = from(on({ landmark }));
      return at === null ? [] : [[landmark, at]];
    }),
  ) as Partial<Record<LandmarkId, number>>;
  const lastRib = settleLastRib(
    LAST_RIB_WAYS.flatMap((way) => {
      const at = from(on({ landmark: 'lastRib', way }));
      return at === null ? [] : [{ way, atMm: at }];
    }),
  );
  const edges = EDGE_STATIONS.flatMap((station) =>
    EDGE_POSES.map((pose) => ({
      station,
      pose,
      spineMm: on({ landmark: 'spineEdge', station, pose }),
      muscleMm: on({ landmark: 'muscleEdge', station, pose }),
    })),
  );
  const found = {
    originOnTapeMm: origin,
    scapula: { near: scapulaSide('near'), off: scapulaSide('off') },
    lastRib,
    places,
    edges,
    readings: [...latest.values()],
  };
  return { ...found, doubts: doubtsAbout(found) };
}

/** Two ways within 20 mm agree; otherwise a third decides, if it lies near one of them. Counting from the loin alone settles nothing. */
export function settleLastRib(byWay: LastRib['byWay']): LastRib {
  const sorted = [...byWay].sort((a, b) => a.atMm - b.atMm);
  const mean = (ways: LastRib['byWay']): number => ways.reduce((s, w) => s + w.atMm, 0) / ways.length;
  const differMm = sorted.length < 2 ? 0 : sorted.at(-1)!.atMm - sorted[0]!.atMm;
  if (sorted.length === 0) return { state: 'none', atMm: null, byWay, differMm };
  // five vertebrae of the loin instead of six are common: the count sets nothing by itself
  if (sorted.length === 1 && sorted[0]!.way === 'fromTheLoin') return { state: 'countedOnly', atMm: null, byWay, differMm };
  if (sorted.length === 1) return { state: 'oneWay', atMm: sorted[0]!.atMm, byWay, differMm };
  if (differMm <= LAST_RIB_AGREE_MM) return { state: 'agree', atMm: mean(sorted), byWay, differMm };
  if (sorted.length === 2) return { state: 'askThird', atMm: null, byWay, differMm };
  const pairs = [sorted.slice(0, 2), sorted.slice(1)].sort((a, b) => a[1]!.atMm - a[0]!.atMm - (b[1]!.atMm - b[0]!.atMm));
  const closest = pairs[0]!;
  const settled = closest[1]!.atMm - closest[0]!.atMm <= LAST_RIB_AGREE_MM;
  return settled ? { state: 'settled', atMm: mean(closest), byWay, differMm } : { state: 'differ', atMm: null, byWay, differMm };
}

function doubtsAbout(found: Omit<Landmarks, 'doubts'>): LandmarkDoubt[] {
  return [...doubtsOfPlace(found), ...doubtsOfReading(found)];
}

/** Of how they were found: by eye, or with readings that lie apart. */
function doubtsOfReading({ readings }: Pick<Landmarks, 'readings'>): LandmarkDoubt[] {
  const apart = readings.filter((r) => r.spreadMm > LIKELY.apartMm);
  const byEye = [...new Set(readings.filter((r) => !r.felt).map((r) => r.landmark))];
  return [
    ...apart.map((r) => ({ code: 'READINGS_APART' as const, landmark: r.landmark, byMm: r.spreadMm })),
    ...(byEye.length === 0 ? [] : [{ code: 'BY_EYE' as const, landmarks: byEye }]),
  ];
}

/** How far the edge of a blade lies ahead of the top of the withers, where that is more than it can. */
export function scapulaTooFarForward({ scapula }: Pick<Landmarks, 'scapula'>, witherTopMm: number | undefined): LandmarkDoubt[] {
  if (witherTopMm === undefined) return [];
  return SIDES.flatMap((side): LandmarkDoubt[] => {
    const { restMm } = scapula[side];
    const aheadMm = restMm === null ? 0 : witherTopMm - restMm;
    return aheadMm > LIKELY.scapulaAheadOfWithersMm ? [{ code: 'SCAPULA_TOO_FAR_FORWARD', side, aheadMm }] : [];
  });
}

/** Of where they lie. */
function doubtsOfPlace({ scapula, lastRib, places }: Omit<Landmarks, 'doubts' | 'readings'>): LandmarkDoubt[] {
  const doubts: LandmarkDoubt[] = [...scapulaTooFarForward({ scapula }, places.witherTop)];
  for (const side of SIDES) {
    const { travelMm } = scapula[side];
    if (travelMm !== null && (travelMm < LIKELY.travelMm[0] || travelMm > LIKELY.travelMm[1]))
      doubts.push({ code: 'TRAVEL_UNLIKELY', side, travelMm });
  }
  const uneven = Math.abs((scapula.near.restMm ?? 0) - (scapula.off.restMm ?? scapula.near.restMm ?? 0));
  if (uneven > LIKELY.unevenMm) doubts.push({ code: 'SCAPULAS_UNEVEN', byMm: uneven });
  if (lastRib.state === 'askThird' || lastRib.state === 'differ') doubts.push({ code: 'LAST_RIB_WAYS_DIFFER', byMm: lastRib.differMm });
  if (lastRib.state === 'countedOnly') doubts.push({ code: 'LAST_RIB_COUNTED_ONLY' });
  const length = lastRib.atMm;
  if (length !== null && (length < LIKELY.backLengthMm[0] || length > LIKELY.backLengthMm[1]))
    doubts.push({ code: 'BACK_LENGTH_UNLIKELY', lengthMm: length });
  const low = places.lowPoint;
  const outside = low !== undefined && ((places.witherBase !== undefined && low < places.witherBase) || (length !== null && low > length));
  if (outside) doubts.push({ code: 'LOW_POINT_UNLIKELY', atMm: low });
  const barrel = places.widestBarrel;
  if (barrel !== undefined && length !== null && barrel > length) doubts.push({ code: 'BARREL_BEHIND_RIBS', atMm: barrel });
  return doubts;
}
