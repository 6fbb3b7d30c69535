import { PHOTO_PIECE_BYTES, idSchema, photoSchema, photoWriteSchema, pieceQuerySchema, saddlePhotoSchema } from '@fulcra/contract';
import { type FastifyReply } from 'fastify';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Saddles } from '../saddles/saddle.repository';
import { type Visits } from '../visits/visit.repository';
import { type Photos } from './photo.repository';

interface Needs {
  readonly visits: Visits;
  readonly saddles: Saddles;
  readonly photos: Photos;
}
const ofVisit = z.object({ visitId: idSchema, photoId: idSchema });
const ofSaddle = z.object({ saddleId: idSchema, photoId: idSchema });

export const photoRoutes: FastifyPluginAsyncZod<Needs> = async (app, { visits, saddles, photos }) => {
  app.addContentTypeParser('application/octet-stream', { parseAs: 'buffer', bodyLimit: PHOTO_PIECE_BYTES }, (_request, body, done) =>
    done(null, body),
  );

  app.put(
    '/api/visits/:visitId/photos/:photoId',
    { schema: { params: ofVisit, body: photoWriteSchema, response: { 200: photoSchema } } },
    async (request) => {
      const { practiceId, personId } = signedIn(request);
      const { visitId, photoId } = request.params;
      await visits.get(practiceId, visitId);
      return photos.announce(practiceId, personId, { visitId }, photoId, request.body);
    },
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

  app.get('/api/saddle-photos', { schema: { response: { 200: z.array(saddlePhotoSchema) } } }, async (request) =>
    photos.ofSaddles(signedIn(request).practiceId),
  );
  app.put(
    '/api/saddles/:saddleId/photos/:photoId',
    { schema: { params: ofSaddle, body: photoWriteSchema, response: { 200: saddlePhotoSchema } } },
    async (request) => {
      const { practiceId, personId } = signedIn(request);
      const { saddleId, photoId } = request.params;
      await saddles.get(practiceId, saddleId);
      return photos.announce(practiceId, personId, { saddleId }, photoId, request.body);
    },
  );
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
