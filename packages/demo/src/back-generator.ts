import {
  type LandmarkReading,
  type PointXZ,
  type PointYZ,
  type Random,
  type SectionStation,
  normal,
  EDGE_STATIONS,
  EDGE_POSES,
} from '@fulcra/core';
import { type BackTruth, type HandError, takeOf, trueSection } from './front-section-generator';

/** The truth of an invented back along its whole length, behind what its front says. */
export interface BackBuild {
  readonly front: BackTruth;
  /** How much each flank opens to the base of the withers and to the last rib, degrees. */
  readonly baseOpensDeg: number;
  readonly rearOpensDeg: number;
  /** How much less the off side has behind the front, degrees: a weak side. */
  readonly weakOffDeg: number;
  /** mm behind the resting scapula. */
  readonly lowMm: number;
  readonly lastRibMm: number;
  /** Height of the withers' bump, depth of the dip, and croup over the line through both, mm. */
  readonly witherMm: number;
  readonly dipMm: number;
  readonly croupMm: number;
  readonly scapulaTravelMm: number;
  readonly grooveMm: number;
  /** Spine and ligament, and long back muscle, edge to edge at the low point, mm. */
  readonly spineMm: number;
  readonly muscleMm: number;
}

export const FRONT_AT_MM = 50;
const BASE_AT_MM = 100;

/** Where a station of this back lies, mm behind the scapula. */
export function stationAtMm(build: BackBuild, station: SectionStation): number {
  const at: Readonly<Record<SectionStation, number>> = {
    front: FRONT_AT_MM,
    base: BASE_AT_MM,
    low: build.lowMm,
    lastRib: build.lastRibMm,
    extra1: (BASE_AT_MM + build.lowMm) / 2,
    extra2: (build.lowMm + build.lastRibMm) / 2,
  };
  return at[station];
}

/** The section of this back at a station: it opens and rounds toward the ribs, less so on a weak side. */
export function truthAt(build: BackBuild, station: SectionStation): BackTruth {
  if (station === 'front') return build.front;
  const x = stationAtMm(build, station);
  const share = Math.max(0, (x - BASE_AT_MM) / (build.lastRibMm - BASE_AT_MM));
  const opens = build.baseOpensDeg + (build.rearOpensDeg - build.baseOpensDeg) * share;
  return {
    nearDeg: build.front.nearDeg + opens,
    offDeg: build.front.offDeg + opens - build.weakOffDeg,
    apexRadiusMm: build.front.apexRadiusMm * (1.1 + 0.7 * share),
    bowMm: build.front.bowMm,
    depthMm: Math.max(110, build.front.depthMm - 70 * share - 10),
  };
}

/** Height of the spine, mm: the withers' bump, the dip between front and last rib, and the rise to the croup. */
export function toplineHeightMm(build: BackBuild, xMm: number): number {
  const wither = build.witherMm * Math.exp(-(((xMm + 10) / 115) ** 2));
  const middle = (FRONT_AT_MM + build.lastRibMm) / 2;
  const half = (build.lastRibMm - FRONT_AT_MM) / 2;
  const dip = Math.abs(xMm - middle) < half ? build.dipMm * (1 - ((xMm - middle) / half) ** 2) ** 2 : 0;
  const past = Math.min(1, Math.max(0, (xMm - build.lastRibMm + 60) / 300));
  return wither - dip + (build.witherMm + build.croupMm) * past * past * (3 - 2 * past);
}

const TOPLINE = { fromMm: -120, behindLastRibMm: 240, everyMm: 20 } as const;

export function trueTopline(build: BackBuild): PointXZ[] {
  const count = Math.round((build.lastRibMm + TOPLINE.behindLastRibMm - TOPLINE.fromMm) / TOPLINE.everyMm);
  return Array.from({ length: count + 1 }, (_, i) => {
    const xMm = TOPLINE.fromMm + TOPLINE.everyMm * i;
    return { xMm, zMm: toplineHeightMm(build, xMm) };
  });
}

export const sectionTake = (build: BackBuild, station: SectionStation, hand: HandError, random: Random): PointYZ[] =>
  takeOf(truthAt(build, station), hand, random);

export const trueStation = (build: BackBuild, station: SectionStation): PointYZ[] => trueSection(truthAt(build, station));

/** One take of the topline: lifted, tilted and shaken a little, to half a millimetre. */
export function toplineTake(build: BackBuild, hand: HandError, random: Random): PointXZ[] {
  const slope = Math.tan((hand.tiltDeg * normal(random) * Math.PI) / 180);
  const lift = hand.shiftMm * normal(random);
  return trueTopline(build).map(({ xMm, zMm }) => ({
    xMm,
    zMm: Math.round((zMm + lift + slope * xMm + hand.noiseMm * normal(random)) * 2) / 2,
  }));
}

/** What a hand finds on this back with a tape, to the millimetre. */
export function landmarkReadings(build: BackBuild): LandmarkReading[] {
  const at = (landmark: LandmarkReading['landmark'], atMm: number, more: Partial<LandmarkReading> = {}): LandmarkReading => ({
    landmark,
    side: null,
    way: null,
    station: null,
    pose: null,
    ...more,
    atMm: Math.round(atMm),
  });
  const edges = EDGE_STATIONS.flatMap((station, i) =>
    EDGE_POSES.flatMap((pose) => [
      at('spineEdge', build.spineMm + 4 * i, { station, pose }),
      at('muscleEdge', build.muscleMm - 12 * Math.abs(i - 1) + (pose === 'tensed' ? 24 : 0), { station, pose }),
    ]),
  );
  return [
    at('scapulaRest', -2, { side: 'near' }),
    at('scapulaRest', 2, { side: 'off' }),
    at('scapulaForward', -2 + build.scapulaTravelMm, { side: 'near' }),
    at('scapulaForward', 2 + build.scapulaTravelMm, { side: 'off' }),
    at('witherTop', -10),
    at('witherBase', 110),
    at('girthGroove', build.grooveMm),
    at('lowPoint', build.lowMm),
    at('widestBarrel', build.lastRibMm - 40),
    at('lastRib', build.lastRibMm + 4, { way: 'alongTheRib' }),
    at('lastRib', build.lastRibMm - 4, { way: 'flankHair' }),
    ...edges,
  ];
}
