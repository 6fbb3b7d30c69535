import { type Horse } from '@fulcra/contract';

/** What a fold knows besides the writes. */
export interface FoldContext {
  /** Name of whoever is signed in: what waits here is theirs. */
  readonly person: string;
  /** A horse as far as this device knows it; null where it doesn't. */
  readonly horseKnown: (horseId: string) => Horse | null;
}
