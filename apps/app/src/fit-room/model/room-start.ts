import { type Rider, type Saddle, type TriedSetting } from '@fulcra/contract';
import {
  type BodyInput,
  type RiderLoad,
  type SaddleSetup,
  type School,
  type SitRow,
  chosenSettingOf,
  naturalPlaceMm,
  presentSetup,
  type SitPicture,
  describedOf,
  triedSettingOf,
} from '@fulcra/core';
import { PLAIN_RIDER, type RoomState } from './room-state';
import { type LoadedVisit } from '../../visit';

export const withoutSaddle = ({ setup, rider, pose, strapPullN }: RoomState) => ({ setup, rider, pose, strapPullN });
export const widthLabel = (saddle: Saddle, setup: SaddleSetup): string => saddle.front.settings[setup.width]!.label;
export const rowShown = (picture: SitPicture | null, id: SitRow['id'] | null): SitRow | null =>
  picture?.verdicts[0]!.rows.find((r) => r.id === id) ?? null;

/** What was kept in the browser may speak of a saddle that has been changed or is no longer there. */
export function usable(state: RoomState | null, saddles: readonly Saddle[]): RoomState | null {
  const saddle = saddles.find((s) => s.id === state?.saddleId);
  return state === null || saddle === undefined || saddle.front.settings[state.setup.width] === undefined ? null : state;
}

export function riderOf(riders: readonly Rider[] | null, ids: readonly string[]): RiderLoad {
  const heavy = (riders ?? []).filter((r) => ids.includes(r.id)).flatMap((r) => r.weightKg ?? []);
  return heavy.length === 0 ? PLAIN_RIDER : { ...PLAIN_RIDER, massKg: Math.max(...heavy) };
}

export function placeOf(input: BodyInput, saddle: Saddle, school: School): number {
  return naturalPlaceMm(input.landmarks, describedOf(saddle), school);
}

/**
 * The setting that was chosen for this horse, as it was tried; else the saddle that was decided on, else the first of the stock: as it is,
 * where the school puts it.
 */
export function firstState(
  input: BodyInput,
  saddles: readonly Saddle[],
  { page: { decision, facts }, school }: { readonly page: Pick<LoadedVisit['page'], 'decision' | 'facts'>; readonly school: School },
  rider: RiderLoad,
): RoomState {
  const { strapPullN } = school.engine;
  const tried = chosenSettingOf(facts)?.tried ?? null;
  const asChosen =
    tried && usable({ saddleId: tried.saddleId, setup: tried.setup, rider: tried.rider, pose: tried.pose, strapPullN }, saddles);
  if (asChosen !== null) return asChosen;
  const saddle = saddles.find((s) => s.id === decision?.saddleId) ?? saddles[0]!;
  const decided = saddle.front.settings.findIndex((s) => saddle.id === decision?.saddleId && s.label === decision.settingLabel);
  const setup = presentSetup(describedOf(saddle), placeOf(input, saddle, school));
  return {
    saddleId: saddle.id,
    setup: decided < 0 ? setup : { ...setup, width: decided },
    rider,
    pose: 'resting',
    strapPullN,
  };
}

export const triedOf = (picture: SitPicture, saddle: Saddle): TriedSetting => ({
  kind: 'triedSetting',
  ...triedSettingOf(picture, { id: saddle.id, name: saddle.name, widthLabel: widthLabel(saddle, picture.asked.setup) }),
});
