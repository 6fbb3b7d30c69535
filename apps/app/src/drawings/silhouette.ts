import { type TraitId, type TraitValue } from '@fulcra/core';

/** Numbers that a little horse is drawn from; each trait moves one or two of them. */
interface Rear {
  readonly near: number;
  readonly off: number;
  readonly spine: number;
  readonly barrel: number;
  readonly tilt: number;
}
interface Top {
  readonly front: readonly [near: number, off: number];
  readonly behind: readonly [near: number, off: number];
  readonly rear: number;
}

const REAR: Rear = { near: 0, off: 0, spine: 0, barrel: 0, tilt: 0 };
const TOP: Top = { front: [0, 0], behind: [0, 0], rear: 0 };

type Change = { readonly rear: Partial<Rear> } | { readonly top: Partial<Top> };

/** What each value does to the drawing: our own silhouettes, exaggerated so that the difference is seen at a glance. */
const CHANGES: Readonly<Partial<Record<TraitId, Readonly<Partial<Record<TraitValue, Change>>>>>> = {
  ribs: { slab: { rear: { barrel: -0.1 } }, ordinary: { rear: {} }, round: { rear: { barrel: 0.12 } } },
  muscle: { even: { rear: {} }, weakNear: { rear: { near: -0.13 } }, weakOff: { rear: { off: -0.13 } } },
  spine: {
    bare: { rear: { spine: 0.14, near: -0.06, off: -0.06 } },
    ordinary: { rear: {} },
    broad: { rear: { spine: -0.08, near: 0.04, off: 0.04 } },
  },
  stance: { square: { rear: {} }, uneven: { rear: { tilt: 0.1 } } },
  shoulderSize: { even: { top: {} }, biggerNear: { top: { front: [0.12, 0] } }, biggerOff: { top: { front: [0, 0.12] } } },
  hollow: {
    none: { top: {} },
    near: { top: { behind: [-0.13, 0] } },
    off: { top: { behind: [0, -0.13] } },
    both: { top: { behind: [-0.13, -0.13] } },
  },
  widening: {
    even: { top: {} },
    towardRear: { top: { rear: 0.13, front: [-0.05, -0.05] } },
    towardFront: { top: { rear: -0.12, front: [0.05, 0.05] } },
  },
};

export interface Silhouette {
  /** Closed outline, and lines on it, as SVG paths in a box of 100 x 70. */
  readonly outline: string;
  readonly lines: readonly string[];
}

/** From behind or from above; null for what is seen from the side, which is drawn on the horse itself. */
export function silhouette(trait: TraitId, value: TraitValue): Silhouette | null {
  const change = CHANGES[trait]?.[value];
  if (change === undefined) return null;
  return 'rear' in change ? rear({ ...REAR, ...change.rear }) : top({ ...TOP, ...change.top });
}

const n = (v: number): string => v.toFixed(1);

/** From behind, near on the left: spine, muscle to both sides, barrel. */
function rear({ near, off, spine, barrel, tilt }: Rear): Silhouette {
  const half = 26 + 60 * barrel;
  const y = (share: number, t: number): number => share + t * 60 * tilt;
  const top = 16 - 40 * spine;
  const [a, b] = [22 - 60 * near, 22 - 60 * off];
  const outline = [
    `M${n(50 - half)} ${n(y(46, 0.5))}`,
    `Q${n(50 - half + 2)} ${n(y(a + 6, 0.5))} ${n(50 - 12)} ${n(y(a, 0.25))}`,
    `Q${n(50 - 4)} ${n(y(a - 2, 0))} 50 ${n(top)}`,
    `Q${n(50 + 4)} ${n(y(b - 2, 0))} ${n(50 + 12)} ${n(y(b, -0.25))}`,
    `Q${n(50 + half - 2)} ${n(y(b + 6, -0.5))} ${n(50 + half)} ${n(y(46, -0.5))}`,
    `Q${n(50 + half)} 64 50 66Q${n(50 - half)} 64 ${n(50 - half)} ${n(y(46, 0.5))}Z`,
  ].join('');
  return { outline, lines: [`M50 ${n(top)}V${n(top + 10)}`] };
}

/** From above, head up, near on the left: shoulders, behind them, ribs. */
function top({ front, behind, rear: wide }: Top): Silhouette {
  const x = (side: 0 | 1, share: number): string => n(side === 0 ? 50 - 100 * share : 50 + 100 * share);
  const at = (side: 0 | 1): readonly number[] => [0.1, 0.2 + front[side], 0.2 + behind[side], 0.24 + wide, 0.22 + wide];
  const near = at(0);
  const off = at(1);
  const ys = [4, 18, 32, 50, 66];
  const outline =
    `M${x(0, near[0]!)} ${ys[0]}` +
    `C${x(0, near[1]!)} 8 ${x(0, near[1]!)} 22 ${x(0, near[2]!)} ${ys[2]}S${x(0, near[3]!)} 44 ${x(0, near[4]!)} ${ys[4]}` +
    `L${x(1, off[4]!)} ${ys[4]}C${x(1, off[3]!)} 44 ${x(1, off[2]!)} 42 ${x(1, off[2]!)} ${ys[2]}S${x(1, off[1]!)} 8 ${x(1, off[0]!)} ${ys[0]}Z`;
  return { outline, lines: ['M50 6V64'] };
}
