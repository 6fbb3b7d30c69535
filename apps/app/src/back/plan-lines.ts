import { type BackSurface, type NearOff, type RibbonSide } from '@fulcra/core';

/** Half-width of one side of a row at a depth below the spine, mm; null below where it was traced. */
export function halfWidthOfRow(side: RibbonSide, row: number, depthMm: number): number | null {
  const start = row * side.count;
  const spine = side.z[start]!;
  for (let j = 1; j < side.count; j++) {
    const [above, below] = [spine - side.z[start + j - 1]!, spine - side.z[start + j]!];
    if (below < depthMm) continue;
    const t = below > above ? (depthMm - above) / (below - above) : 1;
    return side.y[start + j - 1]! + t * (side.y[start + j]! - side.y[start + j - 1]!);
  }
  return null;
}

export interface PlanLine {
  readonly side: NearOff;
  readonly depthMm: number;
  /** Pieces, each wholly measured or wholly sparse. */
  readonly pieces: readonly { readonly sparse: boolean; readonly points: readonly { readonly xMm: number; readonly yMm: number }[] }[];
}

/** Lines of equal depth below the spine, seen from above: what a map has for heights. */
export function planLines(surface: BackSurface, depthsMm: readonly number[]): PlanLine[] {
  return (['near', 'off'] as const).flatMap((side) =>
    depthsMm.map((depthMm): PlanLine => ({ side, depthMm, pieces: piecesOf(surface, side, depthMm) })),
  );
}

function piecesOf(surface: BackSurface, side: NearOff, depthMm: number): PlanLine['pieces'] {
  const pieces: { sparse: boolean; points: { xMm: number; yMm: number }[] }[] = [];
  surface.ribbons.xMm.forEach((xMm, row) => {
    const half = halfWidthOfRow(surface.ribbons[side], row, depthMm);
    if (half === null) return;
    const sparse = surface.sparse[row] === 1;
    const p = { xMm, yMm: side === 'off' ? half : -half };
    const last = pieces.at(-1);
    if (last?.sparse === sparse) last.points.push(p);
    else pieces.push({ sparse, points: last === undefined ? [p] : [last.points.at(-1)!, p] });
  });
  return pieces;
}
