import { type FrontFit, type Outcome, type RankedSaddle, type SaddleFront, type SchoolId, type Section, type Take } from '@fulcra/core';

/** What may be asked of the fit worker. */
export type FitQuestion =
  | {
      readonly kind: 'frontFit';
      readonly section: Section;
      readonly takes: readonly Take[];
      readonly schoolId: SchoolId;
      readonly takenAtMm: number;
    }
  | {
      readonly kind: 'rankSaddles';
      readonly section: Section;
      readonly saddles: readonly { readonly id: string; readonly front: SaddleFront }[];
      readonly schoolId: SchoolId;
      readonly takenAtMm: number;
    };

export interface FitAnswers {
  readonly frontFit: Outcome<FrontFit>;
  readonly rankSaddles: readonly RankedSaddle[];
}

export interface Asked {
  readonly id: number;
  readonly question: FitQuestion;
}
export type Answered =
  | { readonly id: number; readonly ok: true; readonly answer: FitAnswers[keyof FitAnswers] }
  | { readonly id: number; readonly ok: false; readonly message: string };
