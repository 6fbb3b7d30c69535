import { type Lengthwise, reachesMm } from '../../back/lengthwise';
import { type LandmarkId } from '../../back/landmarks';
import { type Landmarks } from '../../back/landmarks-resolved';
import { type SectionStation } from '../../back/stations';
import { spreadSources } from '../../back/takes-spread';
import { type Random, normal } from '../../random/seeded';
import { type MeasuringErrors } from '../../schools/measuring-errors';
import { type NearOff, SIDES, radFromDeg } from '../../units';
import { type BodyInput, type MeasuredStation } from './body-input';

/** What a number's error comes from. */
export const ERROR_SOURCES = [
  'hand',
  'scapulaRest',
  'scapulaForward',
  'lastRib',
  'girthGroove',
  'lowPoint',
  'witherBase',
  'edges',
  'topline',
  'placement',
] as const;
export type ErrorSourceId = (typeof ERROR_SOURCES)[number];

/** A horse as it was measured, and how far off its place the saddle was put down, mm, + toward the tail. */
export interface Measured {
  readonly input: BodyInput;
  readonly putOffMm: number;
}

/** One thing that may have been measured otherwise; independent of all others. */
export interface ErrorSource {
  readonly id: ErrorSourceId;
  readonly station: SectionStation | null;
  /** The same horse, had it been measured this many standard deviations otherwise. */
  readonly otherwise: (measured: Measured, sds: number) => Measured;
}

/** Everything that may have been measured otherwise of a horse; what wasn't measured at all has no error. */
export function errorSources({ stations, topline, toplineAsLast = false, landmarks }: BodyInput, errors: MeasuringErrors): ErrorSource[] {
  const line = topline === null ? errors.noTopline : errors.topline;
  const times = toplineAsLast ? errors.byEyeTimes : 1;
  return [
    ...stations.flatMap(handSources),
    ...placeSources(landmarks, errors),
    {
      id: 'topline',
      station: null,
      otherwise: withLine((x, [from, to]) => Math.tan(radFromDeg(times * line.tiltDeg)) * (x - (from + to) / 2)),
    },
    { id: 'topline', station: null, otherwise: withLine((x, [from, to]) => times * line.sagMm * hump((x - from) / (to - from))) },
    {
      id: 'placement',
      station: null,
      otherwise: (m, sds) => ({ ...m, putOffMm: m.putOffMm + sds * errors.placeMm }),
    },
  ];
}

/** The sides of one section, by the spread of its takes. */
const handSources = ({ station, spread }: MeasuredStation): ErrorSource[] =>
  spreadSources(spread).map((source) => ({
    id: 'hand',
    station,
    otherwise: (m, sds) => ({
      ...m,
      input: {
        ...m.input,
        stations: m.input.stations.map((s) => (s.station === station ? { ...s, section: source(s.section, sds) } : s)),
      },
    }),
  }));

/**
 * One standard deviation of what was read of a landmark, mm: the school's, or that of its own readings where that is more, by the
 * root of how many there are; more for a place set by eye. Where several readings make one place, the worst of them.
 */
export function readingSdMm(landmarks: Landmarks, of: LandmarkId, side: NearOff | null, feltMm: number, byEyeTimes: number): number {
  const those = landmarks.readings.filter((r) => r.landmark === of && (side === null || r.side === side));
  if (those.length === 0) return feltMm;
  return Math.max(...those.map((r) => (r.felt ? Math.max(feltMm, r.sdMm) / Math.sqrt(r.times) : byEyeTimes * feltMm)));
}

function placeSources(landmarks: Landmarks, { landmarkMm, edgeMm, byEyeTimes }: MeasuringErrors): ErrorSource[] {
  const sdMm = (id: keyof typeof landmarkMm, side: NearOff | null = null): number =>
    readingSdMm(landmarks, id, side, landmarkMm[id], byEyeTimes);
  const source = (id: ErrorSourceId, moved: (l: Landmarks, sds: number) => Landmarks): ErrorSource => ({
    id,
    station: null,
    otherwise: (m, sds) => ({ ...m, input: { ...m.input, landmarks: moved(m.input.landmarks, sds) } }),
  });
  const blade = (side: NearOff, of: 'restMm' | 'forwardMm', id: 'scapulaRest' | 'scapulaForward'): ErrorSource[] =>
    landmarks.scapula[side][of] === null
      ? []
      : [
          source(id, (l, sds) => ({
            ...l,
            scapula: { ...l.scapula, [side]: { ...l.scapula[side], [of]: l.scapula[side][of]! + sds * sdMm(id, side) } },
          })),
        ];
  const place = (id: LandmarkId & keyof typeof landmarkMm): ErrorSource[] =>
    landmarks.places[id] === undefined
      ? []
      : [source(id, (l, sds) => ({ ...l, places: { ...l.places, [id]: l.places[id]! + sds * sdMm(id) } }))];
  const rib = ({ lastRib, ...l }: Landmarks, sds: number): Landmarks => ({
    ...l,
    lastRib: { ...lastRib, atMm: lastRib.atMm! + sds * sdMm('lastRib') },
  });
  const wider = (of: 'spineMm' | 'muscleMm') => {
    const mm = readingSdMm(landmarks, of === 'spineMm' ? 'spineEdge' : 'muscleEdge', null, edgeMm, byEyeTimes);
    return source('edges', (l, sds) => ({ ...l, edges: l.edges.map((e) => (e[of] === null ? e : { ...e, [of]: e[of] + sds * mm })) }));
  };
  return [
    ...SIDES.flatMap((side) => [...blade(side, 'restMm', 'scapulaRest'), ...blade(side, 'forwardMm', 'scapulaForward')]),
    ...(landmarks.lastRib.atMm === null ? [] : [source('lastRib', rib)]),
    ...place('girthGroove'),
    ...place('lowPoint'),
    ...place('witherBase'),
    ...(landmarks.edges.some((e) => e.spineMm !== null) ? [wider('spineMm')] : []),
    ...(landmarks.edges.some((e) => e.muscleMm !== null) ? [wider('muscleMm')] : []),
  ];
}

/** Nothing at both ends, one in the middle. */
const hump = (t: number): number => 4 * t * (1 - t);

/** A line that is raised; where there is none, the level one that stands in for it, over the stations. */
const withLine =
  (raise: (xMm: number, reach: readonly [number, number]) => number) =>
  (m: Measured, sds: number): Measured => {
    const line = m.input.topline ?? levelLine(m.input);
    const reach = reachesMm(line);
    return {
      ...m,
      input: { ...m.input, topline: { ...line, points: line.points.map((p) => ({ ...p, zMm: p.zMm + sds * raise(p.xMm, reach) })) } },
    };
  };

function levelLine({ stations }: BodyInput): Lengthwise {
  const xs = stations.map((s) => s.xMm);
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  const steps = 8;
  return { coarse: true, points: Array.from({ length: steps + 1 }, (_, i) => ({ xMm: from + ((to - from) * i) / steps, zMm: 0 })) };
}

/** The same horse measured again by the same hands: everything drawn anew within its own error. */
export const measuredAgain = (input: BodyInput, errors: MeasuringErrors, random: Random): Measured =>
  errorSources(input, errors).reduce<Measured>((m, source) => source.otherwise(m, normal(random)), { input, putOffMm: 0 });
