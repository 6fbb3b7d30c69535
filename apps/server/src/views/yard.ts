import { type yardQuerySchema } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { type z } from 'zod';
import { inBin } from '../records/in-bin';
import { type HorseRow } from '../horses/horse.entity';

type YardQuery = z.infer<typeof yardQuerySchema>;

/** The latest visit, the one under way, and the last decision, each found by an index alone; the decision's outline is fetched afterwards. */
const LAST_VISIT = `SELECT v.started_on FROM visit v WHERE v.horse_id = h.id AND NOT ${inBin('v.id')} ORDER BY v.started_on DESC, v.id DESC LIMIT 1`;
const OPEN_VISIT = `SELECT v.id FROM visit v WHERE v.horse_id = h.id AND v.status = 'open' AND NOT ${inBin('v.id')}
  ORDER BY v.started_on DESC, v.id DESC LIMIT 1`;
const DECIDED_VISIT = `SELECT v.id FROM visit v WHERE v.horse_id = h.id AND EXISTS (SELECT 1 FROM decision d WHERE d.visit_id = v.id)
  ORDER BY v.started_on DESC, v.id DESC LIMIT 1`;
const COLUMNS = `h.id, h.name, h.kind, h.born_year AS bornYear, h.height_mm AS heightMm, h.note, h.sex, h.rider_ids AS riderIds,
  h.owner_id AS ownerId, h.payer_id AS payerId, h.yard_id AS yardId`;
const SUMMARY = `${COLUMNS}, (${LAST_VISIT}) AS lastVisitOn, (${OPEN_VISIT}) AS openVisitId, (${DECIDED_VISIT}) AS decidedVisitId`;
const MOST_UNDER_WAY = 20;
const ORDER = { name: 'h.name ASC, h.id ASC', visited: 'lastVisitOn IS NULL, lastVisitOn DESC, h.name ASC, h.id ASC' } as const;

type Row = Omit<HorseRow, 'practiceId' | 'riderIds'> & {
  readonly riderIds: string;
  readonly lastVisitOn: string | null;
  readonly openVisitId: string | null;
  readonly decidedVisitId: string | null;
  /** JSON as it is kept. */
  readonly outline: string | null;
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
  const parts: Part[] = [{ sql: `h.practice_id = ? AND NOT ${inBin('h.id')}`, values: [practiceId] }];
  if (search !== '') parts.push({ sql: '(h.name LIKE ? OR h.kind LIKE ? OR h.note LIKE ?)', values: Array(3).fill(anywhere(search)) });
  if (rider !== '') parts.push({ sql: 'h.rider_ids LIKE ?', values: [anywhere(rider)] });
  return { sql: parts.map((p) => p.sql).join(' AND '), values: parts.flatMap((p) => p.values) };
}

const withOutline = (summaries: string): string => `SELECT p.*, o.outline FROM (${summaries}) p LEFT JOIN decision o
  ON o.seq = (SELECT MAX(d.seq) FROM decision d WHERE d.visit_id = p.decidedVisitId)`;

/** One page of the yard. */
export function pageQuestion(practiceId: string, query: YardQuery): Part {
  const { sql, values } = meant(practiceId, query);
  const page = `SELECT ${SUMMARY} FROM horse h USE INDEX (horse_practice_name) WHERE ${sql} ORDER BY ${ORDER[query.sort]} LIMIT ? OFFSET ?`;
  return { sql: withOutline(page), values: [...values, query.limit, query.from] };
}

/** The horses with the latest visits under way: which they are is settled before anything else of them is looked up. */
function underWayQuestion(practiceId: string, query: YardQuery): Part {
  const { sql, values } = meant(practiceId, query);
  const open = `SELECT v.horse_id, MAX(v.started_on) AS openedOn FROM visit v JOIN horse h ON h.id = v.horse_id
    WHERE v.practice_id = ? AND v.status = 'open' AND NOT ${inBin('v.id')} AND ${sql} GROUP BY v.horse_id ORDER BY openedOn DESC LIMIT ?`;
  const summaries = `SELECT ${SUMMARY} FROM (${open}) w JOIN horse h ON h.id = w.horse_id ORDER BY lastVisitOn DESC, h.name ASC`;
  return { sql: withOutline(summaries), values: [practiceId, ...values, MOST_UNDER_WAY] };
}

/**
 * One page of a practice's yard as JSON: searched, sorted and cut by the database, and put together from texts, because the outlines of a
 * hundred horses need neither be read nor checked on their way from one to the other.
 */
export async function yardJson(db: DataSource, practiceId: string, query: YardQuery): Promise<string> {
  const asked = <T = Row>({ sql, values }: Part): Promise<T[]> => db.query(sql, [...values]);
  const { sql, values } = meant(practiceId, query);
  const count = async (): Promise<number> =>
    Number((await asked<{ total: string }>({ sql: `SELECT COUNT(*) AS total FROM horse h WHERE ${sql}`, values }))[0]!.total);
  const searched = query.search !== '' || query.rider !== '';
  const [rows, open, everything] = await Promise.all([
    asked(pageQuestion(practiceId, query)),
    query.from > 0 ? [] : asked(underWayQuestion(practiceId, query)),
    searched ? null : count(),
  ]);
  // a search reads every horse: what fits on one page is counted already
  const total = everything ?? (query.from === 0 && rows.length < query.limit ? rows.length : await count());
  const next = query.from + rows.length < total ? query.from + rows.length : null;
  return `{"underWay":[${open.map(summaryJson).join()}],"horses":[${rows.map(summaryJson).join()}],"next":${next},"total":${total}}`;
}

function summaryJson({ lastVisitOn, openVisitId, outline, riderIds, decidedVisitId: _, ...fields }: Row): string {
  const horse = { ...fields, riderIds: JSON.parse(riderIds) as string[] };
  return `{"horse":${JSON.stringify(horse)},"lastVisitOn":${JSON.stringify(lastVisitOn)},"openVisitId":${JSON.stringify(openVisitId)},"outline":${outline ?? '[]'}}`;
}
