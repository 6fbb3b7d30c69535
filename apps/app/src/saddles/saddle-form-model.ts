import { type SaddleFields, saddleFieldsSchema } from '@fulcra/contract';
import { DEFAULT_BUILD } from '@fulcra/core';
import { type UseFormReturn } from 'react-hook-form';
import { z } from 'zod';
import { type DraftSpec, shapedLike } from '../platform/draft';
import { type Issue } from '../platform/form-resolver';
import { saddleIssueWords } from '../words/saddle-issue-words';
import { type MeasureView, NEW_SADDLE } from './saddle-measures';

/** A saddle while it is described, with what stood there when its change was begun. */
export interface SaddleForm {
  saddle: SaddleFields;
  was: SaddleFields | null;
}

/** What was measured may be left out: then all of it was. */
const drafted = shapedLike<SaddleFields>({ ...NEW_SADDLE, build: DEFAULT_BUILD });

export const FORM_DRAFT: DraftSpec<SaddleForm> = {
  version: 1,
  schema: z.object({ saddle: drafted, was: drafted.nullable() }),
};

export const saddleFormSchema = z.object({ saddle: saddleFieldsSchema, was: z.custom<SaddleFields | null>() }) as unknown as z.ZodType<
  SaddleForm,
  SaddleForm
>;

/** What is wrong with a field of the form: a field of the saddle. */
export const formIssueWords = (issue: Issue): string => saddleIssueWords({ ...issue, path: issue.path.slice(1) });

export interface Here {
  readonly view: MeasureView;
  readonly measure: string | null;
}

/** What every part of the form is given. */
export interface SaddlePart {
  readonly form: UseFormReturn<SaddleForm, unknown, SaddleForm>;
  readonly saddle: SaddleFields;
  readonly put: (saddle: SaddleFields) => void;
  readonly here: Here;
  readonly onHere: (here: Here) => void;
}

/** Every problem told at a field, in the order they stand. */
export function problemsIn(errors: object): string[] {
  return Object.entries(errors).flatMap(([key, error]: [string, unknown]) => {
    if (key === 'ref' || typeof error !== 'object' || error === null) return [];
    return 'message' in error && typeof error.message === 'string' ? [error.message] : problemsIn(error);
  });
}
