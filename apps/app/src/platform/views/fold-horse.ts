import { type HorseHistory, type HorseTracings, type SaddlePhoto, type TackPhoto, type Write } from '@fulcra/contract';
import { type RideResult } from '@fulcra/core';
import { type FoldContext } from './fold-context';
import { fieldsOf } from './fold-records';
import { foldDecision, foldTakes } from './fold-visit';

export const foldHistory = (history: HorseHistory, writes: readonly Write[], context: FoldContext): HorseHistory =>
  writes.reduce<HorseHistory>((h, write) => overHistory(h, write, context), history);

function overHistory(history: HorseHistory, write: Write, { person }: FoldContext): HorseHistory {
  if (write.kind === 'horse' && write.horseId === history.horse.id) {
    return { ...history, horse: { id: write.horseId, ...fieldsOf(write) } };
  }
  if (write.kind === 'visit' && write.body.horseId === history.horse.id) {
    const known = history.visits.find((v) => v.visit.id === write.visitId);
    const visit = { id: write.visitId, fitter: known?.visit.fitter ?? person, ...fieldsOf(write) };
    const others = history.visits.filter((v) => v.visit.id !== write.visitId);
    const ride = rideSaid(known?.ride ?? null, visit.result);
    const entry = { decision: null, superseded: [], ...known, visit, ride };
    return { ...history, visits: [entry, ...others].sort((a, b) => (a.visit.startedOn < b.visit.startedOn ? 1 : -1)) };
  }
  if (write.kind === 'decision') {
    return { ...history, visits: history.visits.map((v) => (v.visit.id === write.visitId ? foldDecision(v, write, person) : v)) };
  }
  return history;
}

/** What was said here; what takes it back is the server's to say again once it has heard. */
function rideSaid(known: RideResult | null, said: RideResult['said']): RideResult {
  if (known !== null && known.said === said) return known;
  return { said, stands: said, takenBack: [], caveats: known?.caveats ?? [], overruled: known?.overruled ?? null };
}

/** Photos of things of one kind once more of them are taken here; each once. */
function foldPhotos<P extends { readonly id: string }>(
  photos: readonly P[],
  writes: readonly Write[],
  taken: (write: Write) => Omit<P, 'heldBytes'> | null,
): P[] {
  return writes.reduce<P[]>(
    (list, write) => {
      const photo = taken(write);
      return photo === null || list.some((p) => p.id === photo.id) ? list : [...list, { ...photo, heldBytes: 0 } as unknown as P];
    },
    [...photos],
  );
}

export const foldSaddlePhotos = (photos: readonly SaddlePhoto[], writes: readonly Write[], { person }: FoldContext): SaddlePhoto[] =>
  foldPhotos(photos, writes, (w) => (w.kind === 'saddlePhoto' ? { id: w.photoId, saddleId: w.saddleId, hand: person, ...w.body } : null));

export const foldTackPhotos = (photos: readonly TackPhoto[], writes: readonly Write[], { person }: FoldContext): TackPhoto[] =>
  foldPhotos(photos, writes, (w) =>
    w.kind === 'tackPhoto' ? { id: w.photoId, tackCheckId: w.tackCheckId, hand: person, ...w.body } : null,
  );

/** Tracings of one horse over its visits; visits and takes that only wait here are among them. */
export function foldTracings(tracings: HorseTracings, horseId: string, writes: readonly Write[], { person }: FoldContext): HorseTracings {
  const begun = writes.flatMap((w) => (w.kind === 'visit' && w.body.horseId === horseId ? [w] : []));
  const unknown = begun.filter(
    (w, i) => !tracings.some((t) => t.visitId === w.visitId) && begun.findIndex((o) => o.visitId === w.visitId) === i,
  );
  const all = [
    ...tracings,
    ...unknown.map((w) => ({ visitId: w.visitId, startedOn: w.body.startedOn, stationMm: w.body.stationMm, takes: [], facts: [] })),
  ];
  return all.map((t) => writes.reduce((entry, write) => overTracing(entry, write, person), t));
}

function overTracing(entry: HorseTracings[number], write: Write, hand: string): HorseTracings[number] {
  if ((write.kind !== 'take' && write.kind !== 'withdrawal') || write.visitId !== entry.visitId) return entry;
  return { ...entry, takes: foldTakes(entry.takes, write, hand) };
}
