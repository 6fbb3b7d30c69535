import { type NearOff, SIDES } from '../units';
import { type DescribedSaddle, type SaddleSetup, crownRadiusMm, pointsAheadMm } from '../saddle/saddle-setup';
import { type Underside, treeDrop } from '../saddle/underside';
import { surfaceHeightMm, type BackSurface } from '../back/surface';
import { BESIDE_AT_MM } from '../back/section-measures';
import { type HorseBody, scapulaEdgeMm, widthAt } from './body/horse-body';
import { type Motion, type Pose, motionOf, placed } from './contact/rigid';
import { type ContactShape } from './contact-shape';

/** Where the parts of a saddle come to lie against the horse; null where the horse's part wasn't measured. + is clear of it. */
export interface Places {
  readonly treePointMm: number;
  readonly panelFrontMm: number;
  readonly treeEndMm: number;
  readonly panelEndMm: number;
  readonly barMm: number;
  readonly seatLowMm: number;
  /** Tree point and the front of what bears behind the resting scapula, tree point and bar behind the drawn-forward edge; the closer side. */
  readonly pointBehindRestMm: number | null;
  readonly panelBehindRestMm: number | null;
  readonly pointBehindForwardMm: number | null;
  readonly barBehindForwardMm: number | null;
  /** Ends ahead of the last rib: of the tree and of the panels as far as they bear; a tail that carries nothing isn't counted. */
  readonly treeBeforeRibMm: number | null;
  readonly panelBeforeRibMm: number | null;
  /** The channel: narrowest place, and narrowest room beside spine and ligament over both sides together. */
  readonly channelMm: number;
  readonly channelAtMm: number;
  readonly channelSpareMm: number | null;
  /** The seat's lowest point behind the back's lowest point. */
  readonly seatBehindLowMm: number;
}

/** Where along the back the saddle bears; null ends where it bears nowhere. */
export type Bears = Pick<ContactShape, 'bearsFromMm' | 'bearsToMm'>;

export function placesOf(body: HorseBody, saddle: DescribedSaddle, setup: SaddleSetup, under: Underside, bears: Bears): Places {
  const { frame } = saddle.build;
  const { placeMm } = setup;
  const treePointMm = placeMm - pointsAheadMm(saddle);
  const panelFrontMm = placeMm + under.fromMm;
  const treeEndMm = placeMm + frame.lengthMm;
  const panelEndMm = placeMm + under.toMm;
  const barMm = placeMm + frame.barMm;
  const behind = (mm: number, of: 'restMm' | 'forwardMm'): number | null => {
    const edge = scapulaEdgeMm(body, of);
    return edge === null ? null : mm - edge;
  };
  const before = (mm: number): number | null => (body.lastRibMm === null ? null : body.lastRibMm - mm);
  return {
    treePointMm,
    panelFrontMm,
    treeEndMm,
    panelEndMm,
    barMm,
    seatLowMm: placeMm + frame.seatLowMm,
    pointBehindRestMm: behind(treePointMm, 'restMm'),
    panelBehindRestMm: behind(Math.max(panelFrontMm, bears.bearsFromMm ?? panelFrontMm), 'restMm'),
    pointBehindForwardMm: behind(treePointMm, 'forwardMm'),
    barBehindForwardMm: behind(barMm, 'forwardMm'),
    treeBeforeRibMm: before(Math.min(treeEndMm, bears.bearsToMm ?? treeEndMm)),
    panelBeforeRibMm: before(Math.min(panelEndMm, bears.bearsToMm ?? panelEndMm)),
    ...channelOf(body, placeMm, under),
    seatBehindLowMm: placeMm + frame.seatLowMm - body.lowMm,
  };
}

const LOOK_EVERY_MM = 10;
/** Nothing was found where a least is still without end. */
const known = (mm: number): number | null => (Number.isFinite(mm) ? mm : null);

function channelOf(body: HorseBody, placeMm: number, under: Underside) {
  let [channelMm, channelAtMm, spare] = [Infinity, placeMm, Infinity];
  for (let u = 0; u <= under.toMm; u += LOOK_EVERY_MM) {
    const { innerMm } = under.edgesAt(u);
    const x = placeMm + u;
    if (2 * innerMm < channelMm) [channelMm, channelAtMm] = [2 * innerMm, x];
    const ligament = widthAt(body.ligament, x);
    if (ligament !== null) spare = Math.min(spare, 2 * innerMm - ligament);
  }
  return { channelMm, channelAtMm, channelSpareMm: known(spare) };
}

/** Room over the withers and beside them with the saddle settled, mm; the smallest over the front of the tree. */
export interface WithersRoom {
  readonly overMm: number | null;
  readonly overAtMm: number | null;
  readonly besideMm: Readonly<Record<NearOff, number | null>>;
}

/** The withers are looked at from the front of the arch back to here, mm (default). */
export const WITHERS_UNDER_MM = 60;
export function withersRoom(surface: BackSurface, saddle: DescribedSaddle, setup: SaddleSetup, under: Underside, pose: Pose): WithersRoom {
  const radius = crownRadiusMm(saddle, setup);
  const motion = motionOf(pose);
  let [overMm, overAtMm]: [number, number | null] = [Infinity, null];
  const beside = { near: Infinity, off: Infinity };
  for (let u = 0; u <= WITHERS_UNDER_MM; u += 5) {
    const x = setup.placeMm + u;
    const row = under.rowAt(u);
    const roof = under.roofAt(u) - setup.pad.thicknessMm;
    const over = roomUnder(surface, motion, x, 0, roof);
    if (over < overMm) [overMm, overAtMm] = [over, x];
    for (const side of SIDES) {
      for (const out of BESIDE_AT_MM) {
        const y = side === 'near' ? -out : out;
        const gap = roomUnder(surface, motion, x, y, roof - treeDrop(row, radius, out)) * row.slopeCosine;
        if (gap < beside[side]) beside[side] = gap;
      }
    }
  }
  return { overMm: known(overMm), overAtMm, besideMm: { near: known(beside.near), off: known(beside.off) } };
}

/** Room under a place of the saddle, where it has come to lie, mm upward. */
function roomUnder(surface: BackSurface, motion: Motion, x: number, y: number, z: number): number {
  const [px, py, pz] = placed(motion, x, y, z);
  return pz - surfaceHeightMm(surface, px, py);
}
