import {
  EDGE_POSES,
  EDGE_STATIONS,
  LAST_RIB_WAYS,
  type LandmarkSlot,
  type Landmarks,
  type SettledReading,
  landmarkKey,
} from '@fulcra/core';
import { EDGE_STATION_WORDS, LANDMARK_WORDS, POSE_WORDS, WAY_WORDS } from '../words/landmark-words';

export type SlotGroup = 'places' | 'edges';

const slot = (landmark: LandmarkSlot['landmark'], more: Partial<LandmarkSlot> = {}): LandmarkSlot => ({
  landmark,
  side: null,
  way: null,
  station: null,
  pose: null,
  ...more,
});

/** Everything that is marked, in the order a hand goes along the horse. */
export const SLOTS: Readonly<Record<SlotGroup, readonly LandmarkSlot[]>> = {
  places: [
    slot('scapulaRest', { side: 'near' }),
    slot('scapulaForward', { side: 'near' }),
    slot('scapulaRest', { side: 'off' }),
    slot('scapulaForward', { side: 'off' }),
    slot('witherTop'),
    slot('witherBase'),
    slot('girthGroove'),
    slot('lowPoint'),
    slot('widestBarrel'),
    ...LAST_RIB_WAYS.map((way) => slot('lastRib', { way })),
  ],
  edges: EDGE_STATIONS.flatMap((station) =>
    EDGE_POSES.flatMap((pose) => [slot('spineEdge', { station, pose }), slot('muscleEdge', { station, pose })]),
  ),
};
export const ALL_SLOTS: readonly LandmarkSlot[] = [...SLOTS.places, ...SLOTS.edges];

export function slotName({ landmark, side, way, station, pose }: LandmarkSlot): string {
  const more = [side, way && WAY_WORDS[way], station && EDGE_STATION_WORDS[station], pose && POSE_WORDS[pose]].filter(Boolean);
  return more.length === 0 ? LANDMARK_WORDS[landmark].name : `${LANDMARK_WORDS[landmark].name}, ${more.join(', ')}`;
}

/** Where a marker starts before anything was felt (defaults), so that it needs a nudge and not a journey. */
const USUAL_MM: Readonly<Record<LandmarkSlot['landmark'], number>> = {
  scapulaRest: 0,
  scapulaForward: 45,
  witherTop: -10,
  witherBase: 110,
  girthGroove: 130,
  lowPoint: 220,
  widestBarrel: 340,
  lastRib: 400,
  spineEdge: 55,
  muscleEdge: 210,
};
const TENSED_WIDER_MM = 24;

type Readings = ReadonlyMap<string, SettledReading>;

/** Where its marker starts: where it was found, else where its like was, else where most have it. */
export function startMm(slotOf: LandmarkSlot, readings: Readings): number {
  const own = readings.get(landmarkKey(slotOf));
  if (own !== undefined) return Math.round(own.atMm);
  const alike = [...readings.values()].filter((r) => r.landmark === slotOf.landmark);
  const samePose = alike.findLast((r) => r.pose === slotOf.pose);
  const found = samePose ?? alike.at(-1);
  return Math.round(found?.atMm ?? USUAL_MM[slotOf.landmark]) + (samePose === undefined ? widerMm(slotOf, found) : 0);
}

/** A tensed muscle is wider than a relaxed one; from one pose to the other it is put on or taken off once. */
function widerMm({ landmark, pose }: LandmarkSlot, from: SettledReading | undefined): number {
  if (landmark !== 'muscleEdge' || pose === (from?.pose ?? 'relaxed')) return 0;
  return pose === 'tensed' ? TENSED_WIDER_MM : -TENSED_WIDER_MM;
}

/** The next one not marked yet; the third way to the last rib only when the first two ask for it. */
export function nextSlot(after: LandmarkSlot | null, readings: ReadonlyMap<string, unknown>, landmarks: Landmarks): LandmarkSlot | null {
  const wanted = ALL_SLOTS.filter(
    (s) => !readings.has(landmarkKey(s)) && (s.way !== 'fromTheLoin' || landmarks.lastRib.state === 'askThird'),
  );
  const from = after === null ? -1 : ALL_SLOTS.findIndex((s) => landmarkKey(s) === landmarkKey(after));
  return wanted.find((s) => ALL_SLOTS.indexOf(s) > from) ?? wanted[0] ?? null;
}
