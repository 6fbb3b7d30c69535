import { type NearOff, type TackPoint, type TackSpot } from '@fulcra/core';

/** Drawings of the walk are made in a box this large; the near side lies left, the off side right, the head is up. */
export const BOX = { width: 360, height: 240 } as const;
const MIDDLE = BOX.width / 2;

interface Place {
  /** How far from the middle, and from the top. */
  readonly out: number;
  readonly down: number;
}

/** Where the hand is for each point. */
const PLACES: Readonly<Record<TackPoint, Place>> = {
  treeArch: { out: 0, down: 30 },
  treeTwist: { out: 0, down: 88 },
  treeSeat: { out: 0, down: 138 },
  barRivets: { out: 62, down: 62 },
  barSlides: { out: 94, down: 78 },
  barCatch: { out: 62, down: 98 },
  strapHoles: { out: 150, down: 186 },
  strapCracks: { out: 124, down: 174 },
  strapStitching: { out: 92, down: 118 },
  strapWeb: { out: 64, down: 134 },
  strapPull: { out: 118, down: 138 },
  panelFromFront: { out: 0, down: 4 },
  panelFromBehind: { out: 0, down: 222 },
  panelAlong: { out: 40, down: 182 },
  leatherChannel: { out: 62, down: 84 },
  barTails: { out: 44, down: 214 },
  rigging: { out: 84, down: 118 },
  cinchStrap: { out: 128, down: 152 },
  flankConnector: { out: 0, down: 182 },
  saddleOther: { out: 150, down: 28 },
  leatherBuckle: { out: 92, down: 40 },
  leatherStitching: { out: 60, down: 56 },
  leatherAtBar: { out: 60, down: 18 },
  leatherHoles: { out: 92, down: 100 },
  leatherEnd: { out: 60, down: 122 },
  leatherAtTread: { out: 76, down: 168 },
  iron: { out: 76, down: 212 },
  leatherOther: { out: 0, down: 120 },
  girthBuckles: { out: 158, down: 112 },
  girthStitching: { out: 124, down: 96 },
  girthElastic: { out: 92, down: 132 },
  girthBody: { out: 0, down: 112 },
  girthOther: { out: 0, down: 196 },
};

const SIGN: Readonly<Record<NearOff, number>> = { near: -1, off: 1 };

export function placeOf({ point, side }: TackSpot): { readonly x: number; readonly y: number } {
  const { out, down } = PLACES[point];
  return { x: MIDDLE + (side === null ? out : SIGN[side] * out), y: Math.min(BOX.height - 14, Math.max(14, down)) };
}
