/** Bytes nobody reads without the key: AES-GCM, each with a nonce of its own. */
export interface Sealed {
  readonly nonce: Uint8Array<ArrayBuffer>;
  readonly bytes: ArrayBuffer;
}

const NONCE_BYTES = 12;

/** @param sealKey 256 bits as base64url, of the session */
export const keyOf = (sealKey: string): Promise<CryptoKey> =>
  crypto.subtle.importKey('raw', bytesOf(sealKey), 'AES-GCM', false, ['encrypt', 'decrypt']);

export async function seal(key: CryptoKey, plain: Uint8Array<ArrayBuffer>): Promise<Sealed> {
  const nonce = crypto.getRandomValues(new Uint8Array(NONCE_BYTES));
  return { nonce, bytes: await crypto.subtle.encrypt({ name: 'AES-GCM', iv: nonce }, key, plain) };
}

/** @throws where it was sealed with another key, or changed since */
export const open = async (key: CryptoKey, { nonce, bytes }: Sealed): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(await crypto.subtle.decrypt({ name: 'AES-GCM', iv: nonce }, key, bytes));

function bytesOf(base64url: string): Uint8Array<ArrayBuffer> {
  const text = atob(base64url.replaceAll('-', '+').replaceAll('_', '/'));
  return Uint8Array.from(text, (letter) => letter.charCodeAt(0));
}
