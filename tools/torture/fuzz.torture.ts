import { seededRandom } from '@fulcra/core';
import { DEMO_LEATHERS, DEMO_SADDLES } from '@fulcra/demo';
import { v7 } from 'uuid';
import { DECISION, HORSE, TAKE, startedVisit, visitOf } from '../../apps/server/test/journeys';
import { type Visitor } from '../../apps/server/test/visitor';
import { fitterAt, ownServer, promised, share, torture } from './promises';

const CASES = share(400, 20_000);
const AT_ONCE = 8;
const seed = Number(process.env.FULCRA_TORTURE_SEED ?? 1);
const random = seededRandom(seed);
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

/** What nobody types, and what somebody who means ill does. */
const STRANGE: readonly unknown[] = [
  ...[
    null,
    true,
    '',
    ' ',
    '0',
    'NaN',
    '\u0000',
    '\u200b',
    '\ud800',
    '🐴'.repeat(50),
    'x'.repeat(3000),
    "'; DROP TABLE horse; --",
    '../../etc',
  ],
  ...[0, -0, -1, 0.1, 1e8, 1e308, -1e308, 2 ** 53, 5e-324, [], {}, [[]], [null], { $ne: 1 }, { toString: 1 }],
  ...['2026-02-30', '9999-12-31T23:59:59.999Z', '0000-00-00', Array.from({ length: 300 }, () => 1), Array.from({ length: 20 }, () => ({}))],
];
const NAMES = ['__proto__', 'constructor', 'id', 'practiceId', 'was', 'length', 'seq', 'handId', ''];

type Json = Record<string, unknown> | unknown[];
const isJson = (value: unknown): value is Json => typeof value === 'object' && value !== null;

/** One strange thing somewhere in a body. */
function strange(body: unknown): unknown {
  if (!isJson(body) || random() < 0.05) return pick(STRANGE);
  const copy = structuredClone(body) as Record<string, unknown>;
  const keys = Object.keys(copy);
  const key = keys.length === 0 || random() < 0.1 ? pick(NAMES) : pick(keys);
  if (Array.isArray(copy) && key === 'length') return pick(STRANGE);
  if (random() < 0.15) Reflect.deleteProperty(copy, key);
  else if (isJson(copy[key]) && random() < 0.7) copy[key] = strange(copy[key]);
  else Reflect.defineProperty(copy, key, { value: pick(STRANGE), enumerable: true, configurable: true, writable: true });
  return copy;
}

/** A text that is no JSON, or not all of it. */
function spoilt(body: unknown): string {
  const text = JSON.stringify(body) ?? '';
  return random() < 0.5
    ? text.slice(0, Math.floor(random() * text.length))
    : text.replace(/\d/, () => pick(['1e999', '00', '{', '\u0001']));
}

const LANDMARK = { kind: 'landmark', landmark: 'lowPoint', side: null, way: null, station: null, pose: null, atMm: 230, felt: true };
const without = <T extends { readonly id: string }>({ id: _, ...fields }: T) => fields;
const SEEDS: Readonly<Record<string, unknown>> = {
  horses: HORSE,
  saddles: without(DEMO_SADDLES[0]!),
  leathers: without(DEMO_LEATHERS[0]!),
  takes: TAKE,
  decisions: DECISION,
  facts: { madeAt: '2026-11-20T09:00:00.000Z', body: LANDMARK },
  photos: { view: 'behind', note: '', takenAt: '2026-11-20T09:00:00.000Z', mediaType: 'image/png', bytes: 100, sha256: 'a'.repeat(64) },
  riders: { name: 'Ash Penhale', heightMm: 1700, weightKg: 70, note: '' },
};
/** Costly or ending: walked in tests of their own. */
const LEFT_OUT = ['/api/rankings', '/api/demo/reset', '/api/session', '/api/mail', '/api/stand-in', '/api/due'];

interface Route {
  readonly method: string;
  readonly url: string;
}

async function routesOf(address: string): Promise<Route[]> {
  const spec = (await (await fetch(`${address}/api/openapi.json`)).json()) as { paths: Record<string, Record<string, unknown>> };
  const all = Object.entries(spec.paths).flatMap(([url, verbs]) => Object.keys(verbs).map((verb) => ({ method: verb.toUpperCase(), url })));
  return all.filter(({ url }) => !LEFT_OUT.some((start) => url.startsWith(start)));
}

type Ids = Awaited<ReturnType<typeof startedVisit>>;

/** In an address; half a letter can't stand in one. */
const escaped = (value: unknown): string => encodeURIComponent(JSON.stringify(value).slice(0, 200));

/** An address with ids that are there, new or none at all. */
const filled = (url: string, ids: Ids): string =>
  url.replace(/\{(\w+)\}/g, (_, name: string) => {
    const there = (ids as Readonly<Record<string, string>>)[name];
    if (there !== undefined && random() < 0.7) return there;
    return random() < 0.8 ? v7() : escaped(pick(STRANGE.filter((s) => typeof s !== 'object')));
  });

async function oneCase(fitter: Visitor, routes: readonly Route[], ids: Ids): Promise<string | null> {
  const { method, url } = pick(routes);
  const kind = url.split('/').findLast((part) => part in SEEDS) ?? 'visits';
  const body = SEEDS[kind] ?? visitOf(ids.horseId);
  const path = filled(url, ids) + (random() < 0.1 ? `?from=${escaped(pick(STRANGE))}` : '');
  const sent = method === 'GET' ? undefined : random() < 0.15 ? spoilt(body) : strange(body);
  const headers: Record<string, string> =
    random() < 0.05 ? { 'content-type': pick(['text/plain', 'application/json; charset=x', 'image/png']) } : {};
  const reply = await fitter.send(method, path, sent, headers).catch((error: unknown) => ({ status: String(error) }));
  const bad = typeof reply.status === 'string' || reply.status >= 500;
  return bad ? `${method} ${path} -> ${reply.status} for ${JSON.stringify(sent)?.slice(0, 300)}` : null;
}

torture(async () => {
  const server = await ownServer();
  await server.start();
  const fitter = await fitterAt(server);
  const routes = await routesOf(server.address);
  const ids = await startedVisit(fitter);
  // what is made strange must be right before, or it is refused at the door whatever is made of it
  const fact = await fitter.send('PUT', `/api/visits/${ids.visitId}/facts/${v7()}`, SEEDS.facts);
  promised('a fact that is as it should be', fact.status, fact.status === 200);
  const bad: string[] = [];
  for (let done = 0; done < CASES; done += AT_ONCE) {
    const outcomes = await Promise.all(Array.from({ length: AT_ONCE }, () => oneCase(fitter, routes, ids)));
    bad.push(...outcomes.filter((o) => o !== null));
  }
  for (const line of bad.slice(0, 10)) console.error(line);
  promised(
    `strange requests on ${routes.length} routes (seed ${seed}) answered with 5xx or not at all`,
    `${bad.length} of ${CASES}`,
    bad.length === 0,
  );
  const page = await fitter.send('GET', `/api/visits/${ids.visitId}`);
  promised('the visit they were aimed at can still be read', page.status, page.status === 200);
  await server.kill();
});
