import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { STATION_WORDS } from '../../words/station-words';
import { type BodyInput, type SitPicture, WHOLE_SECTIONS } from '@fulcra/core';
import { useMemo } from 'react';
import { YStack } from 'tamagui';
import { USUAL_HEIGHT_MM } from '../../drawings/horse/form-of-horse';
import { backlineLayout } from '../../drawings/backline-layout';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { Banner } from '../../ui/banner';
import { type LivePicture, useLive } from '../model/live-picture';
import { rowShown } from '../model/room-start';
import { type FitRoom } from '../model/use-room';
import { RoomBackline, type RoomBacklineProps } from './room-backline';
import { RoomViews, type RoomViewsProps } from './room-views';
import { HoldBanner, type LoadedVisit, formOfVisit } from '../../visit';

interface RoomTopProps {
  readonly live: LivePicture;
  readonly loaded: LoadedVisit;
  readonly visitId: string;
  readonly picture: SitPicture | null;
  readonly atMm: number;
  readonly onMove: (mm: number) => void;
}

export function RoomTop({ loaded, visitId, ...line }: RoomTopProps) {
  const { topline, landmarks, hold } = loaded.measured;
  const layout = useMemo(() => backlineLayout(topline.consensus, landmarks), [topline.consensus, landmarks]);
  const [width, onLayout] = useMeasuredWidth();
  return (
    <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule">
      {width > 0 ? <LiveBackline {...line} widthPx={width} layout={layout} landmarks={landmarks} held={hold.state === 'held'} /> : null}
      <HoldBanner visitId={visitId} hold={hold} />
    </YStack>
  );
}

const LiveBackline = ({ live, picture, ...rest }: RoomBacklineProps & { readonly live: LivePicture }) => (
  <RoomBackline {...rest} picture={useLive(live, picture)} />
);

/** The drawings, following what is being slid. */
const LiveViews = ({ live, picture, ...rest }: RoomViewsProps & { readonly live: LivePicture }) => (
  <RoomViews {...rest} picture={useLive(live, picture) ?? picture} />
);

interface RoomDrawingsProps {
  readonly fit: FitRoom;
  /** One at a time, on a phone; all beside each other where it isn't given. */
  readonly one?: RoomViewsProps['one'];
}

/** What is drawn of the room; nothing while nothing is laid on. */
export function RoomDrawings({ fit, one }: RoomDrawingsProps) {
  const { live, surface, loaded, picture, atMm, setAtMm, shownId, solidLost, loseSolid } = fit;
  const horse = useMemo(() => ({ form: formOfVisit(loaded), heightMm: loaded.page.horse.heightMm ?? USUAL_HEIGHT_MM }), [loaded]);
  if (picture === null) return null;
  const shown = rowShown(picture, shownId);
  const solid = { lost: solidLost, onLost: loseSolid };
  return (
    <LiveViews
      {...{ live, surface, measured: loaded.measured, picture, horse, atMm, onMove: setAtMm, shown, ...solid, ...(one && { one }) }}
    />
  );
}

/** What can't be said because it wasn't measured; the rest is said. */
export function MissingBanner({ input, picture }: { readonly input: BodyInput; readonly picture: SitPicture | null }) {
  const have = new Set(input.stations.map((s) => s.station));
  const missing = WHOLE_SECTIONS.filter((s) => !have.has(s));
  const parts = [
    missing.length > 0 ? FIT_ROOM_PHRASES.notTracedThe(missing.map((s) => STATION_WORDS[s].peg).join(', ')) : null,
    input.topline === null ? FIT_ROOM_PHRASES.noToplineThe : null,
    picture !== null && picture.offTheBackShare > 0.05 ? FIT_ROOM_PHRASES.ofThePanels(Math.round(100 * picture.offTheBackShare)) : null,
  ].filter((p) => p !== null);
  return parts.length === 0 ? null : <Banner tone="lookOut">{parts.join(' ')}</Banner>;
}
