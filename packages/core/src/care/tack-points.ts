import { type NearOff, SIDES } from '../units';

/** What is walked round: each is a thing of its own, with an age and a history. */
export const TACK_KINDS = ['saddle', 'leather', 'girth'] as const;
export type TackKind = (typeof TACK_KINDS)[number];

/** A fitter's whole walk, or the five minutes an owner takes each month. */
export const TACK_ROUNDS = ['full', 'monthly'] as const;
export type TackRound = (typeof TACK_ROUNDS)[number];

/** What only some of a kind have. */
export type TackBuild = 'english' | 'western';

interface PointSpec {
  readonly of: TackKind;
  /** Looked at on the near and the off side, each for itself. */
  readonly sided: boolean;
  /** Part of the owner's monthly look as well. */
  readonly monthly: boolean;
  readonly only?: TackBuild;
  /** Anything else that is found; nobody has to have looked at it. */
  readonly other?: boolean;
}

const both = (of: TackKind, monthly: boolean): PointSpec => ({ of, sided: true, monthly });
const one = (of: TackKind, monthly: boolean): PointSpec => ({ of, sided: false, monthly });
const anythingElse = (of: TackKind): PointSpec => ({ of, sided: false, monthly: true, other: true });
const onEnglish = (spec: PointSpec): PointSpec => ({ ...spec, only: 'english' });
const onWestern = (spec: PointSpec): PointSpec => ({ ...spec, only: 'western' });

/** Every point of the walk in the order of the hands: source, usual practice of the trade (default). */
export const TACK_POINTS = {
  treeArch: one('saddle', false),
  treeTwist: one('saddle', false),
  treeSeat: one('saddle', true),
  barRivets: onEnglish(both('saddle', true)),
  barSlides: onEnglish(both('saddle', false)),
  barCatch: onEnglish(both('saddle', true)),
  strapHoles: onEnglish(both('saddle', true)),
  strapCracks: onEnglish(both('saddle', true)),
  strapStitching: onEnglish(both('saddle', true)),
  strapWeb: onEnglish(both('saddle', false)),
  strapPull: onEnglish(both('saddle', false)),
  panelFromFront: onEnglish(one('saddle', false)),
  panelFromBehind: onEnglish(one('saddle', false)),
  panelAlong: onEnglish(both('saddle', true)),
  leatherChannel: onWestern(both('saddle', false)),
  barTails: onWestern(both('saddle', false)),
  rigging: onWestern(both('saddle', true)),
  cinchStrap: onWestern(both('saddle', true)),
  flankConnector: onWestern(one('saddle', true)),
  saddleOther: anythingElse('saddle'),
  leatherHoles: both('leather', true),
  leatherBuckle: both('leather', true),
  leatherStitching: both('leather', true),
  leatherEnd: both('leather', true),
  leatherAtTread: both('leather', true),
  leatherAtBar: both('leather', false),
  iron: both('leather', true),
  leatherOther: anythingElse('leather'),
  girthBuckles: both('girth', true),
  girthStitching: both('girth', true),
  girthElastic: both('girth', true),
  girthBody: one('girth', true),
  girthOther: anythingElse('girth'),
} as const satisfies Readonly<Record<string, PointSpec>>;
export type TackPoint = keyof typeof TACK_POINTS;
export const TACK_POINT_IDS = Object.keys(TACK_POINTS) as TackPoint[];

/** A point of one item as it is looked at: with its side where it has two. */
export interface TackSpot {
  readonly point: TackPoint;
  readonly side: NearOff | null;
}

/** The tree's own points: looked at after a fall, before the next ride. */
export const TREE_POINTS = ['treeArch', 'treeTwist', 'treeSeat'] as const satisfies readonly TackPoint[];

/** An item as far as its points depend on it. */
export interface TackItem {
  readonly kind: TackKind;
  /** A western saddle has other points; leathers and girths have the same ones on both. */
  readonly build: TackBuild;
  /** A girth without elastic has none to look at. */
  readonly elastic?: boolean;
}

const has = (item: TackItem, point: TackPoint): boolean => {
  const spec: PointSpec = TACK_POINTS[point];
  if (spec.of !== item.kind) return false;
  if (point === 'girthElastic' && item.elastic === false) return false;
  return item.kind !== 'saddle' || spec.only === undefined || spec.only === item.build;
};

/** What a round looks at on an item, near before off, in the order of the hands. */
export const spotsOf = (item: TackItem, round: TackRound): TackSpot[] =>
  TACK_POINT_IDS.filter((point) => has(item, point) && (round === 'full' || TACK_POINTS[point].monthly)).flatMap((point) =>
    sidesOf(point).map((side) => ({ point, side })),
  );

const sidesOf = (point: TackPoint): readonly (NearOff | null)[] => (TACK_POINTS[point].sided ? SIDES : [null]);

/** Spots that a walk isn't whole without. */
export const neededSpots = (item: TackItem): TackSpot[] => spotsOf(item, 'full').filter(({ point }) => TACK_POINTS[point].other !== true);

export const sameTackSpot = (a: TackSpot, b: TackSpot): boolean => a.point === b.point && a.side === b.side;

/** Whether a spot is one that this kind of item can have, with a side where it has two and none where it hasn't. */
export const isSpotOf = (kind: TackKind, { point, side }: TackSpot): boolean =>
  TACK_POINTS[point].of === kind && TACK_POINTS[point].sided === (side !== null);

/** An iron is so much wider than the boot, mm: less can trap the foot, more lets it slide through (usual safety rule, default). */
export const IRON_OVER_BOOT_MM = { least: 20, most: 30 } as const;
/** A boot without so much of a heel can slide through the iron, mm (usual safety rule, default). */
export const BOOT_HEEL_LEAST_MM = 12;
/** A western bar's tail reaches at least so far past the cantle, mm (usual practice, default). */
export const BAR_TAIL_PAST_CANTLE_MM = 75;
