import { type yardQuerySchema } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { type z } from 'zod';
import { type HorseRow } from '../horses/horse.entity';
import { type HorseStanding } from '../horses/standing';

type YardQuery = z.infer<typeof yardQuerySchema>;

const COLUMNS = `h.id, h.name, h.kind, h.born_year AS bornYear, h.height_mm AS heightMm, h.note, h.sex, h.rider_ids AS riderIds,
  h.owner_id AS ownerId, h.payer_id AS payerId, h.yard_id AS yardId,
  h.rides_in AS ridesIn, h.gone, h.last_visit_on AS lastVisitOn, h.open_visit_id AS openVisitId, h.outline, h.in_use AS inUse`;
const YARD_SIZE = 'SELECT horses FROM yard_size WHERE practice_id = ?';
const MOST_UNDER_WAY = 20;
/** In which order, and the index that has them in it. */
const SORTS = {
  name: { order: 'h.name, h.id', index: 'horse_listed' },
  visited: { order: 'h.last_visit_on DESC, h.name, h.id', index: 'horse_visited' },
} as const;

/** Columns that hold JSON: passed on as they stand. */
type AsJson = 'riderIds' | 'ridesIn' | 'gone';
type Row = Omit<HorseRow, 'practiceId' | AsJson> &
  Readonly<Record<AsJson, string>> &
  Pick<HorseStanding, 'lastVisitOn' | 'openVisitId' | 'outline' | 'inUse'> & {
    readonly part: 'horses' | 'underWay';
    readonly total: number | null;
  };

/** Text looked for anywhere; accents and case folded by the collation, the wild cards of LIKE taken as they are. */
const anywhere = (search: string): string => `%${search.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;

/** A part of a question, with what stands in its places. */
interface Part {
  readonly sql: string;
  readonly values: readonly unknown[];
}

/** Which horses are meant; what isn't asked for isn't compared either. */
function meant(practiceId: string, { search, rider }: Pick<YardQuery, 'search' | 'rider'>): Part {
  const parts: Part[] = [{ sql: 'h.practice_id = ? AND h.in_bin = 0', values: [practiceId] }];
  if (search !== '') parts.push({ sql: '(h.name LIKE ? OR h.kind LIKE ? OR h.note LIKE ?)', values: Array(3).fill(anywhere(search)) });
  if (rider !== '') parts.push({ sql: 'h.rider_ids LIKE ?', values: [anywhere(rider)] });
  return { sql: parts.map((p) => p.sql).join(' AND '), values: parts.flatMap((p) => p.values) };
}

/** One page of the yard, with the number of horses beside each. */
export function pageQuestion(practiceId: string, query: YardQuery): Part {
  const { sql, values } = meant(practiceId, query);
  const { order, index } = SORTS[query.sort];
  return {
    sql: `SELECT 'horses' AS part, (${YARD_SIZE}) AS total, ${COLUMNS} FROM horse h FORCE INDEX (${index}) WHERE ${sql} ORDER BY ${order} LIMIT ? OFFSET ?`,
    values: [practiceId, ...values, query.limit, query.from],
  };
}

/** The horses with the latest visits under way. */
export function underWayQuestion(practiceId: string, query: YardQuery): Part {
  const { sql, values } = meant(practiceId, query);
  const open = `h.open_visit_on IS NOT NULL AND ${sql} ORDER BY h.open_visit_on DESC LIMIT ?`;
  return {
    sql: `SELECT 'underWay' AS part, NULL AS total, ${COLUMNS} FROM horse h FORCE INDEX (horse_under_way) WHERE ${open}`,
    values: [...values, MOST_UNDER_WAY],
  };
}

const inOne = (parts: readonly Part[]): Part => ({
  sql: parts.map(({ sql }) => `(${sql})`).join(' UNION ALL '),
  values: parts.flatMap(({ values }) => values),
});

/** A page, and what is under way with the first one. */
export const yardQuestion = (practiceId: string, query: YardQuery): Part => {
  const page = pageQuestion(practiceId, query);
  return query.from > 0 ? page : inOne([page, underWayQuestion(practiceId, query)]);
};

/**
 * One page of a practice's yard as JSON: searched, sorted and cut by the database, and put together from texts, because the outlines of a
 * hundred horses need neither be read nor checked on their way from one to the other.
 */
export async function yardJson(db: DataSource, practiceId: string, query: YardQuery): Promise<string> {
  const asked = <T>({ sql, values }: Part): Promise<T[]> => db.query(sql, [...values]);
  const all = await asked<Row>(yardQuestion(practiceId, query));
  const [horses, open] = (['horses', 'underWay'] as const).map((name) => all.filter(({ part }) => part === name)) as [Row[], Row[]];
  const total = await totalOf(horses);
  const next = query.from + horses.length < total ? query.from + horses.length : null;
  return `{"underWay":[${open.map(summaryJson).join()}],"horses":[${horses.map(summaryJson).join()}],"next":${next},"total":${total}}`;

  /** What fits on the first page is counted already; of how many a whole yard is came with it; what a search finds further on is counted. */
  async function totalOf(rows: readonly Row[]): Promise<number> {
    if (query.from === 0 && rows.length < query.limit) return rows.length;
    const whole = query.search === '' && query.rider === '' ? rows[0]?.total : undefined;
    if (whole != null) return whole;
    const { sql, values } = meant(practiceId, query);
    return Number((await asked<{ total: string }>({ sql: `SELECT COUNT(*) AS total FROM horse h WHERE ${sql}`, values }))[0]!.total);
  }
}

/** JSON is what a row's riders and outline are kept as: they are passed on as they stand. */
function summaryJson({ part: _, total: __, lastVisitOn, openVisitId, outline, inUse, riderIds, ridesIn, gone, ...fields }: Row): string {
  const horse = `${JSON.stringify(fields).slice(0, -1)},"riderIds":${riderIds},"ridesIn":${ridesIn},"gone":${gone}}`;
  return `{"horse":${horse},"lastVisitOn":${JSON.stringify(lastVisitOn)},"openVisitId":${JSON.stringify(openVisitId)},"inUse":${inUse},"outline":${outline ?? '[]'}}`;
}
