import { type FastifyError, type FastifyInstance, type FastifyRequest } from 'fastify';
import fp from 'fastify-plugin';
import { hasZodFastifySchemaValidationErrors, isResponseSerializationError } from 'fastify-type-provider-zod';
import { FulcraError } from './fulcra-error';
import { isRetried } from '../db/in-one-write';
import { ranOutOfPatience } from '../db/patience';
import { type ErrorCode } from './registry';

/** What the framework's own refusals are called here. */
const FROM_FASTIFY: Readonly<Record<string, ErrorCode>> = {
  FST_ERR_CTP_BODY_TOO_LARGE: 'INPUT_TOO_LARGE',
  FST_ERR_CTP_INVALID_MEDIA_TYPE: 'INPUT_NOT_JSON',
  FST_ERR_CTP_INVALID_JSON_BODY: 'INPUT_INVALID',
  FST_ERR_CTP_EMPTY_JSON_BODY: 'INPUT_INVALID',
  FST_ERR_CTP_INVALID_CONTENT_LENGTH: 'INPUT_INVALID',
  FST_ERR_HANDLER_TIMEOUT: 'NOT_READY',
};

export const errorsPlugin = fp(async (app: FastifyInstance) => {
  app.setErrorHandler((error: FastifyError, request, reply) => {
    const known = asFulcraError(error);
    logIfOurs(request, known, error);
    return reply.status(known.status).send(known.reply(request.id));
  });
});

/** Whoever asked has gone away meanwhile. */
const GIVEN_UP = 'AbortError';

/** Our own failures are logged with where they happened; what a client sent wrong isn't. */
export function logIfOurs(request: FastifyRequest, known: FulcraError, error: FastifyError): void {
  if (known.status >= 500 && error.name !== GIVEN_UP) request.log.error({ err: safe(error) }, 'request failed');
}

export function asFulcraError(error: FastifyError): FulcraError {
  if (error instanceof FulcraError) return error;
  if (hasZodFastifySchemaValidationErrors(error)) {
    const fields = error.validation.map((v) => ({
      path: v.instancePath.replace(/^\//, '').replaceAll('/', '.'),
      message: v.message ?? '',
    }));
    return new FulcraError('INPUT_INVALID', { fields });
  }
  if (isResponseSerializationError(error)) return new FulcraError('INTERNAL');
  if (error.statusCode === 429) return new FulcraError('SIGN_IN_TOO_OFTEN');
  if (isLostDatabase(error) || isRetried(error) || ranOutOfPatience(error)) return new FulcraError('NOT_READY');
  return new FulcraError(FROM_FASTIFY[error.code] ?? (error.statusCode === 400 ? 'INPUT_INVALID' : 'INTERNAL'));
}

const isLostDatabase = (error: { code?: string }): boolean =>
  ['ECONNREFUSED', 'PROTOCOL_CONNECTION_LOST', 'ER_SERVER_SHUTDOWN', 'ECONNRESET', 'ETIMEDOUT'].includes(error.code ?? '');

/** Name, code and stack; never the values of a query. */
const safe = (error: FastifyError) => ({ type: error.name, code: error.code, stack: error.stack?.split('\n').slice(1, 8).join('\n') });
