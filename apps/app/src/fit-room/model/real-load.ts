import { riderLoadSchema } from '@fulcra/contract';
import { type RiderLoad } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../../platform/draft';

/** A rider as a load, from the leg as it hangs: with the leathers as they are, and with one side a hole short. */
export interface RealLoads {
  readonly rider: string;
  readonly even: RiderLoad;
  readonly nearShort: RiderLoad;
  readonly offShort: RiderLoad;
}
export const REAL_LOADS = ['even', 'nearShort', 'offShort'] as const satisfies readonly (keyof RealLoads)[];

export const REAL_LOAD_DRAFT: DraftSpec<RealLoads | null> = {
  version: 1,
  schema: z.object({ rider: z.string(), even: riderLoadSchema, nearShort: riderLoadSchema, offShort: riderLoadSchema }).nullable(),
};
export const realLoadKey = (visitId: string): string => `real-load-${visitId}`;
