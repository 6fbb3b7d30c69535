import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { riderLoadSchema, saddleSetupSchema } from '@fulcra/contract';
import { type BackPose, type RiderLoad, type SaddleSetup, BACK_POSES } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../../platform/draft';

/** What is on the horse and how it is looked at. */
export interface RoomState {
  readonly saddleId: string;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
  readonly pose: BackPose;
  readonly strapPullN: number;
}

/** The room as it is kept over a reload: now, what was before it, and what it is held against. */
export interface RoomHistory {
  readonly now: RoomState | null;
  readonly before: readonly RoomState[];
  readonly against: RoomState | null;
}

const roomStateSchema = z.object({
  saddleId: z.string(),
  setup: saddleSetupSchema,
  rider: riderLoadSchema.nullable(),
  pose: z.enum(BACK_POSES),
  strapPullN: z.number(),
});
export const ROOM_DRAFT: DraftSpec<RoomHistory> = {
  version: 1,
  schema: z.object({
    now: roomStateSchema.nullable(),
    before: z.array(roomStateSchema),
    against: roomStateSchema.nullable(),
  }),
};
export const PLACE_DRAFT: DraftSpec<number> = { version: 1, schema: z.number() };

export const EMPTY_ROOM: RoomHistory = { now: null, before: [], against: null };
const MOST_KEPT = 40;

/** A change that can be undone. */
export function changed(room: RoomHistory, next: RoomState): RoomHistory {
  if (room.now === null) return { ...room, now: next };
  if (JSON.stringify(next) === JSON.stringify(room.now)) return room;
  return { ...room, now: next, before: [...room.before, room.now].slice(-MOST_KEPT) };
}

export function undone(room: RoomHistory): RoomHistory {
  const last = room.before.at(-1);
  return last === undefined ? room : { ...room, now: last, before: room.before.slice(0, -1) };
}

export const heldAgainst = (room: RoomHistory): RoomHistory => ({ ...room, against: room.now });

/** Rider when none of the horse's riders has a weight (default). */
export const PLAIN_RIDER: RiderLoad = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' };

/** Shares of the weight on the stirrups that a fitter chooses between (defaults). */
export const SEATS = [
  { value: '0.2', label: FIT_ROOM_PHRASES.sitting },
  { value: '0.5', label: FIT_ROOM_PHRASES.rising },
  { value: '1', label: FIT_ROOM_PHRASES.twoPoint },
] as const;
