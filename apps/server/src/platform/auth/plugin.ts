import { timingSafeEqual } from 'node:crypto';
import { type FastifyInstance, type FastifyRequest } from 'fastify';
import fp from 'fastify-plugin';
import { cookiesOf } from './cookies';
import { SOCKET_PROTOCOL } from '@fulcra/contract';
import { type Sessions, type SignedIn } from './session.repository';
import { FulcraError } from '../errors/fulcra-error';

declare module 'fastify' {
  interface FastifyContextConfig {
    /** Open to those not signed in. Everything else isn't. */
    open?: boolean;
  }
  interface FastifyRequest {
    signedIn: SignedIn | null;
  }
}

const CSRF_HEADER = 'x-fulcra-csrf';
const SAFE_METHODS = ['GET', 'HEAD', 'OPTIONS'];

/** Signed in or refused, and every write proven to come from our own pages. */
export const authPlugin = fp(async (app: FastifyInstance, { sessions, secureCookies }: { sessions: Sessions; secureCookies: boolean }) => {
  app.decorateRequest('signedIn', null);
  app.addHook('onRequest', async (request) => {
    if (!isOurs(request)) return;
    const writes = !SAFE_METHODS.includes(request.method);
    const socket = opensSocket(request);
    if (writes || socket) refuseForeignOrigin(request);
    const token = cookiesOf(request, secureCookies).read('session');
    request.signedIn = token ? await sessions.find(token, new Date()) : null;
    if (request.routeOptions.config.open) return;
    if (request.signedIn === null) throw new FulcraError('SESSION_MISSING');
    if (writes) refuseWrongToken(request.headers[CSRF_HEADER], request.signedIn.csrfToken);
    if (socket) refuseWrongToken(tokenOfSocket(request), request.signedIn.csrfToken);
  });
});

/** By the route that was found, not by how its address was spelt: an escaped letter is the same route. What is no route is judged by its address. */
const isOurs = (request: FastifyRequest): boolean => (request.routeOptions.url ?? request.url).startsWith('/api/');

/** A browser sends cookies with it from any page, and keeps no answer from that page: who asks is looked at as for a write. */
const opensSocket = (request: FastifyRequest): boolean => request.headers.upgrade?.toLowerCase() === 'websocket';

function refuseForeignOrigin(request: FastifyRequest): void {
  const { origin, host } = request.headers;
  if (request.headers['sec-fetch-site'] === 'cross-site') throw new FulcraError('CSRF_REFUSED');
  if (origin === undefined) return;
  const from = URL.canParse(origin) ? new URL(origin).host : null;
  if (from === null && origin !== 'null')
    throw new FulcraError('INPUT_INVALID', { fields: [{ path: 'origin', message: 'is not an address' }] });
  if (from !== host) throw new FulcraError('CSRF_REFUSED');
}

/** A page can't give a socket headers of its own, but names of protocols: ours, and after it the token. */
const tokenOfSocket = (request: FastifyRequest): string | undefined => {
  const [name, token] = (request.headers['sec-websocket-protocol'] ?? '').split(',').map((part) => part.trim());
  return name === SOCKET_PROTOCOL ? token : undefined;
};

function refuseWrongToken(token: string | readonly string[] | undefined, wanted: string): void {
  const given = Buffer.from(String(token ?? ''));
  const right = Buffer.from(wanted);
  if (given.length !== right.length || !timingSafeEqual(given, right)) throw new FulcraError('CSRF_REFUSED');
}

/** The asking person, on routes that aren't open. */
export function signedIn(request: FastifyRequest): SignedIn {
  if (request.signedIn === null) throw new FulcraError('SESSION_MISSING');
  return request.signedIn;
}
