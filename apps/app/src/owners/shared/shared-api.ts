import { type OwnerWordBody, PHOTO_PIECE_BYTES } from '@fulcra/contract';
import { type FoundSpot } from '@fulcra/core';
import { v7 } from 'uuid';
import { api } from '../../platform/api';
import { preparePhoto } from '../../photos';

/** A photo ready to go. */
export interface ReadyPhoto {
  readonly id: string;
  readonly view: 'nearSide' | 'behind' | 'detail';
  readonly blob: Blob;
  readonly meta: { readonly mediaType: string; readonly bytes: number; readonly sha256: string };
}

/** Makes a chosen file ready. @returns what is wrong with it, in words, where it can't be kept */
export async function readyPhoto(file: File, view: ReadyPhoto['view']): Promise<ReadyPhoto | string> {
  const prepared = await preparePhoto(file);
  return prepared.ok ? { id: v7(), view, blob: prepared.blob, meta: prepared.meta } : prepared.problem;
}

/** Says a word and sends its pictures; the same ids again are the same word and pictures, so that it can be tried again. */
export async function say(token: string, wordId: string, body: OwnerWordBody, photos: readonly ReadyPhoto[]): Promise<void> {
  const word = `/api/shared/${token}/words/${wordId}`;
  await api.request('PUT', word, { body });
  for (const { id, view, blob, meta } of photos) {
    const photo = `${word}/photos/${id}`;
    await api.request('PUT', photo, { view, ...meta });
    for (let from = 0; from < blob.size; from += PHOTO_PIECE_BYTES)
      await api.sendBytes(`${photo}/content?from=${from}`, blob.slice(from, from + PHOTO_PIECE_BYTES));
  }
}

export const sendCheck = (token: string, checkId: string, itemId: string, found: readonly FoundSpot[]): Promise<unknown> =>
  api.request('PUT', `/api/shared/${token}/checks/${checkId}`, { itemId, found });
