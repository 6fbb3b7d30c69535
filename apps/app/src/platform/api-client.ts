import { type ErrorReply, type Session, errorReplySchema } from '@fulcra/contract';
import { clock } from './clock';

/** The server answered with a refusal. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly reply: ErrorReply['error'],
  ) {
    super(reply.message);
  }
}

/** No answer at all: no signal, or the server is away. */
export class NoAnswer extends Error {}

let csrfToken = '';
export const setSessionToken = (session: Session | null): void => {
  csrfToken = session?.csrfToken ?? '';
};

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** One request. Throws Refused or NoAnswer, nothing else. */
export const request = (method: Method, path: string, body?: unknown): Promise<unknown> =>
  answered(path, {
    method,
    headers: { ...(body !== undefined && { 'content-type': 'application/json' }), ...token() },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });

/** One piece of a picture. */
export const sendBytes = (path: string, piece: Blob): Promise<unknown> =>
  answered(path, { method: 'PUT', headers: { 'content-type': 'application/octet-stream', ...token() }, body: piece });

const token = (): Record<string, string> => (csrfToken ? { 'x-fulcra-csrf': csrfToken } : {});

async function answered(path: string, init: RequestInit): Promise<unknown> {
  const response = await fetch(path, init).catch(() => {
    throw new NoAnswer('The server does not answer.');
  });
  clock.heard(response.headers.get('date'));
  if (response.status === 204) return null;
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return json;
  const known = errorReplySchema.safeParse(json);
  if (!known.success) throw new NoAnswer(`The server answered ${response.status} without saying why.`);
  throw new Refused(response.status, known.data.error);
}
