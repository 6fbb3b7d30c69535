import { type FastifyRequest } from 'fastify';

const NAMES = { session: 'fulcra_session', device: 'fulcra_device' } as const;
type CookieId = keyof typeof NAMES;

/** Cookies of this server as one request meets them: bound to this host and to https wherever the address is https. */
export function cookiesOf(request: Pick<FastifyRequest, 'protocol' | 'cookies'>, always: boolean) {
  const secure = always || request.protocol === 'https';
  const nameOf = (id: CookieId): string => (secure ? `__Host-${NAMES[id]}` : NAMES[id]);
  return {
    nameOf,
    read: (id: CookieId): string | undefined => request.cookies[nameOf(id)],
    options: { path: '/', httpOnly: true, sameSite: 'strict' as const, secure },
  };
}
