import { z } from 'zod';
import { errorReplySchema } from './errors';
import { type RecordKind, type Write } from './records';

/** Kinds that may travel many at once: nothing follows them, and nothing of theirs can clash. */
export const BATCHED_KINDS = ['take', 'withdrawal', 'fact', 'factWithdrawal', 'decision'] as const satisfies readonly RecordKind[];
export type BatchedKind = (typeof BATCHED_KINDS)[number];
export const isBatched = (write: Write): write is Extract<Write, { kind: BatchedKind }> =>
  (BATCHED_KINDS as readonly RecordKind[]).includes(write.kind);
export const MOST_IN_BATCH = 100;

/** Writes as they are sent many at once; each body is read by its own kind's schema, so that one that can't be read spoils no other. */
export const batchSchema = z.object({
  writes: z
    .array(z.looseObject({ kind: z.enum(BATCHED_KINDS), body: z.unknown() }))
    .min(1)
    .max(MOST_IN_BATCH),
});

export const batchReplySchema = z.object({
  /** In the order of the writes. */
  results: z.array(
    z.discriminatedUnion('ok', [
      z.object({ ok: z.literal(true) }),
      z.object({ ok: z.literal(false), status: z.number().int(), error: errorReplySchema.shape.error }),
    ]),
  ),
});
export type BatchReply = z.infer<typeof batchReplySchema>;
