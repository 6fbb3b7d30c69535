import { type School } from '@fulcra/core';

/** What is said of one criterion. */
export interface CriterionWords {
  readonly name: string;
  /** What it means below the least and above the most; a sentence without its number. */
  readonly low: string;
  readonly high: string;
  /** What helps. */
  readonly raise: string;
  readonly lower: string;
  /** Which drawing shows it. */
  readonly on: 'top' | 'side' | 'straps' | 'section';
  /** Where the number comes from; a function where it rests on a constant of the school. */
  readonly how: string | ((school: School) => string);
}
