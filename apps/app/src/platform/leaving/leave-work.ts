import { draftsOf, keysOfDevice, scopeOf } from '../draft-scope';
import { keeping } from '../keeping';
import { SET_ASIDE, setAside } from '../set-aside';
import { type Sync } from '../sync/create-sync';
import { type Owner, type Waiting, isOwn, isPictureWrite } from '../sync/waiting';
import { type LeftWork, asBytes, fromBytes } from './left-work';
import { keyOf, open, seal } from './seal';
import { type SealedStore } from './sealed-store';

/** What becomes of what isn't sent when somebody signs out. */
export type Unsent = 'seal' | 'discard';

interface PhotosHere {
  put(photoId: string, blob: Blob): Promise<void>;
  get(photoId: string): Promise<Blob | undefined>;
  drop(photoId: string): Promise<void>;
}

export interface Desk {
  readonly sync: Sync;
  readonly photos: PhotosHere;
  readonly sealed: SealedStore;
  readonly newId: () => string;
}

const textsOf = (scope: string): string[] => [...draftsOf(scope), ...keysOfDevice().filter((k) => k.startsWith(`${SET_ASIDE}${scope}:`))];
const photosIn = (entries: readonly Waiting[]): string[] => entries.flatMap(({ write }) => (isPictureWrite(write) ? [write.photoId] : []));

/**
 * Takes a person's work off this device: sealed for them, or thrown away. Sealed first and cleared after, so that a device that breaks off
 * in between has it twice, never not at all.
 * @throws where this device would not keep what is sealed; then nothing was cleared
 */
export async function leaveWork({ sync, photos, sealed, newId }: Desk, owner: Owner, sealKey: string, unsent: Unsent): Promise<void> {
  sync.stop();
  const scope = scopeOf(owner);
  const entries = sync.waiting().filter((w) => isOwn(w, owner));
  const texts = textsOf(scope);
  if (unsent === 'seal') {
    const key = await keyOf(sealKey);
    const row = async (work: LeftWork) => ({ id: newId(), scope, waits: work.kind === 'entry', ...(await seal(key, asBytes(work))) });
    const works = [
      ...entries.map((entry): LeftWork => ({ kind: 'entry', entry })),
      ...texts.map(draftOf),
      ...(await picturesOf(photos, entries)),
    ];
    await sealed.put(await Promise.all(works.map(row)));
  }
  await sync.dropAll(entries.map((e) => e.id));
  for (const photoId of photosIn(entries)) await photos.drop(photoId);
  texts.forEach((key) => keeping.drop(key));
  setAside.reread();
}

/** Beside what was begun since, not over it. */
const putDraft = (key: string, text: string): void =>
  localStorage.getItem(key) === null ? keeping.put(key, text) : setAside.keep(key.slice(key.indexOf(':') + 1), text);

const draftOf = (key: string): LeftWork => ({ kind: 'draft', key, text: localStorage.getItem(key)! });

async function picturesOf(photos: PhotosHere, entries: readonly Waiting[]): Promise<LeftWork[]> {
  const works: LeftWork[] = [];
  for (const photoId of photosIn(entries)) {
    const blob = await photos.get(photoId);
    if (blob !== undefined) works.push({ kind: 'photo', photoId, mediaType: blob.type, bytes: new Uint8Array(await blob.arrayBuffer()) });
  }
  return works;
}

/**
 * Gives a person back what they left sealed on this device: pictures first, then drafts, then what waits, which goes on its way from there.
 * @returns how many could not be opened or kept; they stay sealed
 */
export async function takeUpWork({ sync, photos, sealed }: Desk, owner: Owner, sealKey: string): Promise<{ readonly failed: number }> {
  const scope = scopeOf(owner);
  const rows = (await sealed.all()).filter((row) => row.scope === scope);
  if (rows.length === 0) return { failed: 0 };
  const key = await keyOf(sealKey);
  const [works, opened]: [LeftWork[], string[]] = [[], []];
  for (const row of rows) {
    try {
      works.push(fromBytes(await open(key, row)));
      opened.push(row.id);
    } catch (error) {
      console.error('What was left sealed on this device could not be opened.', error);
    }
  }
  for (const work of works) if (work.kind === 'photo') await photos.put(work.photoId, new Blob([work.bytes], { type: work.mediaType }));
  for (const work of works) if (work.kind === 'draft') putDraft(work.key, work.text);
  await sync.bringBack(works.flatMap((work) => (work.kind === 'entry' ? [work.entry] : [])));
  await sealed.drop(opened);
  setAside.reread();
  return { failed: rows.length - opened.length };
}
