import { type BackSurface } from '../../back/surface';
import { type Landmarks } from '../../back/landmarks-resolved';
import { type EdgeStation, EDGE_STATIONS } from '../../back/stations';
import { type NearOff, SIDES } from '../../units';
import { type Need, NEED_OF_LANDMARK } from '../../schools/needs';
import { type PreparedSection } from '../../front/arch-on-section';

/** The measured horse as a saddle meets it: a surface and the places on it. Null where something wasn't measured. */
export interface HorseBody {
  readonly surface: BackSurface;
  readonly scapula: Readonly<Record<NearOff, { readonly restMm: number | null; readonly forwardMm: number | null }>>;
  readonly lastRibMm: number | null;
  readonly lowMm: number;
  /** False where nobody marked the low point: `lowMm` is then a guess, good for drawing and not for judging. */
  readonly lowMarked: boolean;
  readonly witherBaseMm: number;
  readonly grooveMm: number | null;
  /** Spine with its ligament, and long back muscle: width across from edge to edge, in order along the back; empty where not felt. */
  readonly ligament: readonly WidthAt[];
  readonly muscle: readonly WidthAt[];
  /** How far the back rises when the belly is lifted, mm; null where it wasn't measured. */
  readonly liftMm: number | null;
  /** The front section for laying the arch, and where it was taken. */
  readonly front: FrontOfBody | null;
  /** What nobody laid a hand on: set by eye, or said to be as last time, and told in everything that depends on it. */
  readonly byEye: readonly Need[];
}

export interface FrontOfBody {
  readonly section: PreparedSection;
  readonly takenAtMm: number;
}

export interface WidthAt {
  readonly xMm: number;
  readonly widthMm: number;
}

/** Where the blade's edge lies on the side on which it lies further back; null unless both sides were felt. */
export function scapulaEdgeMm({ scapula }: Pick<HorseBody, 'scapula'>, of: 'restMm' | 'forwardMm'): number | null {
  const edges = SIDES.flatMap((side) => scapula[side][of] ?? []);
  return edges.length < 2 ? null : Math.max(...edges);
}

/**
 * Width at a place, straight between what was felt, the nearest beyond; null where nothing was.
 * @param widths in order along the back
 */
export function widthAt(widths: readonly WidthAt[], xMm: number): number | null {
  if (widths.length === 0) return null;
  const after = widths.findIndex((w) => w.xMm >= xMm);
  if (after === 0) return widths[0]!.widthMm;
  if (after < 0) return widths.at(-1)!.widthMm;
  const [a, b] = [widths[after - 1]!, widths[after]!];
  return a.widthMm + ((xMm - a.xMm) / (b.xMm - a.xMm)) * (b.widthMm - a.widthMm);
}

export interface BodyPlaces {
  readonly landmarks: Landmarks;
  readonly stationsMm: Readonly<Record<EdgeStation, number>>;
  readonly liftMm: number | null;
  readonly front: FrontOfBody | null;
  /** Sections that were said to be as last time. */
  readonly asLast?: readonly Need[];
}

/** Where the low point and the base of the withers are taken to be when nobody marked them, as shares of the back (defaults). */
const UNMARKED = { lowShare: 0.5, witherBaseBehindFrontMm: 60 } as const;

export function horseBody(surface: BackSurface, { landmarks, stationsMm, liftMm, front, asLast = [] }: BodyPlaces): HorseBody {
  const [from, to] = [surface.stationsMm[0]!, surface.stationsMm.at(-1)!];
  const edges = (of: 'spineMm' | 'muscleMm'): WidthAt[] =>
    EDGE_STATIONS.flatMap((station) => {
      const felt = landmarks.edges.find((e) => e.station === station && e.pose === 'relaxed' && e[of] !== null);
      return felt === undefined ? [] : [{ xMm: stationsMm[station], widthMm: felt[of]! }];
    }).sort((a, b) => a.xMm - b.xMm);
  return {
    surface,
    scapula: landmarks.scapula,
    lastRibMm: landmarks.lastRib.atMm,
    lowMm: landmarks.places.lowPoint ?? from + UNMARKED.lowShare * (to - from),
    lowMarked: landmarks.places.lowPoint !== undefined,
    witherBaseMm: landmarks.places.witherBase ?? from + UNMARKED.witherBaseBehindFrontMm,
    grooveMm: landmarks.places.girthGroove ?? null,
    ligament: edges('spineMm'),
    muscle: edges('muscleMm'),
    liftMm,
    front,
    byEye: [...new Set(landmarks.readings.flatMap((r) => (r.felt ? [] : (NEED_OF_LANDMARK[r.landmark] ?? [])))), ...asLast],
  };
}

/** The same horse in a mirror: near and off change places and nothing else. */
export function mirroredBody(body: HorseBody): HorseBody {
  const { surface } = body;
  const heights = new Float64Array(surface.heights.length);
  for (let i = 0; i < surface.countX; i++) {
    for (let j = 0; j < surface.countY; j++) {
      heights[i * surface.countY + j] = surface.heights[i * surface.countY + surface.countY - 1 - j]!;
    }
  }
  const ribbons = { ...surface.ribbons, near: surface.ribbons.off, off: surface.ribbons.near };
  const front =
    body.front === null
      ? null
      : { ...body.front, section: { ...body.front.section, near: body.front.section.off, off: body.front.section.near } };
  return { ...body, surface: { ...surface, heights, ribbons }, scapula: { near: body.scapula.off, off: body.scapula.near }, front };
}
