import { type MarkedPhoto, type PhotoPoint, type Px, PHOTO_POINTS } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../../platform/draft';

/** Everything that is tapped on a photo: the points, the ends of a drawn plumb and of a known length. */
export const MARK_IDS = [...PHOTO_POINTS, 'plumbTop', 'plumbFoot', 'scaleOne', 'scaleTwo'] as const;
export type MarkId = (typeof MARK_IDS)[number];

export interface PhotoTyped {
  readonly marks: Readonly<Partial<Record<MarkId, Px>>>;
  readonly looks: 'left' | 'right';
  readonly plumbWay: 'drawn' | 'tilt';
  readonly tiltDeg: number;
  readonly scaleMm: number;
  readonly distanceMm: number;
}
const px = z.object({ x: z.number(), y: z.number() });
export const PHOTO_DRAFT: DraftSpec<PhotoTyped> = {
  version: 1,
  schema: z.object({
    marks: z.partialRecord(z.enum(MARK_IDS), px),
    looks: z.enum(['left', 'right']),
    plumbWay: z.enum(['drawn', 'tilt']),
    tiltDeg: z.number(),
    scaleMm: z.number(),
    distanceMm: z.number(),
  }),
};

/** A staff of a metre, the camera at the least distance (to begin with). */
export const newPhotoTyped = (view: string): PhotoTyped => ({
  ...{ marks: {}, looks: view === 'offSide' ? 'right' : 'left', plumbWay: 'drawn', tiltDeg: 0, scaleMm: 1000, distanceMm: 6000 },
});

/** From marks that were kept, so that they can be moved. */
export function typedOfMarked({ points, plumb, scale, looks, distanceMm }: MarkedPhoto): PhotoTyped {
  const drawn = 'from' in plumb;
  return {
    marks: {
      ...points,
      ...(drawn && { plumbTop: plumb.from, plumbFoot: plumb.to }),
      scaleOne: scale.from,
      scaleTwo: scale.to,
    },
    looks,
    plumbWay: drawn ? 'drawn' : 'tilt',
    tiltDeg: drawn ? 0 : plumb.tiltDeg,
    scaleMm: scale.mm,
    distanceMm,
  };
}

/** The marks that are wanted: a plumb only where it is drawn. */
export const wantedMarks = ({ plumbWay }: Pick<PhotoTyped, 'plumbWay'>): MarkId[] =>
  MARK_IDS.filter((id) => plumbWay === 'drawn' || (id !== 'plumbTop' && id !== 'plumbFoot'));

/** The next that isn't there yet, from one on; null where all are. */
export function nextMark(typed: PhotoTyped, from: MarkId | null): MarkId | null {
  const wanted = wantedMarks(typed);
  const start = from === null ? 0 : wanted.indexOf(from) + 1;
  const order = [...wanted.slice(start), ...wanted.slice(0, start)];
  return order.find((id) => typed.marks[id] === undefined) ?? null;
}

export type Unready = 'noPlumb' | 'noScale';

/** What can be read off; or what is missing before anything can be said. */
export function markedOf(typed: PhotoTyped, widthPx: number, heightPx: number): MarkedPhoto | Unready {
  const { marks, looks, plumbWay, tiltDeg, scaleMm, distanceMm } = typed;
  const { plumbTop, plumbFoot, scaleOne, scaleTwo } = marks;
  if (plumbWay === 'drawn' && (plumbTop === undefined || plumbFoot === undefined)) return 'noPlumb';
  if (scaleOne === undefined || scaleTwo === undefined) return 'noScale';
  return {
    widthPx,
    heightPx,
    looks,
    distanceMm,
    points: Object.fromEntries(PHOTO_POINTS.flatMap((p: PhotoPoint) => (marks[p] === undefined ? [] : [[p, marks[p]]]))),
    plumb: plumbWay === 'tilt' ? { tiltDeg } : { from: plumbTop!, to: plumbFoot! },
    scale: { from: scaleOne, to: scaleTwo, mm: scaleMm },
  };
}
