import {
  type Assessed,
  type AxisId,
  type BackPose,
  type BestSetup,
  type BodyInput,
  type BySideAndZone,
  type DescribedSaddle,
  type LaidArch,
  type Outcome,
  type RankingProgress,
  type RiderLoad,
  type SaddleSetup,
  type SchoolId,
  type SearchStep,
  type SitConfidence,
  type SitVerdict,
  type Sitting,
  type StockRanking,
  type StrapChoice,
} from '@fulcra/core';

/** One saddle in one setup on one horse, as it is asked about. */
export interface SitAsked {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
  readonly pose: BackPose;
  readonly strapPullN: number;
  readonly schoolId: SchoolId;
}

/** What the drawings and the table are made of: plain data, so that it can cross from a worker. */
export interface SitPicture extends Pick<
  Sitting,
  'measures' | 'shape' | 'stiffness' | 'drift' | 'places' | 'withers' | 'pulls' | 'loads' | 'offTheBackShare'
> {
  readonly asked: SitAsked;
  readonly state: Sitting['settled']['state'];
  readonly pose: Sitting['settled']['pose'];
  readonly residual: Sitting['settled']['residual'];
  readonly rounds: number;
  readonly grid: {
    readonly countX: number;
    readonly countY: number;
    readonly stepMm: number;
    readonly fromXMm: number;
    readonly fromYMm: number;
  };
  readonly pressureKPa: Float64Array;
  /** Back over underside once settled, mm; NaN without panel or back. */
  readonly overlapMm: Float64Array;
  /** The same settled saddle under every school, the chosen one first. */
  readonly verdicts: readonly SitVerdict[];
  readonly laid: LaidArch | null;
}

export interface NeighbourOf {
  readonly axis: AxisId;
  readonly direction: -1 | 1;
  readonly assessed: Assessed;
}

/** Questions answered at once. */
export type SitQuestionKind = {
  readonly sit: { readonly ask: SitAsked; readonly answer: Outcome<SitPicture> };
  readonly neighbours: { readonly ask: SitAsked; readonly answer: readonly NeighbourOf[] };
  readonly straps: { readonly ask: SitAsked; readonly answer: readonly StrapChoice[] };
  readonly flock: { readonly ask: SitAsked; readonly answer: BySideAndZone };
};

/** Questions that take a while: they tell how far they are, and can be stopped. */
export type SitJobKind = {
  readonly best: { readonly ask: SitAsked; readonly progress: SearchStep; readonly answer: Outcome<BestSetup> };
  readonly shims: { readonly ask: SitAsked; readonly progress: SearchStep; readonly answer: Outcome<BestSetup> };
  readonly confidence: { readonly ask: SitAsked; readonly progress: number; readonly answer: SitConfidence };
  readonly rank: {
    readonly ask: Omit<SitAsked, 'saddle' | 'setup' | 'pose'> & { readonly saddles: readonly DescribedSaddle[] };
    readonly progress: RankingProgress;
    readonly answer: StockRanking;
  };
};

export type SitMessage =
  | { readonly kind: 'body'; readonly key: string; readonly input: BodyInput }
  | {
      readonly [K in keyof SitQuestionKind]: {
        readonly kind: K;
        readonly id: number;
        readonly key: string;
        readonly ask: SitQuestionKind[K]['ask'];
      };
    }[keyof SitQuestionKind]
  | {
      readonly [K in keyof SitJobKind]: { readonly kind: K; readonly id: number; readonly key: string; readonly ask: SitJobKind[K]['ask'] };
    }[keyof SitJobKind];

export type SitReply =
  | { readonly id: number; readonly state: 'progress'; readonly progress: unknown }
  | { readonly id: number; readonly state: 'done'; readonly answer: unknown }
  | { readonly id: number; readonly state: 'failed'; readonly message: string };
