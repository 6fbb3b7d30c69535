import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { signedIn } from '../platform/auth/plugin';
import { type LetterBox, letterBoxReply } from './letter-box';

/** What came into the letter box from the practice of whoever is signed in; nobody reads another's. */
export const letterBoxRoutes: FastifyPluginAsyncZod<{ readonly box: LetterBox }> = async (app, { box }) => {
  app.get('/api/stand-in/mail', { schema: { response: { 200: letterBoxReply } } }, async (request) => {
    return [...box.letters(signedIn(request).practiceId)];
  });
};
