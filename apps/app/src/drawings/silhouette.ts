import { type TraitId, type TraitValue } from '@fulcra/core';

/** Numbers that a little horse is drawn from; each trait moves one or two of them. */
interface Side {
  readonly withers: number;
  readonly dip: number;
  readonly croup: number;
  readonly length: number;
  readonly shoulder: number;
  readonly load: number;
  readonly groove: number | null;
}
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

const SIDE: Side = { withers: 0.1, dip: 0.05, croup: 0, length: 0, shoulder: 0.1, load: 0, groove: null };
const REAR: Rear = { near: 0, off: 0, spine: 0, barrel: 0, tilt: 0 };
const TOP: Top = { front: [0, 0], behind: [0, 0], rear: 0 };

type Change = { readonly side: Partial<Side> } | { readonly rear: Partial<Rear> } | { readonly top: Partial<Top> };

/** What each value does to the drawing: our own silhouettes, exaggerated so that the difference is seen at a glance. */
const CHANGES: Readonly<Record<TraitId, Readonly<Partial<Record<TraitValue, Change>>>>> = {
  withers: { flat: { side: { withers: 0.0 } }, ordinary: { side: {} }, high: { side: { withers: 0.22 } } },
  back: {
    flat: { side: { dip: 0 } },
    gentleDip: { side: { dip: 0.07 } },
    deepDip: { side: { dip: 0.18 } },
    roached: { side: { dip: -0.1 } },
  },
  slope: { uphill: { side: { croup: -0.14 } }, level: { side: {} }, downhill: { side: { croup: 0.16 } } },
  shoulder: {
    sloping: { side: { shoulder: 0.2 } },
    upright: { side: { shoulder: 0.02 } },
    loaded: { side: { shoulder: 0.1, load: 0.09 } },
  },
  length: { short: { side: { length: -0.16 } }, medium: { side: {} }, long: { side: { length: 0.12 } } },
  groove: { forward: { side: { groove: -0.09 } }, inLine: { side: { groove: 0 } }, back: { side: { groove: 0.09 } } },
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

export function silhouette(trait: TraitId, value: TraitValue): Silhouette {
  const change = CHANGES[trait][value];
  if (change === undefined) throw new Error(`no silhouette of ${trait} ${value}`);
  if ('side' in change) return side({ ...SIDE, ...change.side });
  return 'rear' in change ? rear({ ...REAR, ...change.rear }) : top({ ...TOP, ...change.top });
}

const n = (v: number): string => v.toFixed(1);

/** From the near side, the head beyond the left edge: neck, withers, back, croup, tops of the legs. */
function side({ withers, dip, croup, length, shoulder, load, groove }: Side): Silhouette {
  const shift = 60 * length;
  const x = (share: number): string => n(share + (share > 34 ? shift * Math.min(1, (share - 34) / 30) : 0));
  const crest = 20;
  const top = crest - 45 * withers + 4;
  const low = crest + 5 + 50 * dip;
  const rump = crest + 1 - 55 * croup;
  const chest = 21 - 50 * load;
  const outline = [
    `M3 2Q14 ${n(crest - 8)} 24 ${n(top + 1)}`,
    `Q29 ${n(top - 3)} 35 ${n(top + 2)}`,
    `Q42 ${n(low)} ${x(54)} ${n(low)}`,
    `Q${x(64)} ${n(low - 1)} ${x(71)} ${n(rump)}`,
    `Q${x(82)} ${n(rump - 4)} ${x(90)} ${n(rump + 9)}`,
    `Q${x(94)} ${n(rump + 22)} ${x(86)} 50L${x(86)} 68H${n(Number(x(76)))}`,
    `L${x(75)} 54Q${x(70)} 48 ${x(66)} 51Q52 58 38 53L37 68H29L28 54`,
    `Q${n(chest)} 50 ${n(chest)} 40Q${n(chest - 3)} 32 4 26Z`,
  ].join('');
  const blade = `M${n(29 + 45 * shoulder)} ${n(top + 5)}L${n(26 - 40 * load)} 42`;
  const girth = groove === null ? [] : [`M${n(40 + 70 * groove)} 56V34`, `M40 53V60`];
  return { outline, lines: [blade, ...girth] };
}

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
