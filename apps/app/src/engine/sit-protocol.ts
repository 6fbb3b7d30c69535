import { type BodyInput, type SitJobKind, type SitQuestionKind } from '@fulcra/core';

export type SitMessage =
  | { readonly kind: 'body'; readonly key: string; readonly input: BodyInput }
  | {
      readonly [K in keyof SitQuestionKind]: {
        readonly kind: K;
        readonly id: number;
        readonly key: string;
        readonly ask: SitQuestionKind[K]['ask'];
      };
    }[keyof SitQuestionKind]
  | {
      readonly [K in keyof SitJobKind]: { readonly kind: K; readonly id: number; readonly key: string; readonly ask: SitJobKind[K]['ask'] };
    }[keyof SitJobKind];

export type SitReply =
  | { readonly id: number; readonly state: 'progress'; readonly progress: unknown }
  | { readonly id: number; readonly state: 'done'; readonly answer: unknown }
  | { readonly id: number; readonly state: 'failed'; readonly message: string };
