import { type HorseSummary, type Write, type WriteOf, type YardPage } from '@fulcra/contract';
import { NOTHING_IN_USE, outlineOf } from '@fulcra/core';
import { fieldsOf } from './fold-records';

/** Lines of the yard once some horses, visits or decisions are written; a new horse comes last. */
export const foldHorses = (list: readonly HorseSummary[], writes: readonly Write[]): HorseSummary[] =>
  writes.reduce<HorseSummary[]>(overHorses, [...list]);

function overHorses(list: HorseSummary[], write: Write): HorseSummary[] {
  if (write.kind === 'horse') {
    const horse = { id: write.horseId, ...fieldsOf(write) };
    if (!list.some((s) => s.horse.id === horse.id)) return [...list, { horse, ...NEVER_VISITED }];
    return list.map((s) => (s.horse.id === horse.id ? { ...s, horse } : s));
  }
  if (write.kind === 'visit') return list.map((s) => (s.horse.id === write.body.horseId ? withVisit(s, write) : s));
  if (write.kind === 'decision') {
    return list.map((s) => (s.openVisitId === write.visitId ? withDecision(s, write) : s));
  }
  return list;
}

/** A horse as it stands before its first visit. */
export const NEVER_VISITED: Omit<HorseSummary, 'horse'> = { lastVisitOn: null, openVisitId: null, inUse: NOTHING_IN_USE, outline: [] };

function withDecision(summary: HorseSummary, { visitId, decisionId, body }: WriteOf<'decision'>): HorseSummary {
  const { saddleId, section, decidedAt } = body;
  const saddle = saddleId === null ? summary.inUse.saddle : { saddleId, decidedBy: decisionId, visitId, since: decidedAt.slice(0, 10) };
  return { ...summary, outline: outlineOf(section), inUse: { ...summary.inUse, saddle } };
}

function withVisit(summary: HorseSummary, write: WriteOf<'visit'>): HorseSummary {
  const { startedOn, status } = write.body;
  const lastVisitOn = summary.lastVisitOn === null || startedOn > summary.lastVisitOn ? startedOn : summary.lastVisitOn;
  const closes = summary.openVisitId === write.visitId ? null : summary.openVisitId;
  return { ...summary, lastVisitOn, openVisitId: status === 'open' ? write.visitId : closes };
}

/** Pages as they were read: each keeps its own horses, and a horse none of them has is added to the last. */
export function foldYardPages(pages: readonly YardPage[], writes: readonly Write[]): YardPage[] {
  const known = new Set(pages.flatMap((p) => [...p.underWay, ...p.horses].map((s) => s.horse.id)));
  return pages.map((page, i) => {
    const last = i === pages.length - 1;
    const own = (list: readonly HorseSummary[]) => new Set(list.map((s) => s.horse.id));
    const [here, open] = [own(page.horses), own(page.underWay)];
    const horses = foldHorses(page.horses, writes).filter((s) => here.has(s.horse.id) || (last && !known.has(s.horse.id)));
    const underWay = foldHorses(page.underWay, writes).filter((s) => open.has(s.horse.id));
    return { ...page, horses, underWay };
  });
}
