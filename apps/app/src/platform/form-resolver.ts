import { toNestErrors } from '@hookform/resolvers';
import { type FieldError, type FieldValues, type Resolver } from 'react-hook-form';
import { type z } from 'zod';

export type Issue = z.core.$ZodIssue;

/**
 * Reads a form by its schema. Of each field the first problem is told, in words.
 * @param words what an issue means to a person; the schema's own message where it writes whole sentences
 */
export const formResolver =
  <Typed extends FieldValues, Read>(schema: z.ZodType<Read, Typed>, words: (issue: Issue) => string): Resolver<Typed, unknown, Read> =>
  (values, _, options) => {
    const read = schema.safeParse(values);
    if (read.success) return { values: read.data, errors: {} };
    const errors: Record<string, FieldError> = {};
    for (const issue of read.error.issues) errors[issue.path.join('.')] ??= { type: issue.code, message: words(issue) };
    return { values: {}, errors: toNestErrors(errors, options) };
  };

/** For schemas whose messages are whole sentences already. */
export const asWritten = ({ message }: Issue): string => message;
