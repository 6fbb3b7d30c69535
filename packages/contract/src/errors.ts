import { z } from 'zod';

/** One shape for everything that goes wrong. */
export const errorReplySchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    /** What to do about it. */
    remedy: z.string(),
    requestId: z.string(),
    /** Which fields, where there are any. */
    fields: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
    /** Fields that somebody else changed too, with all that stands there now. */
    clash: z.object({ fields: z.array(z.string()), theirs: z.record(z.string(), z.unknown()) }).optional(),
    /** The core's own reasons, where a measurement was refused. */
    problems: z.array(z.object({ code: z.string(), values: z.record(z.string(), z.union([z.number(), z.string()])) })).optional(),
  }),
});
export type ErrorReply = z.infer<typeof errorReplySchema>;
