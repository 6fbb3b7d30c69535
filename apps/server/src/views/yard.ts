import { type HorseSummary, type YardPage, type yardQuerySchema } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { type z } from 'zod';
import { inBin } from '../records/in-bin';
import { type HorseRow } from '../horses/horse.entity';

type YardQuery = z.infer<typeof yardQuerySchema>;

/** The latest visit, the one under way, and the outline of the last decided section, each by an index of its own. */
const LAST_VISIT = `SELECT v.started_on FROM visit v WHERE v.horse_id = h.id AND NOT ${inBin('v.id')} ORDER BY v.started_on DESC, v.id DESC LIMIT 1`;
const OPEN_VISIT = `SELECT v.id FROM visit v WHERE v.horse_id = h.id AND v.status = 'open' AND NOT ${inBin('v.id')}
  ORDER BY v.started_on DESC, v.id DESC LIMIT 1`;
const OUTLINE = `SELECT d.outline FROM visit v JOIN decision d ON d.visit_id = v.id
  WHERE v.horse_id = h.id ORDER BY v.started_on DESC, v.id DESC, d.seq DESC LIMIT 1`;
const COLUMNS = `h.id, h.name, h.kind, h.born_year AS bornYear, h.height_mm AS heightMm, h.note, h.sex, h.rider_ids AS riderIds,
  h.owner_id AS ownerId, h.payer_id AS payerId, h.yard_id AS yardId`;
const WHERE = `h.practice_id = ? AND NOT ${inBin('h.id')} AND (? = '' OR h.name LIKE ? OR h.kind LIKE ? OR h.note LIKE ?) AND (? = '' OR h.rider_ids LIKE ?)`;
const UNDER_WAY = `h.id IN (SELECT v.horse_id FROM visit v WHERE v.practice_id = ? AND v.status = 'open' AND NOT ${inBin('v.id')})`;
const MOST_UNDER_WAY = 20;
const ORDER = { name: 'h.name ASC, h.id ASC', visited: 'lastVisitOn IS NULL, lastVisitOn DESC, h.name ASC, h.id ASC' } as const;

type Row = Omit<HorseRow, 'practiceId' | 'riderIds'> & {
  readonly riderIds: string;
  readonly lastVisitOn: string | null;
  readonly openVisitId: string | null;
  readonly outline: string | null;
};

/** Text looked for anywhere; accents and case folded by the collation, the wild cards of LIKE taken as they are. */
const anywhere = (search: string): string => `%${search.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;

/** One page of a practice's yard: searched, sorted and cut by the database. */
export async function yardPage(db: DataSource, practiceId: string, { search, rider, sort, from, limit }: YardQuery): Promise<YardPage> {
  const where = [practiceId, search, ...Array.from({ length: 3 }, () => anywhere(search)), rider, anywhere(rider)];
  const [counted]: { total: string }[] = await db.query(`SELECT COUNT(*) AS total FROM horse h WHERE ${WHERE}`, where);
  const rows: Row[] = await db.query(yardSql(sort), [...where, limit, from]);
  const total = Number(counted!.total);
  const open: Row[] = from > 0 ? [] : await db.query(underWaySql, [...where, practiceId, MOST_UNDER_WAY]);
  return {
    underWay: open.map(asSummary),
    horses: rows.map(asSummary),
    total,
    next: from + rows.length < total ? from + rows.length : null,
  };
}

const SUMMARY = `${COLUMNS}, (${LAST_VISIT}) AS lastVisitOn, (${OPEN_VISIT}) AS openVisitId, (${OUTLINE}) AS outline`;
const underWaySql = `SELECT ${SUMMARY} FROM horse h WHERE ${WHERE} AND ${UNDER_WAY} ORDER BY lastVisitOn DESC, h.name ASC LIMIT ?`;

/** @returns the page's question, with places for practice, search (four times), rider (twice), limit and offset */
export const yardSql = (sort: YardQuery['sort']): string =>
  `SELECT ${SUMMARY} FROM horse h USE INDEX (horse_practice_name) WHERE ${WHERE} ORDER BY ${ORDER[sort]} LIMIT ? OFFSET ?`;

const asSummary = ({ lastVisitOn, openVisitId, outline, riderIds, ...horse }: Row): HorseSummary => ({
  horse: { ...horse, riderIds: JSON.parse(riderIds) as string[] },
  lastVisitOn,
  openVisitId,
  outline: outline === null ? [] : (JSON.parse(outline) as HorseSummary['outline']),
});
