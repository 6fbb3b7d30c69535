/** The cells of a saddle's underside, fixed to the saddle: where they lie as it was put, mm, in the frame of the horse. */
export interface PanelCells {
  readonly count: number;
  /** Which cell of the level grid each one is. */
  readonly gridAt: Int32Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
  /** Along the skin, mm2: the grid's cell over the upward part of the back's normal where it was put. */
  readonly areaMm2: Float64Array;
  readonly stiffnessKPaPerMm: Float64Array;
  /** Where the back lies over the cell as it was put, mm (NaN off the back), and the upward part of its normal there. */
  readonly overlapMm: Float64Array;
  readonly normalZ: Float64Array;
  /** By its own design clear of an even contact there, mm along the normal: rounded edges, turned-up ends. */
  readonly reliefMm: Float64Array;
  /** Where a radian of the tree's bending and of its arch's opening takes the cell, mm. */
  readonly bendZ: Float64Array;
  readonly openY: Float64Array;
  readonly openZ: Float64Array;
}

/** A force on the saddle at a point of it, as it was put: mm, N; z up. */
export interface SaddleForce {
  readonly xMm: number;
  readonly yMm: number;
  readonly zMm: number;
  readonly forceX: number;
  readonly forceY: number;
  readonly forceZ: number;
}

/** How far the tree gives, Nm per degree; Infinity for rigid. */
export interface TreeStiffness {
  readonly bendNmPerDeg: number;
  readonly openNmPerDeg: number;
  /** Where a load at a place along the saddle is taken by a radian of bending, mm. */
  readonly bendZAt: (xMm: number) => number;
}

/** One row across in so many, each cell standing for as many: enough to come close with, and alike on both sides. */
export function thinned(panel: PanelCells, every: number): PanelCells {
  if (every <= 1) return panel;
  const kept: number[] = [];
  let row = -1;
  let [all, left] = [0, 0];
  for (let i = 0; i < panel.count; i++) {
    // a row goes from the near side to the off side
    if (i === 0 || panel.y[i]! < panel.y[i - 1]!) row++;
    all += panel.areaMm2[i]!;
    if (row % every !== Math.floor(every / 2)) continue;
    left += panel.areaMm2[i]!;
    kept.push(i);
  }
  const times = left > 0 ? all / left : 1;
  const pick = (list: Float64Array, by = 1): Float64Array => Float64Array.from(kept, (i) => by * list[i]!);
  return {
    count: kept.length,
    gridAt: Int32Array.from(kept, (i) => panel.gridAt[i]!),
    x: pick(panel.x),
    y: pick(panel.y),
    z: pick(panel.z),
    areaMm2: pick(panel.areaMm2, times),
    stiffnessKPaPerMm: pick(panel.stiffnessKPaPerMm),
    overlapMm: pick(panel.overlapMm),
    normalZ: pick(panel.normalZ),
    reliefMm: pick(panel.reliefMm),
    bendZ: pick(panel.bendZ),
    openY: pick(panel.openY),
    openZ: pick(panel.openZ),
  };
}
