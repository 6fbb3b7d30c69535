import {
  type Horse,
  type HorseFields,
  type HorseHistory,
  type HorseSummary,
  type HorseTracings,
  type HorseWrite,
  type Rider,
  type Saddle,
  type SaddlePhoto,
  type Session,
  type Visit,
  type VisitFields,
  type VisitPage,
  type VisitWrite,
} from '@fulcra/contract';
import { foldIntoPage, foldTakes } from './fold-page';
import { type Write } from './write';

const horseFields = ({ was: _, ...fields }: HorseWrite): HorseFields => fields;
const visitFields = ({ was: _, ...fields }: VisitWrite): VisitFields => fields;

/**
 * What the server will say once it has these writes: each view with the waiting writes laid over it.
 * Pure, so that offline and online show the same thing.
 */
export function foldHorses(list: readonly HorseSummary[], writes: readonly Write[]): HorseSummary[] {
  return writes.reduce<HorseSummary[]>(overHorses, [...list]).sort((a, b) => a.horse.name.localeCompare(b.horse.name));
}

function overHorses(list: HorseSummary[], write: Write): HorseSummary[] {
  if (write.kind === 'horse') {
    const horse: Horse = { id: write.horseId, ...horseFields(write.body) };
    const known = list.some((s) => s.horse.id === horse.id);
    if (!known) return [...list, { horse, lastVisitOn: null, openVisitId: null, outline: [] }];
    return list.map((s) => (s.horse.id === horse.id ? { ...s, horse } : s));
  }
  if (write.kind === 'visit') return list.map((s) => (s.horse.id === write.body.horseId ? withVisit(s, write) : s));
  if (write.kind === 'decision') {
    return list.map((s) => (s.openVisitId === write.visitId ? { ...s, outline: write.body.section } : s));
  }
  return list;
}

function withVisit(summary: HorseSummary, write: Extract<Write, { kind: 'visit' }>): HorseSummary {
  const { startedOn, status } = write.body;
  const lastVisitOn = summary.lastVisitOn === null || startedOn > summary.lastVisitOn ? startedOn : summary.lastVisitOn;
  const closes = summary.openVisitId === write.visitId ? null : summary.openVisitId;
  return { ...summary, lastVisitOn, openVisitId: status === 'open' ? write.visitId : closes };
}

export function foldHistory(history: HorseHistory, writes: readonly Write[], session: Session): HorseHistory {
  return writes.reduce<HorseHistory>((h, write) => overHistory(h, write, session), history);
}

function overHistory(history: HorseHistory, write: Write, session: Session): HorseHistory {
  const fitter = session.person.name;
  if (write.kind === 'horse' && write.horseId === history.horse.id)
    return { ...history, horse: { id: write.horseId, ...horseFields(write.body) } };
  if (write.kind === 'visit' && write.body.horseId === history.horse.id) {
    const known = history.visits.find((v) => v.visit.id === write.visitId);
    const visit: Visit = { id: write.visitId, fitter: known?.visit.fitter ?? fitter, ...visitFields(write.body) };
    const others = history.visits.filter((v) => v.visit.id !== write.visitId);
    const visits = [{ visit, decision: known?.decision ?? null }, ...others];
    return { ...history, visits: visits.sort((a, b) => (a.visit.startedOn < b.visit.startedOn ? 1 : -1)) };
  }
  if (write.kind === 'decision') {
    const decision = { visitId: write.visitId, fitter, ...write.body };
    return { ...history, visits: history.visits.map((v) => (v.visit.id === write.visitId ? { ...v, decision } : v)) };
  }
  return history;
}

/** A visit may be known only from its writes, when it was begun without signal. */
export function foldVisit(
  page: VisitPage | null,
  writes: readonly Write[],
  session: Session,
  horses: readonly HorseSummary[],
): VisitPage | null {
  return writes.reduce<VisitPage | null>((p, write) => overVisit(p, write, session, horses), page);
}

function overVisit(page: VisitPage | null, write: Write, session: Session, horses: readonly HorseSummary[]): VisitPage | null {
  const fitter = session.person.name;
  if (write.kind === 'horse')
    return page?.horse.id === write.horseId ? { ...page, horse: { id: write.horseId, ...horseFields(write.body) } } : page;
  if (write.kind === 'visit') {
    const horse = page?.horse ?? horses.find((h) => h.horse.id === write.body.horseId)?.horse;
    if (horse === undefined) return page;
    const visit: Visit = { id: write.visitId, fitter: page?.visit.fitter ?? fitter, ...visitFields(write.body) };
    return page === null ? { visit, horse, takes: [], facts: [], photos: [], earlier: [], decision: null } : { ...page, visit, horse };
  }
  return page === null ? null : foldIntoPage(page, write, fitter);
}

export const foldRiders = (riders: readonly Rider[], writes: readonly Write[]): Rider[] =>
  writes.reduce<Rider[]>(
    (list, write) => {
      if (write.kind !== 'rider') return list;
      const { was: _, ...fields } = write.body;
      return [...list.filter((r) => r.id !== write.riderId), { id: write.riderId, ...fields }];
    },
    [...riders],
  );

export const foldSaddles = (saddles: readonly Saddle[], writes: readonly Write[]): Saddle[] =>
  writes
    .reduce<Saddle[]>(
      (list, write) => {
        if (write.kind !== 'saddle') return list;
        const { was: _, ...fields } = write.body;
        return [...list.filter((s) => s.id !== write.saddleId), { id: write.saddleId, ...fields }];
      },
      [...saddles],
    )
    .sort((a, b) => a.name.localeCompare(b.name));

export const foldSaddlePhotos = (photos: readonly SaddlePhoto[], writes: readonly Write[], hand: string): SaddlePhoto[] =>
  writes.reduce<SaddlePhoto[]>(
    (list, write) =>
      write.kind !== 'saddlePhoto' || list.some((p) => p.id === write.photoId)
        ? list
        : [...list, { id: write.photoId, saddleId: write.saddleId, hand, heldBytes: 0, ...write.body }],
    [...photos],
  );

/** Tracings of one horse over its visits; visits and takes that only wait here are among them. */
export function foldTracings(tracings: HorseTracings, horseId: string, writes: readonly Write[], session: Session): HorseTracings {
  const begun = writes.flatMap((w) => (w.kind === 'visit' && w.body.horseId === horseId ? [w] : []));
  const unknown = begun.filter(
    (w, i) => !tracings.some((t) => t.visitId === w.visitId) && begun.findIndex((o) => o.visitId === w.visitId) === i,
  );
  const all = [
    ...tracings,
    ...unknown.map((w) => ({ visitId: w.visitId, startedOn: w.body.startedOn, stationMm: w.body.stationMm, takes: [], facts: [] })),
  ];
  return all.map((t) => writes.reduce((entry, write) => overTracing(entry, write, session.person.name), t));
}

function overTracing(entry: HorseTracings[number], write: Write, hand: string): HorseTracings[number] {
  if ((write.kind !== 'take' && write.kind !== 'withdrawal') || write.visitId !== entry.visitId) return entry;
  return { ...entry, takes: foldTakes(entry.takes, write, hand) };
}

/** The writes that touch one visit. */
export const writesOfVisit = (writes: readonly Write[], visitId: string): Write[] =>
  writes.filter((w) => w.kind === 'horse' || ('visitId' in w && w.visitId === visitId));
