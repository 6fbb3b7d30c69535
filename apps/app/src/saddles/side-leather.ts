import { type SaddleFields } from '@fulcra/contract';
import { type Underside, seatMeasure } from '@fulcra/core';

export type Leathered = Pick<SaddleFields, 'kind' | 'seat' | 'build'>;

type Place = readonly [alongMm: number, upMm: number];

/** What covers a tree, from the side, as closed lines through places of the saddle's own plane; in the order they are painted. */
export interface SideLeather {
  /** Flap, or a western saddle's skirt. */
  readonly flap: readonly Place[];
  readonly seat: readonly Place[];
  /** Its flap was never measured: the usual one is drawn. */
  readonly assumed: boolean;
}

/** A flap that nobody measured, below the bar, ahead of it and behind it, mm (defaults). */
const USUAL_FLAP = { lengthMm: 330, reachMm: 110, backMm: 150 } as const;
/** Over the tree: head and cantle of an English saddle; swell, horn and cantle of a western one; and how far a skirt reaches, mm (drawn). */
const ENGLISH = { headMm: 34, cantleMm: 78, rollMm: 16 } as const;
const WESTERN = { swellMm: 62, hornMm: 112, cantleMm: 112, skirtMm: 62, skirtDownMm: 130 } as const;

/** A saddle's leather as its measures make it: seat low where the seat is low, flap as long and as far forward as it was measured. */
export function sideLeather(saddle: Leathered, under: Underside): SideLeather {
  const { flapLengthMm, flapReachMm, flapBackMm } = saddle.seat;
  const assumed = flapLengthMm === null || flapReachMm === null || flapBackMm === null;
  return saddle.kind === 'western'
    ? { flap: skirt(saddle, under), seat: westernSeat(saddle, under), assumed: false }
    : { flap: flap(saddle, under), seat: englishSeat(saddle, under), assumed };
}

/** The tree's line from the cantle back to the head. */
const treeBack = ({ build }: Leathered, { roofAt }: Underside): Place[] =>
  [1, 0.75, 0.5, 0.25, 0].map((share) => [share * build.frame.lengthMm, roofAt(share * build.frame.lengthMm)]);

const lowest = ({ seat, build }: Leathered, { roofAt }: Underside): Place => [
  build.frame.seatLowMm,
  roofAt(build.frame.seatLowMm) + seatMeasure(seat, 'seatOverTreeMm'),
];

function englishSeat(saddle: Leathered, under: Underside): Place[] {
  const { lengthMm: end } = saddle.build.frame;
  const { roofAt } = under;
  const [lowMm, lowZ] = lowest(saddle, under);
  const { headMm, cantleMm, rollMm } = ENGLISH;
  return [
    [-8, roofAt(0) + 6],
    [-2, roofAt(0) + headMm],
    [14, roofAt(14) + headMm + 4],
    [0.5 * lowMm, (lowZ + roofAt(14) + headMm) / 2 - 4],
    [lowMm, lowZ],
    [(lowMm + end) / 2 + 10, (lowZ + roofAt(end) + cantleMm) / 2 - 14],
    [end - 14, roofAt(end) + cantleMm],
    [end + rollMm, roofAt(end) + cantleMm - 12],
    [end + 6, roofAt(end) + 14],
    ...treeBack(saddle, under),
  ];
}

function flap({ build, seat }: Leathered, { roofAt }: Underside): Place[] {
  const { barMm } = build.frame;
  const [length, reach, back] = [
    seat.flapLengthMm ?? USUAL_FLAP.lengthMm,
    seat.flapReachMm ?? USUAL_FLAP.reachMm,
    seat.flapBackMm ?? USUAL_FLAP.backMm,
  ];
  const top = roofAt(barMm);
  return [
    [barMm - 0.55 * reach, top],
    [barMm - 0.95 * reach, top - 0.3 * length],
    [barMm - reach, top - 0.5 * length],
    [barMm - 0.7 * reach, top - 0.84 * length],
    [barMm, top - length],
    [barMm + 0.6 * back, top - 0.97 * length],
    [barMm + 0.96 * back, top - 0.74 * length],
    [barMm + back, top - 0.4 * length],
    [barMm + 0.94 * back, roofAt(barMm + 0.94 * back)],
  ];
}

function westernSeat(saddle: Leathered, under: Underside): Place[] {
  const { lengthMm: end } = saddle.build.frame;
  const { roofAt } = under;
  const [lowMm, lowZ] = lowest(saddle, under);
  const { swellMm, hornMm, cantleMm } = WESTERN;
  const head = roofAt(0);
  return [
    [-10, head + 4],
    [-4, head + swellMm],
    [-6, head + hornMm - 12],
    [-20, head + hornMm],
    [24, head + hornMm + 6],
    [18, head + hornMm - 14],
    [38, head + swellMm],
    [0.5 * (lowMm + 38), (lowZ + head + swellMm) / 2 - 10],
    [lowMm, lowZ],
    [(lowMm + end) / 2 + 14, (lowZ + roofAt(end) + cantleMm) / 2 - 22],
    [end - 10, roofAt(end) + cantleMm],
    [end + 8, roofAt(end) + cantleMm - 6],
    [end + 4, roofAt(end) + 10],
    ...treeBack(saddle, under),
  ];
}

function skirt({ build }: Leathered, { roofAt }: Underside): Place[] {
  const { lengthMm: end } = build.frame;
  const { skirtMm, skirtDownMm } = WESTERN;
  return [
    [-skirtMm, roofAt(0) - 18],
    [0, roofAt(0)],
    [end / 2, roofAt(end / 2)],
    [end, roofAt(end)],
    [end + skirtMm, roofAt(end) - 16],
    [end + skirtMm + 6, roofAt(end) - skirtDownMm],
    [end * 0.7, roofAt(end / 2) - skirtDownMm - 10],
    [end * 0.3, roofAt(end / 2) - skirtDownMm - 10],
    [-skirtMm - 4, roofAt(0) - skirtDownMm - 24],
  ];
}
