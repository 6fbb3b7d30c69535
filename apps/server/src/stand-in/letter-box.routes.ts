import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { signedIn } from '../platform/auth/plugin';
import { type LetterBox, letterBoxReply } from './letter-box';

/** What came into the demo's letter box, for whoever is signed in to the demo. */
export const letterBoxRoutes: FastifyPluginAsyncZod<{ readonly box: LetterBox }> = async (app, { box }) => {
  app.get('/api/stand-in/mail', { schema: { response: { 200: letterBoxReply } } }, async (request) => {
    signedIn(request);
    return [...box.letters()];
  });
};
