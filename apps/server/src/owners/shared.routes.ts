import {
  idSchema,
  linkTokenSchema,
  ownerWordSchema,
  pieceQuerySchema,
  sharedCheckSchema,
  sharedPageSchema,
  sharedPhotoSchema,
  sharedWordSchema,
} from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { type DueNeeds } from '../calendar/due';
import { linkLimit } from '../platform/link-limit';
import { FulcraError } from '../platform/errors/fulcra-error';
import { pieceIn, takesPieces } from '../photos/photo.routes';
import { type OwnerLinks } from './owner-links';
import { type OwnerLinkRow } from './owner.entity';
import { reportOf } from './report';
import { keepOwnersCheck } from './owners-check';

interface Needs extends DueNeeds {
  readonly links: OwnerLinks;
  /** Requests through links a minute and address. */
  readonly perMinute: number;
}
const ofToken = z.object({ token: linkTokenSchema });
const ofWord = ofToken.extend({ wordId: idSchema });
const ofPhoto = ofWord.extend({ photoId: idSchema });
/** What this owner said; what somebody else said who had the horse before is theirs. */
const ownWords = async ({ stores }: DueNeeds, { practiceId, horseId, ownerName }: OwnerLinkRow) =>
  (await stores.ownerWord.ofHorse(practiceId, horseId)).filter((w) => w.ownerName === ownerName);
const heldSchema = z.object({ heldBytes: z.number().int() });

/** What a link opens, for whoever holds it: one horse, and saying something of it. Nothing else is reachable from here. */
export const sharedRoutes: FastifyPluginAsyncZod<Needs> = async (app, { links, perMinute, ...needs }) => {
  const { stores } = needs;
  takesPieces(app);
  app.addHook('onRequest', async (_request, reply) => {
    void reply.header('x-robots-tag', 'noindex, nofollow').header('referrer-policy', 'no-referrer');
  });
  const config = { open: true, rateLimit: linkLimit(perMinute) };
  const linkOf = (request: { readonly params: { readonly token: string } }) => links.open(request.params.token, new Date());

  app.get('/api/shared/:token', { config, schema: { params: ofToken, response: { 200: sharedPageSchema } } }, async (request) => {
    const link = await linkOf(request);
    const { practiceId, horseId, ownerName, expiresAt } = link;
    const report = await reportOf(needs, practiceId, horseId, null, new Date());
    return { ownerName, expiresAt: expiresAt.toISOString(), report, words: await ownWords(needs, link) };
  });
  app.put(
    '/api/shared/:token/words/:wordId',
    { config, schema: { params: ofWord, body: sharedWordSchema, response: { 200: ownerWordSchema } } },
    async (request) => stores.ownerWord.say(await linkOf(request), request.params.wordId, request.body.body, new Date()),
  );
  app.put(
    '/api/shared/:token/checks/:wordId',
    { config, schema: { params: ofWord, body: sharedCheckSchema, response: { 200: z.object({ kept: z.literal(true) }) } } },
    async (request) => {
      const link = await linkOf(request);
      const { tack } = await reportOf(needs, link.practiceId, link.horseId, null, new Date());
      const item = tack.find((t) => t.id === request.body.itemId);
      if (item === undefined) throw new FulcraError('NOT_FOUND');
      await keepOwnersCheck(needs.db, link, request.params.wordId, item, request.body.found, new Date());
      return { kept: true as const };
    },
  );
  app.put(
    '/api/shared/:token/words/:wordId/photos/:photoId',
    { config, schema: { params: ofPhoto, body: sharedPhotoSchema, response: { 200: heldSchema } } },
    async (request) => {
      const { wordId, photoId } = request.params;
      const { id: linkId, practiceId } = await linkOfWord({ links, stores }, request.params);
      const photo = { ...request.body, note: '', takenAt: new Date().toISOString() };
      return stores.photos.announce({ practiceId, personId: null, linkId }, { ownerWordId: wordId }, photoId, photo);
    },
  );
  app.put(
    '/api/shared/:token/words/:wordId/photos/:photoId/content',
    { config, schema: { params: ofPhoto, querystring: pieceQuerySchema, response: { 200: heldSchema } } },
    async (request) => {
      const { wordId, photoId } = request.params;
      const { id: linkId, practiceId } = await linkOfWord({ links, stores }, request.params);
      const piece = { from: request.query.from, content: pieceIn(request.body), linkId };
      return stores.photos.addPiece(practiceId, { ownerWordId: wordId }, photoId, piece);
    },
  );
};

/** The link, where the word is one of its own horse. */
async function linkOfWord(
  { links, stores }: Pick<Needs, 'links' | 'stores'>,
  { token, wordId }: { readonly token: string; readonly wordId: string },
): Promise<OwnerLinkRow> {
  const link = await links.open(token, new Date());
  const word = await stores.ownerWord.get(link.practiceId, wordId);
  if (word.horseId !== link.horseId) throw new FulcraError('NOT_FOUND');
  return link;
}
