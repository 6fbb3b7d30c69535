import { PHOTO_PIECE_BYTES, idSchema, photoSchema, pieceQuerySchema, saddlePhotoSchema } from '@fulcra/contract';
import { type FastifyReply } from 'fastify';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Photos } from './photo.repository';

interface Needs {
  readonly photos: Photos;
}
const ofVisit = z.object({ visitId: idSchema, photoId: idSchema });
const ofSaddle = z.object({ saddleId: idSchema, photoId: idSchema });

export const photoRoutes: FastifyPluginAsyncZod<Needs> = async (app, { photos }) => {
  app.addContentTypeParser('application/octet-stream', { parseAs: 'buffer', bodyLimit: PHOTO_PIECE_BYTES }, (_request, body, done) =>
    done(null, body),
  );

  app.put(
    '/api/visits/:visitId/photos/:photoId/content',
    { schema: { params: ofVisit, querystring: pieceQuerySchema, response: { 200: photoSchema } } },
    async (request) => {
      const { visitId, photoId } = request.params;
      return photos.addPiece(signedIn(request).practiceId, { visitId }, photoId, request.query.from, pieceIn(request.body));
    },
  );
  app.get('/api/visits/:visitId/photos/:photoId/content', { schema: { params: ofVisit } }, async (request, reply) => {
    const { visitId, photoId } = request.params;
    return sendPicture(reply, await photos.content(signedIn(request).practiceId, { visitId }, photoId));
  });

  app.put(
    '/api/saddles/:saddleId/photos/:photoId/content',
    { schema: { params: ofSaddle, querystring: pieceQuerySchema, response: { 200: saddlePhotoSchema } } },
    async (request) => {
      const { saddleId, photoId } = request.params;
      return photos.addPiece(signedIn(request).practiceId, { saddleId }, photoId, request.query.from, pieceIn(request.body));
    },
  );
  app.get('/api/saddles/:saddleId/photos/:photoId/content', { schema: { params: ofSaddle } }, async (request, reply) => {
    const { saddleId, photoId } = request.params;
    return sendPicture(reply, await photos.content(signedIn(request).practiceId, { saddleId }, photoId));
  });
};

function pieceIn(body: unknown): Buffer {
  if (!Buffer.isBuffer(body) || body.length === 0) throw new FulcraError('PHOTO_PIECE_OUT_OF_PLACE');
  return body;
}

const sendPicture = (reply: FastifyReply, { mediaType, bytes }: { readonly mediaType: string; readonly bytes: Buffer }) =>
  reply
    .header('content-type', mediaType)
    .header('cache-control', 'private, max-age=31536000, immutable')
    .header('content-disposition', 'inline')
    .send(bytes);
