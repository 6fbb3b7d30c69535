import fastifyStatic from '@fastify/static';
import { type FastifyInstance } from 'fastify';
import { FulcraError } from './errors/fulcra-error';
import { type Config } from './config';

/** Hashed file names never change what they hold. */
const isHashed = (path: string): boolean => path.includes('/_expo/') || path.includes('/assets/');

const isOwnersPage = (url: string): boolean => url.startsWith('/o/');

/** The web application: files of the export, and its one page for every deep link. */
export async function servePages(app: FastifyInstance, config: Config): Promise<void> {
  if (config.webProxy !== null) {
    const { default: proxy } = await import('@fastify/http-proxy');
    await app.register(proxy, { upstream: config.webProxy, websocket: true, prefix: '/' });
    return;
  }
  app.setNotFoundHandler((request, reply) => {
    const wantsPage = request.method === 'GET' && !request.url.startsWith('/api/') && !/\.[a-z0-9]{2,5}(\?|$)/i.test(request.url);
    // an owner's page is nobody's to index, and its address nobody's to pass on
    if (isOwnersPage(request.url)) reply.header('x-robots-tag', 'noindex, nofollow').header('referrer-policy', 'no-referrer');
    if (wantsPage && config.webDir !== null) return reply.header('cache-control', 'no-cache').sendFile('index.html');
    return reply.status(404).send(new FulcraError('NOT_FOUND').reply(request.id));
  });
  if (config.webDir === null) return;
  await app.register(fastifyStatic, {
    root: config.webDir,
    wildcard: false,
    preCompressed: true,
    cacheControl: false,
    setHeaders: (reply, path) => {
      reply.setHeader('vary', 'accept-encoding');
      reply.setHeader('cache-control', isHashed(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
    },
  });
}
