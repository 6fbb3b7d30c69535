import { hoursToSeconds } from 'date-fns';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { sessionSchema, signInSchema, welcomeSchema } from '@fulcra/contract';
import { type DataSource } from 'typeorm';
import { z } from 'zod';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { cookiesOf } from '../platform/auth/cookies';
import { signedIn } from '../platform/auth/plugin';
import { knownDevices } from '../platform/auth/known-devices';
import { hashOf } from '../platform/auth/secrets';
import { beginSignIn, netOf } from '../platform/auth/sign-in-limits';
import { passwordFits } from '../platform/auth/passwords';
import { Turns } from '../platform/turns';
import { type Config } from '../platform/config';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Practices } from '../practice/practice.repository';
import { SESSION_DAYS, type Sessions, type SignedIn } from '../platform/auth/session.repository';

/** Longest that browsers keep a cookie, days. */
const DEVICE_DAYS = 400;

interface Needs {
  readonly sessions: Sessions;
  readonly practices: Practices;
  readonly config: Config;
  readonly db: DataSource;
}

const asSession = (who: SignedIn, config: Config) => ({
  demo: config.demo && who.practiceId === DEMO_ACCOUNT.practiceId,
  person: { id: who.personId, name: who.personName },
  practice: { id: who.practiceId, name: who.practiceName },
  csrfToken: who.csrfToken,
  sealKey: who.sealKey,
});

export const sessionRoutes: FastifyPluginAsyncZod<Needs> = async (app, { db, sessions, practices, config }) => {
  const devices = knownDevices(db);
  /** A whole barn signing in behind one address: each is counted once the one before it was found right. */
  const turns = new Turns();

  app.get('/api/welcome', { config: { open: true }, schema: { response: { 200: welcomeSchema } } }, async () => ({
    demoAccount: config.demo ? { email: DEMO_ACCOUNT.email, password: DEMO_ACCOUNT.password } : null,
  }));

  app.post(
    '/api/session',
    {
      config: { open: true },
      schema: { body: signInSchema, response: { 200: sessionSchema } },
    },
    async (request, reply) => {
      const { email, password } = request.body;
      const cookies = cookiesOf(request, config.secureCookies);
      const device = await devices.ofAccount(cookies.read('device'), email);
      const person = await turns.take(request.ip, async () => {
        const begun = await beginSignIn(db, { email, ip: request.ip, device }, config.signInLimits);
        const found = await practices.personByEmail(email);
        const fits = await passwordFits(password, found?.passwordHash ?? null);
        if (found === null || !fits) {
          // which account, as a hash, and from which net: nobody's address, and never a password
          request.log.warn({ account: hashOf(email).slice(0, 12), from: netOf(request.ip), known: device !== null }, 'sign-in refused');
          throw new FulcraError('SIGN_IN_REFUSED');
        }
        await begun.succeeded();
        return found;
      });
      if (device === null)
        reply.setCookie(cookies.nameOf('device'), await devices.remember(person.id), { ...cookies.options, maxAge: DEVICE_DAYS * 86_400 });
      // whoever was signed in here before no longer is
      await sessions.close(cookies.read('session') ?? '');
      const token = await sessions.open(person.id, new Date());
      const who = await sessions.find(token, new Date());
      reply.setCookie(cookies.nameOf('session'), token, { ...cookies.options, maxAge: hoursToSeconds(24 * SESSION_DAYS) });
      return asSession(who!, config);
    },
  );

  app.get('/api/session', { schema: { response: { 200: sessionSchema } } }, async (request) => asSession(signedIn(request), config));

  app.delete('/api/session', { schema: { response: { 204: z.null() } } }, async (request, reply) => {
    const cookies = cookiesOf(request, config.secureCookies);
    await sessions.close(cookies.read('session') ?? '');
    reply.clearCookie(cookies.nameOf('session'), cookies.options);
    // pictures that the browser itself has kept
    return reply.status(204).header('clear-site-data', '"cache"').send(null);
  });
};
