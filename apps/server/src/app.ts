import { constants } from 'node:zlib';
import compress from '@fastify/compress';
import cookie from '@fastify/cookie';
import etag from '@fastify/etag';
import websocket from '@fastify/websocket';
import helmet from '@fastify/helmet';
import rateLimit from '@fastify/rate-limit';
import Fastify, { type FastifyInstance, LogController } from 'fastify';
import { serializerCompiler, validatorCompiler } from 'fastify-type-provider-zod';
import { type DataSource } from 'typeorm';
import { DEMO_ACCOUNT } from '@fulcra/demo';
import { emptyBin } from './bin/empty-bin';
import { demoRoutes } from './demo/demo.routes';
import { collections } from './stores/collections';
import { recordHandlers } from './stores/record-handlers-of';
import { rankingPool } from './rankings/ranking-pool';
import { rankingRoutes } from './rankings/ranking.routes';
import { curveWorkerRoutes } from './sensor/curve-worker.routes';
import { recordRoutes } from './records/record.routes';
import { viewRoutes } from './views/view.routes';
import { healthRoutes } from './health/health.routes';
import { forgetOldTries } from './platform/auth/sign-in-limits';
import { authPlugin } from './platform/auth/plugin';
import { type Config } from './platform/config';
import { errorsPlugin } from './platform/errors/plugin';
import { rounds } from './platform/rounds';
import { describeApi } from './platform/openapi';
import { servePages } from './platform/pages';
import { calendarRoutes } from './calendar/calendar.routes';
import { type Feeds, feeds } from './calendar/feeds';
import { mailRoutes } from './mail/mail.routes';
import { type Deliver, postOffice } from './mail/post-office';
import { smtp } from './mail/smtp';
import { ownerLinks } from './owners/owner-links';
import { ownerRoutes } from './owners/owner.routes';
import { sharedRoutes } from './owners/shared.routes';
import { openLetterBox } from './stand-in/letter-box';
import { letterBoxRoutes } from './stand-in/letter-box.routes';
import { photoRoutes } from './photos/photo.routes';
import { practices } from './practice/practice.repository';
import { sessions } from './platform/auth/session.repository';
import { sessionRoutes } from './session/session.routes';
import { curveStandIn } from './stand-in/curve.routes';

/** A full visit of five traced takes is under 200 KB. */
const BODY_LIMIT_BYTES = 1_048_576;

/** Smaller answers cost more to compress than to send. */
const COMPRESSED_FROM_BYTES = 1024;
/** Nearly as small as its best, at a tenth of the time. */
const BROTLI = { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } };

/** Longer than a proxy in front keeps its own lines open, so that it never writes on one that just closed. */
const KEEP_ALIVE_MS = 75_000;

/** Nobody waits longer for an answer; what the database is waited for lies well within it. */
const ANSWER_WITHIN_MS = 75_000;

/** Styles are written by the interface at run time; scripts only ever come from our own files. */
const CONTENT_SECURITY = {
  directives: {
    defaultSrc: ["'self'"],
    scriptSrc: ["'self'"],
    styleSrc: ["'self'", "'unsafe-inline'"],
    imgSrc: ["'self'", 'data:', 'blob:'],
    fontSrc: ["'self'"],
    connectSrc: ["'self'"],
    workerSrc: ["'self'"],
    objectSrc: ["'none'"],
    frameAncestors: ["'none'"],
    baseUri: ["'self'"],
    formAction: ["'self'"],
    upgradeInsecureRequests: null,
  },
};

/** What pages of ours may ask a device for; everything else nobody may. */
const PERMISSIONS = [
  ...['camera', 'accelerometer', 'gyroscope', 'magnetometer', 'screen-wake-lock', 'web-share', 'serial', 'bluetooth'].map(
    (name) => `${name}=(self)`,
  ),
  ...['publickey-credentials-get', 'publickey-credentials-create'].map((name) => `${name}=(self)`),
  ...['geolocation', 'microphone', 'payment', 'usb'].map((name) => `${name}=()`),
].join(', ');

