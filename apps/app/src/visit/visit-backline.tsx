import { SECTION_STATIONS, type SectionStation } from '@fulcra/core';
import { router } from 'expo-router';
import { memo, useMemo } from 'react';
import { YStack } from 'tamagui';
import { Backline, type Peg } from '../drawings/backline';
import { backlineLayout } from '../drawings/backline-layout';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { HoldBanner } from './hold-banner';
import { useWide } from '../ui/use-wide';
import { STATION_WORDS } from '../words/station-words';
import { type LoadedVisit } from './use-visit-page';

export interface VisitBacklineProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly at?: SectionStation;
}

/** The backline as it heads every screen of a visit: tap a station to measure it. What holds the visit is said under it. */
export const VisitBackline = memo(function VisitBackline({ visitId, loaded, at }: VisitBacklineProps) {
  const [width, onLayout] = useMeasuredWidth();
  const wide = useWide();
  const { sections, topline, landmarks, hold } = loaded.measured;
  const layout = useMemo(() => backlineLayout(topline.consensus, landmarks), [topline.consensus, landmarks]);
  const shown = SECTION_STATIONS.filter((s) => !s.startsWith('extra') || sections[s].peg !== 'open' || at === s);
  const pegs: Peg[] = shown.map((id) => ({
    id,
    label: STATION_WORDS[id].peg,
    state: sections[id].peg,
    here: at === id,
    atMm: sections[id].takenAtMm,
  }));
  return (
    <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule">
      {width > 0 ? (
        <Backline
          widthPx={width}
          heightPx={wide ? 150 : 104}
          layout={layout}
          pegs={pegs}
          held={hold.state === 'held'}
          onPeg={(id) => router.navigate(`/visits/${visitId}/trace/${id}`)}
        />
      ) : null}
      <HoldBanner visitId={visitId} hold={hold} />
    </YStack>
  );
});
