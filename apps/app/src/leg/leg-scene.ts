import { type LegOnHorse, type SaddleSeat } from '@fulcra/core';
import { type TrueScale, trueScale } from '../drawings/true-scale';

/** Side view: x toward the tail to the right, z up. */
export interface SceneScale extends TrueScale {
  readonly widthPx: number;
  readonly heightPx: number;
}
export type XZ = readonly [xMm: number, zMm: number];

/** Over the hip to the crown of the head; below the longest tread (drawing only). */
const HEAD_ROOM_MM = 260;
const BELOW_TREAD_MM = 110;
/** The hip stands at this share of the width. */
const HIP_AT = 0.52;

/** As large as the height allows with the whole rider on it, however long the leathers of the purposes are. */
export function sceneScale(widthPx: number, heightPx: number, places: readonly LegOnHorse[], trunkMm: number): SceneScale {
  const hip = places[0]!.hip;
  const topMm = Math.max(...places.map((p) => p.hip.zMm)) + trunkMm + HEAD_ROOM_MM;
  const bottomMm = Math.min(...places.map((p) => p.tread.zMm)) - BELOW_TREAD_MM;
  const pxPerMm = heightPx / (topMm - bottomMm);
  return { ...trueScale(pxPerMm, hip.xMm - (HIP_AT * widthPx) / pxPerMm, topMm), widthPx, heightPx };
}

/** A horse's outline where only its back was traced: the rest follows the back at the depth of its barrel (drawing only). */
export function horseOutline(backAt: (xMm: number) => number, depthMm: number): { readonly top: XZ[]; readonly belly: XZ[] } {
  const traced = Array.from({ length: 28 }, (_, i) => -60 + i * 25).filter((x) => Number.isFinite(backAt(x)));
  const plain: XZ[] = [
    [-40, 28],
    [60, 8],
    [200, -8],
    [360, 4],
    [480, 14],
  ];
  const back: XZ[] = traced.length < 4 ? plain : traced.map((x) => [x, backAt(x)] as const);
  const [first, last] = [back[0]!, back.at(-1)!];
  const low = Math.min(...back.map(([, z]) => z)) - depthMm;
  const ground = low - 700;
  return {
    top: [
      [first[0] - 1500, first[1] + 1180],
      [first[0] - 900, first[1] + 700],
      [first[0] - 520, first[1] + 340],
      [first[0] - 260, first[1] + 105],
      [first[0] - 90, first[1] + 14],
      ...back,
      [last[0] + 170, last[1] + 18],
      [last[0] + 360, last[1] - 20],
      [last[0] + 520, last[1] - 150],
      [last[0] + 570, last[1] - 380],
      [last[0] + 500, last[1] - 620],
      [last[0] + 540, ground],
    ],
    belly: [
      [last[0] + 400, ground],
      [last[0] + 360, low - 120],
      [last[0] + 250, low + 90],
      [last[0] + 60, low + 45],
      [first[0] + 190, low],
      [first[0] - 20, low + 15],
      [first[0] - 60, low - 120],
      [first[0] - 70, ground],
      [first[0] - 200, ground],
      [first[0] - 230, low + 20],
      [first[0] - 330, low + 190],
      [first[0] - 520, low + 420],
      [first[0] - 1000, low + 900],
      [first[0] - 1600, low + 1400],
    ],
  };
}

/** What a flap is drawn with where it wasn't measured, mm; dashed then (drawing only). */
const DRAWN_FLAP = { flapReachMm: 120, flapBackMm: 150, flapLengthMm: 340 } as const;

/** Seat over the saddle's underside where no back was traced, mm (drawing only). */
const DRAWN_UNDER_MM = 85;

export interface SaddleShape {
  readonly flap: XZ[];
  /** The seat's upper edge from pommel to cantle, and its foot on the back. */
  readonly seat: XZ[];
  readonly foot: XZ[];
  readonly flapMeasured: boolean;
}

/** The saddle from the side about its bar and seat. */
export function saddleShape(
  seat: SaddleSeat,
  bar: LegOnHorse['hangs']['bar'],
  low: { readonly xMm: number; readonly zMm: number },
  backAt: (xMm: number) => number,
): SaddleShape {
  const of = (m: keyof typeof DRAWN_FLAP): number => seat[m] ?? DRAWN_FLAP[m];
  const [ahead, behind, down] = [of('flapReachMm'), of('flapBackMm'), of('flapLengthMm')];
  const onBack = (xMm: number): number => (Number.isFinite(backAt(xMm)) ? backAt(xMm) + 12 : low.zMm - DRAWN_UNDER_MM);
  const at = (dx: number, dz: number): XZ => [bar.xMm + dx, bar.zMm + dz];
  return {
    flapMeasured: seat.flapReachMm !== null && seat.flapBackMm !== null && seat.flapLengthMm !== null,
    flap: [
      at(-35, 45),
      at(-0.75 * ahead, -0.25 * down),
      at(-ahead, -0.6 * down),
      at(-0.55 * ahead, -0.94 * down),
      at(0.1 * behind, -down),
      at(0.8 * behind, -0.82 * down),
      at(behind, -0.4 * down),
      at(0.95 * behind, 10),
    ],
    foot: [low.xMm + 215, low.xMm + 120, low.xMm, bar.xMm + 40, bar.xMm - 40].map((x): XZ => [x, onBack(x)]),
    seat: [
      [bar.xMm - 45, low.zMm + 78],
      [bar.xMm + 10, low.zMm + 52],
      [low.xMm - 45, low.zMm + 6],
      [low.xMm, low.zMm],
      [low.xMm + 90, low.zMm + 12],
      [low.xMm + 180, low.zMm + 62],
      [low.xMm + 225, low.zMm + 92],
    ],
  };
}
