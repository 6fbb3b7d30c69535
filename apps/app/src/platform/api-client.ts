import { LINE_WORDS } from '../words/saving-words';
import { type ErrorReply, type Session, errorReplySchema } from '@fulcra/contract';

/** The server answered with a refusal. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly reply: ErrorReply['error'],
    readonly retryAfterMs: number | undefined = undefined,
  ) {
    super(reply.message);
  }
}

/** No answer at all: no signal, or the server is away. */
export class NoAnswer extends Error {}

/** An answer that isn't one of ours: a page of a proxy, a broken body, another version. */
export class NotUnderstood extends Error {}

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** Requests to the server. Each throws Refused, NoAnswer or NotUnderstood, nothing else. */
export interface Api {
  /** @param withinMs where the server is known to compute for longer than an answer may take */
  request(method: Method, path: string, body?: unknown, withinMs?: number): Promise<unknown>;
  /** One piece of a picture. */
  sendBytes(path: string, piece: Blob): Promise<unknown>;
  /** Ends a session that is no longer this page's. */
  endSession(csrfToken: string): Promise<void>;
  /** Goes with every request from now on. */
  setSession(session: Session | null): void;
}

/** A request that takes longer counts as unanswered: a line that hangs must not hold up everything behind it, ms. */
const ANSWER_WITHIN_MS = 30_000;

export function createApi(ask: typeof fetch, heard: (dateHeader: string | null) => void): Api {
  let csrfToken = '';
  const token = (): Record<string, string> => (csrfToken ? { 'x-fulcra-csrf': csrfToken } : {});
  const answered = async (path: string, init: RequestInit, withinMs: number = ANSWER_WITHIN_MS): Promise<unknown> => {
    const response = await ask(path, { ...init, signal: AbortSignal.timeout(withinMs) }).catch(() => {
      throw new NoAnswer(LINE_WORDS.noAnswer);
    });
    heard(response.headers.get('date'));
    if (response.status === 204) return null;
    const json: unknown = await response.json().catch(() => undefined);
    if (response.ok && json !== undefined) return json;
    const known = errorReplySchema.safeParse(json);
    if (known.success) throw new Refused(response.status, known.data.error, retryAfterMs(response));
    // a gateway in between says that the server is away; anything else is an answer of somebody else's
    if ([502, 503, 504].includes(response.status)) throw new NoAnswer(LINE_WORDS.noReason(response.status));
    throw new NotUnderstood(LINE_WORDS.unreadable(response.status));
  };
  return {
    request: (method, path, body, withinMs) =>
      answered(
        path,
        {
          method,
          headers: { ...(body !== undefined && { 'content-type': 'application/json' }), ...token() },
          ...(body !== undefined && { body: JSON.stringify(body) }),
        },
        withinMs,
      ),
    sendBytes: (path, piece) =>
      answered(path, { method: 'PUT', headers: { 'content-type': 'application/octet-stream', ...token() }, body: piece }),
    endSession: async (left) => void (await answered('/api/session', { method: 'DELETE', headers: { 'x-fulcra-csrf': left } })),
    setSession: (session) => {
      csrfToken = session?.csrfToken ?? '';
    },
  };
}

function retryAfterMs(response: Response): number | undefined {
  const seconds = Number(response.headers.get('retry-after'));
  return seconds > 0 ? 1000 * seconds : undefined;
}
