import {
  type FoundSpot,
  type TackFinding,
  type TackItem,
  type TackPoint,
  type TackRound,
  type TackSpot,
  sameTackSpot,
  spotsOf,
} from '@fulcra/core';
import { TACK_FINDINGS, TACK_POINT_IDS } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';

/** A walk under way: what was found so far, and where the hand is. */
export interface WalkDraft {
  readonly at: number;
  readonly found: readonly FoundSpot[];
}
export const WALK_DRAFT: DraftSpec<WalkDraft> = {
  version: 1,
  schema: z.object({
    at: z.number().int().min(0),
    found: z
      .array(
        z.object({
          point: z.enum(TACK_POINT_IDS as [TackPoint, ...TackPoint[]]),
          side: z.enum(['near', 'off']).nullable(),
          finding: z.enum(TACK_FINDINGS),
          note: z.string(),
        }),
      )
      .readonly(),
  }),
};
export const NEW_WALK: WalkDraft = { at: 0, found: [] };

/** One stop of the walk: a point with the one spot or the two that it has. */
export interface WalkStop {
  readonly point: TackPoint;
  readonly spots: readonly TackSpot[];
}

export function stopsOf(item: TackItem, round: TackRound): WalkStop[] {
  const spots = spotsOf(item, round);
  const points = [...new Set(spots.map((s) => s.point))];
  return points.map((point) => ({ point, spots: spots.filter((s) => s.point === point) }));
}

/** What is found at a spot takes the place of what was said of it before. A note once typed stays with its spot. */
export function withFinding(draft: WalkDraft, spot: TackSpot, finding: TackFinding): WalkDraft {
  const was = draft.found.find((f) => sameTackSpot(f, spot));
  const others = draft.found.filter((f) => !sameTackSpot(f, spot));
  return { ...draft, found: [...others, { point: spot.point, side: spot.side, finding, note: was?.note ?? '' }] };
}

export const withNote = (draft: WalkDraft, spot: TackSpot, note: string): WalkDraft => ({
  ...draft,
  found: draft.found.map((f) => (sameTackSpot(f, spot) ? { ...f, note } : f)),
});

export const findingAt = (draft: WalkDraft, spot: TackSpot): FoundSpot | null => draft.found.find((f) => sameTackSpot(f, spot)) ?? null;

/** All spots of a stop that nobody has spoken of are sound. */
export const restSound = (draft: WalkDraft, stop: WalkStop): WalkDraft =>
  stop.spots.reduce((d, spot) => (findingAt(d, spot) === null ? withFinding(d, spot, 'sound') : d), draft);

/** Found, in the order of the walk, as it is kept; a note belongs to what isn't sound. */
export const keptFound = (draft: WalkDraft, stops: readonly WalkStop[]): FoundSpot[] =>
  stops.flatMap((stop) =>
    stop.spots.flatMap((spot) => {
      const found = findingAt(draft, spot);
      return found === null ? [] : [{ ...found, note: found.finding === 'sound' ? '' : found.note.trim() }];
    }),
  );
