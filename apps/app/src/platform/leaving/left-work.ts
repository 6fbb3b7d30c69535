import { type Waiting } from '../sync/waiting';

/** One thing of a person's work that is left on a device. */
export type LeftWork =
  | { readonly kind: 'entry'; readonly entry: Waiting }
  /** Half entered, under the whole key it is kept with. */
  | { readonly kind: 'draft'; readonly key: string; readonly text: string }
  | { readonly kind: 'photo'; readonly photoId: string; readonly mediaType: string; readonly bytes: Uint8Array<ArrayBuffer> };

const HEAD_BYTES = 4;

/** As one row of bytes: how long its head is, the head as JSON, and for a photo the picture. */
export function asBytes(work: LeftWork): Uint8Array<ArrayBuffer> {
  const { bytes = new Uint8Array(0), ...head } = { bytes: undefined, ...work };
  const text = new TextEncoder().encode(JSON.stringify(head));
  const all = new Uint8Array(HEAD_BYTES + text.length + bytes.length);
  new DataView(all.buffer).setUint32(0, text.length);
  all.set(text, HEAD_BYTES);
  all.set(bytes, HEAD_BYTES + text.length);
  return all;
}

export function fromBytes(all: Uint8Array<ArrayBuffer>): LeftWork {
  const headEnds = HEAD_BYTES + new DataView(all.buffer, all.byteOffset).getUint32(0);
  const head = JSON.parse(new TextDecoder().decode(all.subarray(HEAD_BYTES, headEnds))) as LeftWork;
  return head.kind === 'photo' ? { ...head, bytes: all.slice(headEnds) } : head;
}
