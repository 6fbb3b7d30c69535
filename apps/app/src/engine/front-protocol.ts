import { type FrontAnswers, type FrontQuestion } from '@fulcra/core';

export interface Asked {
  readonly id: number;
  readonly question: FrontQuestion;
}
export type Answered =
  | { readonly id: number; readonly ok: true; readonly answer: FrontAnswers[keyof FrontAnswers] }
  | { readonly id: number; readonly ok: false; readonly message: string };
