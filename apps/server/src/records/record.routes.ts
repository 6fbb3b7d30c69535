import {
  type Write,
  LISTED_KINDS,
  RECORDS,
  RECORD_KINDS,
  batchReplySchema,
  batchSchema,
  idNamesOf,
  idSchema,
  listPathOf,
} from '@fulcra/contract';
import { type FastifyInstance } from 'fastify';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { type SignedIn } from '../platform/auth/session.repository';
import { FulcraError } from '../platform/errors/fulcra-error';
import { asFulcraError, logIfOurs } from '../platform/errors/plugin';
import { type MergeCollections, type RecordHandler, type RecordHandlers } from './record-handlers';

interface Needs {
  readonly handlers: RecordHandlers;
  readonly collections: MergeCollections;
}

const idsSchemaOf = (kind: Write['kind']) => z.object(Object.fromEntries(idNamesOf(kind).map((name) => [name, idSchema])));

/** A route to write each record, one to read each list, and one that takes many small writes at once: all from the records' descriptors. */
export async function recordRoutes(app: FastifyInstance, { handlers, collections }: Needs): Promise<void> {
  for (const kind of RECORD_KINDS) {
    const { path, write, read } = RECORDS[kind];
    const handle = handlers[kind] as RecordHandler<typeof kind>;
    app.put(path, { schema: { params: idsSchemaOf(kind), body: write, response: { 200: read } } }, async (request) =>
      handle(signedIn(request), request.params as never, request.body as never),
    );
  }
  for (const kind of LISTED_KINDS) {
    const { read } = RECORDS[kind];
    app.get(listPathOf(kind), { schema: { response: { 200: z.array(read) } } }, async (request) =>
      collections[kind].list(signedIn(request).practiceId),
    );
  }
  app.post('/api/writes', { schema: { body: batchSchema, response: { 200: batchReplySchema } } }, async (request) => {
    const who = signedIn(request);
    const results: z.infer<typeof batchReplySchema>['results'] = [];
    for (const entry of (request.body as z.infer<typeof batchSchema>).writes) {
      const result = await written(handlers, who, entry as unknown as Write).then(
        () => ({ ok: true as const }),
        (error: unknown) => {
          const known = asFulcraError(error as never);
          logIfOurs(request, known, error as never);
          return { ok: false as const, status: known.status, error: known.reply(request.id).error };
        },
      );
      results.push(result);
      // what comes after may hang on it: it is sent again with it
      if (!result.ok && result.status >= 500) break;
    }
    return { results };
  });
}

/** One entry of many, read by its own kind's schemas as if it had come alone. */
async function written(handlers: RecordHandlers, who: SignedIn, entry: Write): Promise<unknown> {
  const ids = idsSchemaOf(entry.kind).safeParse(entry);
  const body = RECORDS[entry.kind].write.safeParse(entry.body);
  if (!ids.success || !body.success) {
    const issues = [...(ids.error?.issues ?? []), ...(body.error?.issues ?? [])];
    throw new FulcraError('INPUT_INVALID', { fields: issues.map((i) => ({ path: i.path.join('.'), message: i.message })) });
  }
  return (handlers[entry.kind] as RecordHandler<typeof entry.kind>)(who, ids.data as never, body.data);
}