/** The whole server on one connection, not yet listening. */
export async function buildApp(db: DataSource, config: Config): Promise<FastifyInstance> {
  const app = Fastify({
    logger: { level: config.logLevel, redact: ['req.headers.cookie'] },
    logController: new LogController({ disableRequestLogging: true }),
    bodyLimit: BODY_LIMIT_BYTES,
    trustProxy: config.trustedProxies === false ? false : [...config.trustedProxies],
    requestTimeout: config.requestWithinMs,
    handlerTimeout: ANSWER_WITHIN_MS,
    keepAliveTimeout: KEEP_ALIVE_MS,
    http: { headersTimeout: config.requestWithinMs, connectionsCheckingInterval: Math.min(5000, config.requestWithinMs) },
    forceCloseConnections: true,
  });
  app.setValidatorCompiler(validatorCompiler);
  app.setSerializerCompiler(serializerCompiler);
  logWithoutPersonalData(app);
  keepNothingBetween(app);
  await app.register(errorsPlugin);
  await app.register(etag, { weak: true });
  await app.register(compress, { threshold: COMPRESSED_FROM_BYTES, encodings: ['br', 'gzip'], brotliOptions: BROTLI });
  await app.register(helmet, { contentSecurityPolicy: config.webProxy === null ? CONTENT_SECURITY : false, hsts: config.secureCookies });
  app.addHook('onSend', async (_request, reply) => void reply.header('permissions-policy', PERMISSIONS));
  await app.register(cookie);
  await app.register(rateLimit, { global: false });
  await app.register(websocket, { options: { maxPayload: 1024 } });
  await describeApi(app);
  const stores = collections(db, config.photoQuotaBytes);
  const people = { sessions: sessions(db), practices: practices(db) };
  await app.register(authPlugin, { ...people, secureCookies: config.secureCookies });
  await app.register(healthRoutes, { db });
  await app.register(sessionRoutes, { ...people, config, db });
  await app.register(recordRoutes, { handlers: recordHandlers(stores), collections: stores });
  await app.register(viewRoutes, { db, stores });
  await app.register(photoRoutes, { photos: stores.photos });
  const links = ownerLinks(db);
  const calendars = feeds(db, stores);
  await app.register(calendarRoutes, { db, stores, feeds: calendars, linksPerMinute: config.linksPerMinute });
  await app.register(ownerRoutes, { db, stores, links });
  await app.register(sharedRoutes, { db, stores, links, perMinute: config.linksPerMinute });
  await mail(app, db, config, calendars);
  rounds(app, { name: 'emptying the bin', everyMs: EVERY_HOUR_MS, work: () => emptyBin(db) });
  rounds(app, { name: 'forgetting old tries', everyMs: EVERY_HOUR_MS, work: () => forgetOldTries(db) });
  if (config.demo) await app.register(demoRoutes, { db });
  const pool = rankingPool(config.rankingWorker);
  app.addHook('onClose', () => pool.close());
  await app.register(rankingRoutes, { stores, pool });
  await app.register(curveWorkerRoutes, { stores });
  if (config.demo) await app.register(curveStandIn);
  await servePages(app, config);
  return app;
}

const MAIL_EVERY_MS = 15_000;
const EVERY_HOUR_MS = 3_600_000;

/**
 * Letters go to the mail server that is configured; where there is none, in the demo to a letter box of ours, and otherwise they wait. What the
 * demo's own practice writes goes to the letter box whatever is configured: whoever signs in to it writes to no stranger.
 */
async function mail(app: FastifyInstance, db: DataSource, config: Config, calendars: Feeds): Promise<void> {
  const box = config.demo ? await openLetterBox() : null;
  const boxed = box === null ? null : smtp(box.url, config.mailFrom, 'boxed');
  const out = config.smtpUrl === null ? null : smtp(config.smtpUrl, config.mailFrom);
  const office = postOffice(db);
  const deliver: Deliver = (letter) => {
    const way = letter.practiceId === DEMO_ACCOUNT.practiceId ? boxed : (out ?? boxed);
    return (way ?? noMailServer)(letter);
  };
  const round = rounds(app, { name: 'the mail round', everyMs: MAIL_EVERY_MS, work: () => office.sendDue(deliver, new Date()) });
  await app.register(mailRoutes, { office, feeds: calendars, goNow: round.goNow });
  if (box === null) return;
  app.addHook('onClose', () => box.close());
  await app.register(letterBoxRoutes, { box });
}

const noMailServer = (): Promise<never> => Promise.reject(new Error('no mail server is configured: set FULCRA_SMTP_URL'));

/** What a practice keeps is kept by no cache on the way; pictures say themselves how long theirs may be. */
function keepNothingBetween(app: FastifyInstance): void {
  app.addHook('onSend', async (request, reply) => {
    if (request.routeOptions.url?.startsWith('/api/') && !reply.hasHeader('cache-control')) reply.header('cache-control', 'no-store');
  });
}

/** Route patterns only, never the ids in them. */
function logWithoutPersonalData(app: FastifyInstance): void {
  app.addHook('onResponse', async (request, reply) => {
    const route = request.routeOptions.url ?? 'none';
    request.log.info({ method: request.method, route, status: reply.statusCode, ms: Math.round(reply.elapsedTime) }, 'answered');
  });
}
