import { type ErrorReply, type Session, errorReplySchema } from '@fulcra/contract';

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

/** One request. Throws Refused or NoAnswer, nothing else. */
export async function request(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<unknown> {
  const response = await fetch(path, {
    method,
    headers: { ...(body !== undefined && { 'content-type': 'application/json' }), ...(csrfToken && { 'x-fulcra-csrf': csrfToken }) },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  }).catch(() => {
    throw new NoAnswer('The server does not answer.');
  });
  if (response.status === 204) return null;
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return json;
  const known = errorReplySchema.safeParse(json);
  if (!known.success) throw new NoAnswer(`The server answered ${response.status} without saying why.`);
  throw new Refused(response.status, known.data.error);
}
