export interface Reply {
  readonly status: number;
  readonly body: any; // eslint-disable-line @typescript-eslint/no-explicit-any -- replies are what the tests look into
  readonly headers: Headers;
}

/**
 * A test that computes for long can't see meanwhile that the server has closed an idle line: the next request is then reset unread,
 * and asked once more, as a browser does.
 */
const patientFetch = (url: string, options: RequestInit): Promise<Response> =>
  fetch(url, options).catch((error: Error & { cause?: { code?: string } }) => {
    if (error.cause?.code !== 'ECONNRESET') throw error;
    return fetch(url, options);
  });

/** A person at a browser: keeps the cookie and sends the token back. */
export class Visitor {
  cookie = '';
  csrf = '';
  constructor(private readonly base: string) {}

  async send(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Reply> {
    const response = await patientFetch(this.base + path, {
      method,
      headers: {
        ...(body !== undefined && { 'content-type': 'application/json' }),
        ...(this.cookie && { cookie: this.cookie }),
        ...(this.csrf && { 'x-fulcra-csrf': this.csrf }),
        ...headers,
      },
      ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const text = await response.text();
    const session = response.headers.getSetCookie().find((c) => /^(__Host-)?fulcra_session=/.test(c));
    if (session !== undefined) this.cookie = session.split(';')[0]!;
    return {
      status: response.status,
      body: text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : text,
      headers: response.headers,
    };
  }

  async signIn(email: string, password: string): Promise<Reply> {
    const reply = await this.send('POST', '/api/session', { email, password });
    if (reply.status === 200) this.csrf = reply.body.csrfToken;
    return reply;
  }
}
