import { PHOTO_PIECE_BYTES, idSchema, photoSchema, photoWriteSchema, pieceQuerySchema } from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Visits } from '../visits/visit.repository';
import { type Photos } from './photo.repository';

interface Needs {
  readonly visits: Visits;
  readonly photos: Photos;
}
const params = z.object({ visitId: idSchema, photoId: idSchema });

export const photoRoutes: FastifyPluginAsyncZod<Needs> = async (app, { visits, photos }) => {
  app.addContentTypeParser('application/octet-stream', { parseAs: 'buffer', bodyLimit: PHOTO_PIECE_BYTES }, (_request, body, done) =>
    done(null, body),
  );

  app.put(
    '/api/visits/:visitId/photos/:photoId',
    { schema: { params, body: photoWriteSchema, response: { 200: photoSchema } } },
    async (request) => {
      const { practiceId, personId } = signedIn(request);
      const { visitId, photoId } = request.params;
      await visits.get(practiceId, visitId);
      return photos.announce(practiceId, personId, visitId, photoId, request.body);
    },
  );

  app.put(
    '/api/visits/:visitId/photos/:photoId/content',
    { schema: { params, querystring: pieceQuerySchema, response: { 200: photoSchema } } },
    async (request) => {
      const { visitId, photoId } = request.params;
      const piece = request.body;
      if (!Buffer.isBuffer(piece) || piece.length === 0) throw new FulcraError('PHOTO_PIECE_OUT_OF_PLACE');
      return photos.addPiece(signedIn(request).practiceId, visitId, photoId, request.query.from, piece);
    },
  );

  app.get('/api/visits/:visitId/photos/:photoId/content', { schema: { params } }, async (request, reply) => {
    const { visitId, photoId } = request.params;
    const { mediaType, bytes } = await photos.content(signedIn(request).practiceId, visitId, photoId);
    return reply
      .header('content-type', mediaType)
      .header('cache-control', 'private, max-age=31536000, immutable')
      .header('content-disposition', 'inline')
      .send(bytes);
  });
};
