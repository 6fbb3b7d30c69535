import {
  type ErrorReply,
  type FieldsWrite,
  type RecordKind,
  type Write,
  isBatched,
  isMergeKind,
  MOST_IN_BATCH,
  pathOf,
} from '@fulcra/contract';

/** Why the server would not have a write; the person decides what becomes of it. */
export interface Refusal {
  readonly message: string;
  readonly remedy: string;
  /** What the core would not have, and which fields could not be read: codes and paths, told in words where they are shown. */
  readonly problems?: ErrorReply['error']['problems'];
  readonly fields?: readonly string[];
  /** Fields that somebody else changed too, with all that stands there now. */
  readonly clash?: ErrorReply['error']['clash'];
}

/** Whose entry it is: nothing one person entered goes out under another's name. */
export interface Owner {
  readonly practiceId: string;
  readonly personId: string;
}

/** A write that waits on this device until the server has it. */
export interface Waiting {
  readonly id: string;
  /** Order of entry, which is the order of sending; counted, because a device's clock may jump. */
  readonly order: number;
  readonly practiceId: string;
  /** Absent on entries of releases that didn't note it: they go with whoever of the practice signs in. */
  readonly personId?: string | undefined;
  readonly write: Write;
  readonly refused?: Refusal | undefined;
  /** How often the server has failed on it. */
  readonly failures?: number | undefined;
}

export const isFieldsWrite = (write: Write): write is FieldsWrite => isMergeKind(write.kind);

const PICTURE_KINDS = ['photo', 'saddlePhoto', 'tackPhoto'] as const;
/** Writes whose picture follows in pieces. */
export type PictureWrite = Extract<Write, { kind: (typeof PICTURE_KINDS)[number] }>;
export const isPictureWrite = (write: Write): write is PictureWrite => (PICTURE_KINDS as readonly string[]).includes(write.kind);

export const inOrder = (entries: readonly Waiting[]): Waiting[] => [...entries].sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));

export const isOwn = (entry: Waiting, owner: Owner): boolean =>
  entry.practiceId === owner.practiceId && (entry.personId === undefined || entry.personId === owner.personId);

/** Writes of this person that are shown as if the server had them already; the refused ones no longer count. */
export const shownAsTaken = (waiting: readonly Waiting[], owner: Owner): Write[] =>
  waiting.filter((w) => isOwn(w, owner) && w.refused === undefined).map((w) => w.write);

/**
 * What may go now: the oldest entry, with those that follow it and can travel along. What follows a refused write of the same thing waits
 * for it, and so does what hangs on a thing that the server would not have at all.
 */
export function nextToSend(waiting: readonly Waiting[], owner: Owner): Waiting[] {
  const blocked: { readonly path: string; readonly withChildren: boolean }[] = [];
  const batch: Waiting[] = [];
  for (const entry of inOrder(waiting)) {
    if (!isOwn(entry, owner)) continue;
    const path = pathOf(entry.write);
    if (entry.refused !== undefined) {
      blocked.push({ path, withChildren: entry.refused.clash === undefined });
      continue;
    }
    if (blocked.some((b) => b.path === path || (b.withChildren && path.startsWith(`${b.path}/`)))) continue;
    if (!isBatched(entry.write)) return batch.length === 0 ? [entry] : batch;
    if (batch.some((b) => hangsOn(path, pathOf(b.write)))) return batch;
    batch.push(entry);
    if (batch.length === MOST_IN_BATCH) return batch;
  }
  return batch;
}

/** The same thing, or a part of it: what becomes of the first decides about the second. */
const hangsOn = (path: string, on: string): boolean => path === on || path.startsWith(`${on}/`);

/**
 * An entry whose place the new one takes, while neither has been sent: a later word on the same thing. Changes of fields are kept one after
 * the other, because each says what it changed from.
 */
export const replacedBy = (waiting: readonly Waiting[], write: Write, practiceId: string): Waiting | undefined =>
  isFieldsWrite(write) ? undefined : waiting.find((w) => w.practiceId === practiceId && pathOf(w.write) === pathOf(write));

interface OldDecision {
  readonly kind: 'decision';
  readonly decisionId?: string;
}

/** An entry as this release writes it, from one that an earlier release kept: a decision had no id of its own then. */
export function carriedOver(entry: Waiting): Waiting {
  const { kind, decisionId } = entry.write as
    OldDecision | { readonly kind: Exclude<RecordKind, 'decision'>; readonly decisionId?: undefined };
  if (kind !== 'decision' || decisionId !== undefined) return entry;
  return { ...entry, write: { ...entry.write, decisionId: entry.id } as Write };
}
