import { type Write, PHOTO_PIECE_BYTES, RECORDS, batchReplySchema, isBatched, pathOf, photoSchema } from '@fulcra/contract';
import { type Api, NoAnswer, NotUnderstood, Refused } from '../api-client';
import { SET_ASIDE_WORDS } from '../../words/saving-words';
import { type Outcome, outcomeOf } from './outcome';
import { type PictureWrite, type Waiting, isPictureWrite } from './waiting';

/** Pictures that wait on this device. */
export interface PhotoStore {
  get(photoId: string): Promise<Blob | undefined>;
  drop(photoId: string): Promise<void>;
}

const heldSchema = photoSchema.pick({ heldBytes: true });
const PHOTO_GONE: Outcome = {
  kind: 'refused',
  refusal: { message: SET_ASIDE_WORDS.pictureGone, remedy: SET_ASIDE_WORDS.pictureGoneRemedy },
};

/** How entries are sent to the real server: one alone, or many small ones together. */
export const sendEntries =
  (api: Api, photos: PhotoStore) =>
  async (entries: readonly Waiting[]): Promise<readonly Outcome[]> => {
    try {
      const [first] = entries;
      if (first === undefined) return [];
      return entries.length === 1 ? [await sendOne(api, photos, first.write)] : await sendMany(api, entries);
    } catch (error) {
      return [whatItMeans(error)];
    }
  };

/** Every way in which sending can fail has its place here; what is not known is thrown on and said. */
function whatItMeans(error: unknown): Outcome {
  if (error instanceof Refused) return outcomeOf({ status: error.status, error: error.reply, retryAfterMs: error.retryAfterMs });
  if (error instanceof NotUnderstood) return { kind: 'later', trouble: 'notUnderstood' };
  if (error instanceof NoAnswer) return { kind: 'later', trouble: 'noSignal' };
  throw error;
}

async function sendMany(api: Api, entries: readonly Waiting[]): Promise<readonly Outcome[]> {
  const writes = entries.map((e) => e.write).filter(isBatched);
  const read = batchReplySchema.safeParse(await api.request('POST', '/api/writes', { writes }));
  if (!read.success || read.data.results.length > entries.length) return [{ kind: 'later', trouble: 'notUnderstood' }];
  return read.data.results.map((r) => (r.ok ? { kind: 'taken' } : outcomeOf(r)));
}

async function sendOne(api: Api, photos: PhotoStore, write: Write): Promise<Outcome> {
  const answer = await api.request('PUT', pathOf(write), write.body);
  if (!RECORDS[write.kind].read.safeParse(answer).success) return { kind: 'later', trouble: 'notUnderstood' };
  return isPictureWrite(write) ? sendPicture(api, photos, write, heldSchema.parse(answer).heldBytes) : { kind: 'taken' };
}

/** A photo is announced first, then goes on from where the server's share of it ends. */
async function sendPicture(api: Api, photos: PhotoStore, write: PictureWrite, heldBytes: number): Promise<Outcome> {
  const blob = await photos.get(write.photoId);
  if (blob === undefined) return heldBytes === write.body.bytes ? { kind: 'taken' } : PHOTO_GONE;
  for (let held = heldBytes; held < blob.size;) {
    const piece = blob.slice(held, Math.min(blob.size, held + PHOTO_PIECE_BYTES));
    const answer = heldSchema.safeParse(await api.sendBytes(`${pathOf(write)}/content?from=${held}`, piece));
    if (!answer.success) return { kind: 'later', trouble: 'notUnderstood' };
    held = answer.data.heldBytes;
  }
  await photos.drop(write.photoId);
  return { kind: 'taken' };
}
