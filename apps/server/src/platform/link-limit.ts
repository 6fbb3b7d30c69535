import { type FastifyRequest } from 'fastify';
import { FulcraError } from './errors/fulcra-error';

/** Links are asked for so often from one address, and guessed at no oftener. */
export const linkLimit = (max: number) => ({
  max,
  timeWindow: '1 minute',
  keyGenerator: (request: FastifyRequest) => request.ip,
  errorResponseBuilder: () => new FulcraError('LINK_TOO_OFTEN'),
});
