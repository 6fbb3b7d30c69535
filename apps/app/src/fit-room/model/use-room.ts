import { type Saddle } from '@fulcra/contract';
import {
  type BackSurface,
  type BodyInput,
  type DescribedSaddle,
  type NeighbourOf,
  type SaddleSetup,
  type SitAsked,
  type SitPicture,
  type SitRow,
  bodyInputOf,
  describedOf,
  presentSetup,
} from '@fulcra/core';
import { useEffect, useMemo, useState } from 'react';
import { type SitRunner } from '../../engine/sit-runner';
import { useSitAnswer, useSitRunner } from '../../engine/use-sitting';
import { useDraft } from '../../platform/use-draft';
import { useRiders } from '../../platform/use-views';
import { type LoadedVisit } from '../../visit';
import { LivePicture } from './live-picture';
import { firstState, placeOf, riderOf, usable, withoutSaddle } from './room-start';
import { EMPTY_ROOM, PLACE_DRAFT, ROOM_DRAFT, type RoomHistory, type RoomState, changed, heldAgainst, undone } from './room-state';

/** What the room is opened on. */
export interface RoomPlace {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly saddles: readonly Saddle[];
  readonly surface: BackSurface;
}

/** Everything the parts of the room are made of. */
export interface FitRoom extends RoomPlace, OnTheHorse, Answers, Looking {
  readonly input: BodyInput;
  readonly rider: ReturnType<typeof riderOf>;
}

export function useRoom(place: RoomPlace): FitRoom {
  const { loaded } = place;
  const { page, measured } = loaded;
  const input = useMemo(() => bodyInputOf(measured, page.facts), [measured, page.facts]);
  const riders = useRiders().data;
  const rider = useMemo(() => riderOf(riders, page.horse.riderIds), [riders, page.horse.riderIds]);
  const onTheHorse = useOnTheHorse(place, input, rider);
  const answers = useAnswers(input, onTheHorse);
  return { ...place, ...onTheHorse, ...answers, ...useLooking(place), input, rider };
}

/** Which saddle lies there, how it is set, and what it is compared with. */
interface OnTheHorse {
  readonly room: RoomHistory;
  readonly now: RoomState;
  /** What is shown: as it is now, or, while it is compared, as it was held. */
  readonly state: RoomState;
  readonly comparing: boolean;
  readonly setComparing: (comparing: boolean) => void;
  readonly saddle: Saddle;
  readonly described: DescribedSaddle;
  readonly asked: SitAsked;
  readonly put: (next: RoomState) => void;
  readonly putSetup: (setup: SaddleSetup) => void;
  /** Lays another saddle on; in its present setting where none is given. */
  readonly takeSaddle: (next: Saddle, setup: SaddleSetup | null) => void;
  readonly undo: () => void;
  readonly holdAgainst: () => void;
  readonly naturalPlaceMm: () => number;
}

function useOnTheHorse({ visitId, loaded: { page, school }, saddles }: RoomPlace, input: BodyInput, rider: FitRoom['rider']): OnTheHorse {
  const [room, setRoom] = useDraft(`room-${visitId}`, ROOM_DRAFT, EMPTY_ROOM);
  const [comparing, setComparing] = useState(false);
  const start = useMemo(() => firstState(input, saddles, { page, school }, rider), [input, saddles, page, school, rider]);
  const now = usable(room.now, saddles) ?? start;
  const state = comparing ? (usable(room.against, saddles) ?? now) : now;
  const saddle = saddles.find((s) => s.id === state.saddleId)!;
  const described = useMemo(() => describedOf(saddle), [saddle]);
  const put = (next: RoomState): void => setRoom(changed({ ...room, now }, next));
  const naturalPlaceMm = (of: Saddle = saddle): number => placeOf(input, of, school);
  return {
    ...{ room, now, state, comparing, setComparing, saddle, described, put },
    asked: { ...withoutSaddle(state), saddle: described, school },
    putSetup: (setup) => put({ ...now, setup }),
    takeSaddle: (next, setup) => put({ ...now, saddleId: next.id, setup: setup ?? presentSetup(describedOf(next), naturalPlaceMm(next)) }),
    undo: () => setRoom(undone(room)),
    holdAgainst: () => setRoom(heldAgainst({ ...room, now })),
    naturalPlaceMm: () => naturalPlaceMm(),
  };
}

/** What the engine says of it. */
interface Answers {
  readonly runner: SitRunner;
  readonly answered: ReturnType<typeof useSitAnswer<'sit'>>['answered'];
  /** The answer is to what stands there now. */
  readonly fresh: boolean;
  readonly picture: SitPicture | null;
  readonly neighbours: readonly NeighbourOf[] | null;
  /** Follows a finger between answers. */
  readonly live: LivePicture;
  readonly slide: (placeMm: number) => void;
}

/** Neighbours are asked for once the hand has come to rest for so long, ms. */
const NEIGHBOURS_AFTER_MS = 350;

function useAnswers(input: BodyInput, { asked, comparing }: OnTheHorse): Answers {
  const runner = useSitRunner(input);
  // its own worker, so that what stands on the horse never waits for what its neighbours would do
  const besideRunner = useSitRunner(input);
  const { answered, fresh } = useSitAnswer(runner, 'sit', asked);
  const beside = useSitAnswer(besideRunner, 'neighbours', comparing ? null : asked, NEIGHBOURS_AFTER_MS);
  const picture = answered?.ok === true && answered.answer.ok ? answered.answer.value : null;
  const live = useMemo(() => new LivePicture(), []);
  useEffect(() => live.set(null), [live, picture]);
  const slide = (placeMm: number): void =>
    runner.ask('sit', { ...asked, setup: { ...asked.setup, placeMm } }, (slid) => {
      if (slid.ok && slid.answer.ok) live.set(slid.answer.value);
    });
  return { runner, answered, fresh, picture, neighbours: neighboursNow(fresh, beside), live, slide };
}

/** Two workers answer: while only one of them has, what lies there and what lies beside it can be two saddles. */
export const neighboursNow = (
  pictureFresh: boolean,
  beside: ReturnType<typeof useSitAnswer<'neighbours'>>,
): readonly NeighbourOf[] | null => (pictureFresh && beside.fresh && beside.answered?.ok === true ? beside.answered.answer : null);

/** Where on the back one looks, and at which criterion. */
interface Looking {
  readonly atMm: number;
  readonly setAtMm: (atMm: number) => void;
  readonly shownId: SitRow['id'] | null;
  readonly show: (id: SitRow['id']) => void;
  /** The device took its drawing memory back; whatever is laid out anew doesn't ask for it again. */
  readonly solidLost: boolean;
  readonly loseSolid: () => void;
}

function useLooking({ visitId, loaded }: RoomPlace): Looking {
  const [atMm, setAtMm] = useDraft(`room-at-${visitId}`, PLACE_DRAFT, loaded.page.visit.stationMm);
  const [shownId, show] = useState<SitRow['id'] | null>(null);
  const [solidLost, setSolidLost] = useState(false);
  return { atMm, setAtMm, shownId, show, solidLost, loseSolid: () => setSolidLost(true) };
}
