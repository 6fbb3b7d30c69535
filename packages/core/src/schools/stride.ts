/** Gaits whose strides are gone through, instant by instant. */
export const STRIDE_GAITS = ['walk', 'trotSitting', 'trotRising', 'canterNear', 'canterOff'] as const;
export type StrideGaitId = (typeof STRIDE_GAITS)[number];

/** A stride is told at so many instants. */
export const INSTANTS = 24;

/** What of a stride is told, one number per instant. */
export const STRIDE_ROWS = {
  /** Times the weight of rider and saddle; its mean over a stride is 1, because what goes up comes down. */
  verticalFactor: 'times the weight',
  /** Times the weight, + toward the tail. */
  foreAftFactor: 'times the weight',
  /** Where the rider's weight comes down: + toward the tail, + toward the off side. */
  riderShiftMm: 'mm',
  riderSwayMm: 'mm',
  /** Of the rider's weight, on the bars. */
  stirrupShare: 'share',
  /** + off side low, + croup low. */
  barrelRollDeg: 'degrees',
  backPitchDeg: 'degrees',
  /** At the middle of the bearing, + up. */
  backRiseMm: 'mm',
  /** Share of the measured travel, 1 drawn fully back. */
  scapulaNear: 'share',
  scapulaOff: 'share',
} as const;
export type StrideRowId = keyof typeof STRIDE_ROWS;
export const STRIDE_ROW_IDS = Object.keys(STRIDE_ROWS) as StrideRowId[];

export interface StrideRow {
  readonly values: readonly number[];
  readonly source: string;
}

/** One gait's stride. */
export interface StrideGait {
  readonly strideHz: number;
  readonly rows: Readonly<Record<StrideRowId, StrideRow>>;
}

/** The mean of the vertical factor lies between these, or the stride doesn't come down again. */
export const MEAN_VERTICAL = { least: 0.98, most: 1.02 } as const;

export type StrideProblem =
  | { readonly code: 'rowLength'; readonly row: StrideRowId; readonly count: number }
  | { readonly code: 'notANumber'; readonly row: StrideRowId; readonly instant: number }
  | { readonly code: 'meanVertical'; readonly mean: number };

/** What is wrong with a stride someone wrote: rows of other lengths, missing numbers, a mean that doesn't come down. */
export function strideProblems({ rows }: StrideGait): StrideProblem[] {
  const lists = STRIDE_ROW_IDS.flatMap((row): StrideProblem[] => {
    const { values } = rows[row];
    if (values.length !== INSTANTS) return [{ code: 'rowLength', row, count: values.length }];
    const instant = values.findIndex((v) => !Number.isFinite(v));
    return instant < 0 ? [] : [{ code: 'notANumber', row, instant }];
  });
  const { values } = rows.verticalFactor;
  const mean = values.reduce((s, v) => s + v, 0) / Math.max(1, values.length);
  const comesDown = mean >= MEAN_VERTICAL.least && mean <= MEAN_VERTICAL.most;
  return comesDown || lists.length > 0 ? lists : [{ code: 'meanVertical', mean }];
}
