import {
  PHOTO_PIECE_BYTES,
  idSchema,
  photoSchema,
  pictureQuerySchema,
  photoRoomSchema,
  pieceQuerySchema,
  saddlePhotoSchema,
  tackPhotoSchema,
} from '@fulcra/contract';
import { type FastifyInstance, type FastifyReply } from 'fastify';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type PhotoOwner, type Photos } from './photo.repository';

interface Needs {
  readonly photos: Photos;
}
/** Whatever has photos that the practice takes itself. */
type OwnOwner = Exclude<PhotoOwner, { readonly ownerWordId: string }>;
type OwnerParams = Readonly<Record<string, string>> & { readonly photoId: string };

/** An owner's pictures come through the owner's link; the practice only looks at them. */
const OF_WORD = z.object({ ownerWordId: idSchema, photoId: idSchema });

/** What photos are of, each with where its pictures are kept. */
const OWNERS = [
  { path: '/api/visits/:visitId', params: z.object({ visitId: idSchema, photoId: idSchema }), sentOut: photoSchema },
  { path: '/api/saddles/:saddleId', params: z.object({ saddleId: idSchema, photoId: idSchema }), sentOut: saddlePhotoSchema },
  { path: '/api/tack-checks/:tackCheckId', params: z.object({ tackCheckId: idSchema, photoId: idSchema }), sentOut: tackPhotoSchema },
] as const;

export const photoRoutes: FastifyPluginAsyncZod<Needs> = async (app, { photos }) => {
  takesPieces(app);

  app.get('/api/photo-room', { schema: { response: { 200: photoRoomSchema } } }, async (request) =>
    photos.room(signedIn(request).practiceId),
  );
  const seen = pictureQuerySchema;
  app.get(
    '/api/owner-words/:ownerWordId/photos/:photoId/content',
    { schema: { params: OF_WORD, querystring: seen } },
    async (request, reply) => {
      const { photoId, ownerWordId } = request.params;
      return sendPicture(reply, await photos.content(signedIn(request).practiceId, { ownerWordId }, photoId, request.query.size));
    },
  );
  for (const owner of OWNERS) {
    app.put(
      `${owner.path}/photos/:photoId/content`,
      { schema: { params: owner.params, querystring: pieceQuerySchema, response: { 200: owner.sentOut } } },
      async (request) => {
        const { photoId, ...of } = request.params as OwnerParams;
        const { from } = request.query;
        return photos.addPiece(signedIn(request).practiceId, of as OwnOwner, photoId, { from, content: pieceIn(request.body) });
      },
    );
    app.get(`${owner.path}/photos/:photoId/content`, { schema: { params: owner.params, querystring: seen } }, async (request, reply) => {
      const { photoId, ...of } = request.params as OwnerParams;
      return sendPicture(reply, await photos.content(signedIn(request).practiceId, of as OwnOwner, photoId, request.query.size));
    });
  }
};

/** Routes that are sent pieces of pictures: each plugin reads only what it says it does. */
export const takesPieces = (app: FastifyInstance): void =>
  void app.addContentTypeParser('application/octet-stream', { parseAs: 'buffer', bodyLimit: PHOTO_PIECE_BYTES }, (_request, body, done) =>
    done(null, body),
  );

export function pieceIn(body: unknown): Buffer {
  if (!Buffer.isBuffer(body) || body.length === 0) throw new FulcraError('PHOTO_PIECE_OUT_OF_PLACE');
  return body;
}

/** Asked about each time, so that it is not shown to whoever signs in after; known ones aren't sent again. */
const sendPicture = (reply: FastifyReply, { mediaType, bytes }: { readonly mediaType: string; readonly bytes: Buffer }) =>
  reply.header('content-type', mediaType).header('cache-control', 'private, no-cache').header('content-disposition', 'inline').send(bytes);
