import { type Landmarks, type SitPicture, type StrapPull } from '@fulcra/core';
import { type HorseForm, formed } from '../../drawings/horse/form';
import { ANATOMY, type AnatomyId } from '../../drawings/horse/outline';
import { type PointXz, onTree } from './side-plane';

/** The horse under the saddle as it is drawn: which horse, how tall, its landmarks along the spine. */
export interface DrawnHorse {
  readonly form: HorseForm;
  /** mm at the withers. */
  readonly heightMm: number;
  readonly landmarks: Landmarks;
}

/** How the drawn horse is laid on the measured back: mm per unit of the drawing along and up, and where its nought lies, mm. */
export interface LaidHorse {
  readonly alongMm: number;
  readonly upMm: number;
  readonly x0Mm: number;
  readonly z0Mm: number;
}

/** Between these the drawing may be drawn out or pushed together along the back, as shares of its own measure. */
const STRETCH = { least: 0.6, most: 1.4 } as const;

/**
 * The drawn horse over the measured back: as tall as the horse is, its low point at the back's, its girth groove and last rib where the
 * landmarks say. Where only one of them is known it keeps its own length; where neither is, its low point stands.
 * @param lowMm where the back is lowest, along and up
 */
export function laidHorse({ form, heightMm, landmarks }: DrawnHorse, lowMm: PointXz): LaidHorse {
  const upMm = heightMm / 100;
  const place = (id: AnatomyId): readonly [number, number] => formed(ANATOMY[id], form);
  const [grooveMm, ribMm] = [landmarks.places.girthGroove ?? null, landmarks.lastRib.atMm];
  const [groove, rib, low] = [place('girthGroove')[0], place('lastRib')[0], place('lowPoint')];
  const between = grooveMm === null || ribMm === null ? upMm : (ribMm - grooveMm) / (rib - groove);
  const alongMm = Math.min(STRETCH.most, Math.max(STRETCH.least, between / upMm)) * upMm;
  const [fixedMm, fixed] = grooveMm !== null ? [grooveMm, groove] : ribMm !== null ? [ribMm, rib] : [lowMm.x, low[0]];
  return { alongMm, upMm, x0Mm: fixedMm - fixed * alongMm, z0Mm: lowMm.z - low[1] * upMm };
}

/** Where a named place of the drawn horse lies, mm. */
export function placeOnBack(id: AnatomyId, { form }: Pick<DrawnHorse, 'form'>, laid: LaidHorse): PointXz {
  const [x, y] = formed(ANATOMY[id], form);
  return { x: laid.x0Mm + x * laid.alongMm, z: laid.z0Mm + y * laid.upMm };
}

export interface DrawnStrap {
  readonly pull: StrapPull;
  /** Where it leaves the saddle: one end, or the two ends of a V and the ring they meet in. */
  readonly ends: readonly PointXz[];
  readonly ring: PointXz | null;
  readonly buckle: PointXz;
}

/** Each strap from the saddle to its buckle, mm, as the engine pulls it. */
export function strapsOf(picture: SitPicture, tree: readonly PointXz[]): DrawnStrap[] {
  const { girthBuckle, strapV } = picture.asked.school.engine;
  return picture.pulls.map((pull) => {
    const plumbMm = picture.asked.setup.placeMm + pull.strap.xMm;
    const crown = onTree(tree, plumbMm);
    const buckle = { x: pull.buckleMm, z: crown - girthBuckle.belowMm };
    const at = (x: number): PointXz => ({ x, z: crown - pull.strap.belowMm });
    if (pull.legsN === null) return { pull, ends: [at(plumbMm)], ring: null, buckle };
    const half = strapV.spreadMm / 2;
    return { pull, ends: [at(plumbMm - half), at(plumbMm + half)], ring: { x: pull.xMm, z: crown - pull.belowMm }, buckle };
  });
}

/** Where the pull begins: the ring of a V, else the strap's end. */
export const heldAt = ({ ring, ends }: DrawnStrap): PointXz => ring ?? ends[0]!;
