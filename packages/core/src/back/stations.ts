/** One place where a tracing is taken. */
interface SectionSpec {
  readonly runs: 'across';
  /** Where it is expected before anyone has measured, mm behind the front section (defaults, riding horse of 15 hands). */
  readonly behindFrontMm: number;
  /** The landmark it stands at once that is felt; null where it keeps its distance. */
  readonly standsAt: 'lowPoint' | 'lastRib' | null;
  /** A back is measured whole once every station marked so is. */
  readonly partOfWhole: boolean;
  /** Edges of spine and long muscle are felt here; while the station isn't measured they stand at this share of the measured back. */
  readonly edgesAtShare: number | null;
  /** The fitter's own: shown once it is taken. */
  readonly extra: boolean;
  /** It lies on the withers, whose flanks are steep; behind them the back is flatter. */
  readonly onWithers: boolean;
  /** Where widths are taken below the spine, mm (defaults); by the gauge that its withers ask for. */
  readonly widthsAtMm: 'gauge' | readonly [number, number, ...number[]];
}
interface LineSpec {
  readonly runs: 'along';
  readonly partOfWhole: boolean;
}
type StationSpec = SectionSpec | LineSpec;

/** The base of the withers is traced this far behind the front section (trade rule, default). */
export const BASE_BEHIND_FRONT_MM = 50;

/**
 * Every station there is, in the order along the back and of the work. To add one, add a row: lists, schemas and proposals follow, and
 * what the row can't say (its words, its true place on a generated horse) fails to compile until it is there. See docs/add-a-station.md.
 */
export const STATION_TABLE = {
  front: {
    runs: 'across',
    behindFrontMm: 0,
    standsAt: null,
    partOfWhole: true,
    edgesAtShare: 0,
    extra: false,
    onWithers: true,
    widthsAtMm: 'gauge',
  },
  base: {
    runs: 'across',
    behindFrontMm: BASE_BEHIND_FRONT_MM,
    standsAt: null,
    partOfWhole: true,
    edgesAtShare: null,
    extra: false,
    onWithers: true,
    widthsAtMm: [60, 120],
  },
  low: {
    runs: 'across',
    behindFrontMm: 170,
    standsAt: 'lowPoint',
    partOfWhole: true,
    edgesAtShare: 0.5,
    extra: false,
    onWithers: false,
    widthsAtMm: [30, 80],
  },
  lastRib: {
    runs: 'across',
    behindFrontMm: 360,
    standsAt: 'lastRib',
    partOfWhole: true,
    edgesAtShare: 1,
    extra: false,
    onWithers: false,
    widthsAtMm: [30, 80],
  },
  extra1: {
    runs: 'across',
    behindFrontMm: 110,
    standsAt: null,
    partOfWhole: false,
    edgesAtShare: null,
    extra: true,
    onWithers: true,
    widthsAtMm: [60, 120],
  },
  extra2: {
    runs: 'across',
    behindFrontMm: 270,
    standsAt: null,
    partOfWhole: false,
    edgesAtShare: null,
    extra: true,
    onWithers: false,
    widthsAtMm: [30, 80],
  },
  topline: { runs: 'along', partOfWhole: true },
  withers: { runs: 'along', partOfWhole: false },
} as const satisfies Readonly<Record<string, StationSpec>>;

type Table = typeof STATION_TABLE;
export type Station = keyof Table;
type WhereRow<Row> = { [K in Station]: Table[K] extends Row ? K : never }[Station];

/** Where a section is taken across the back. */
export type SectionStation = WhereRow<{ readonly runs: 'across' }>;
/** Lines along the spine: the topline with the head at its natural height, and the withers with the head up. */
export type LineStation = WhereRow<{ readonly runs: 'along' }>;
/** What a whole back is made of. */
export type WholeStation = WhereRow<{ readonly partOfWhole: true }>;
export type WholeSection = WholeStation & SectionStation;
/** Where the edges of spine and long muscle are felt. */
export type EdgeStation = WhereRow<{ readonly edgesAtShare: number }>;

type NotEmpty<T> = readonly [T, ...T[]];
const rowsWhere = <T extends Station>(holds: (spec: StationSpec) => boolean): NotEmpty<T> =>
  (Object.keys(STATION_TABLE) as Station[]).filter((s) => holds(STATION_TABLE[s])) as unknown as NotEmpty<T>;

export const STATIONS = rowsWhere<Station>(() => true);
export const SECTION_STATIONS = rowsWhere<SectionStation>((s) => s.runs === 'across');
export const LINE_STATIONS = rowsWhere<LineStation>((s) => s.runs === 'along');
export const WHOLE_STATIONS = rowsWhere<WholeStation>((s) => s.partOfWhole);
export const WHOLE_SECTIONS = rowsWhere<WholeSection>((s) => s.partOfWhole && s.runs === 'across');
export const EDGE_STATIONS = rowsWhere<EdgeStation>((s) => s.runs === 'across' && s.edgesAtShare !== null);

export const isLine = (station: Station): station is LineStation => STATION_TABLE[station].runs === 'along';

/** Where a station is expected before anyone has measured, mm behind the resting scapula's rear edge. */
export const expectedStationMm = (station: SectionStation, frontMm: number): number => frontMm + STATION_TABLE[station].behindFrontMm;
