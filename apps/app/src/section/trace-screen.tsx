import { SECTION_PHRASES } from '../words/section-phrases';
import { STATIONS, type Station, isLine } from '@fulcra/core';
import { router } from 'expo-router';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { LineEntry } from './line-entry';
import { SectionEntry } from './section-entry';
import { useVisitPage } from '../visit';

/** One station of the back: a section across it, or a line along it. */
export function TraceScreen({ visitId, station: named }: { readonly visitId: string; readonly station: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const station = STATIONS.find((s) => s === named);
  if (loaded === null) return <LoadState problem={problem} />;
  if (station === undefined) return <NoSuchStation visitId={visitId} />;
  const props = { visitId, loaded };
  return isLine(station) ? (
    <LineEntry key={station} {...props} station={station} />
  ) : (
    <SectionEntry key={station} {...props} station={station satisfies Station} />
  );
}

function NoSuchStation({ visitId }: { readonly visitId: string }) {
  return (
    <Screen title={SECTION_PHRASES.notHere} narrow>
      <EmptyState title={SECTION_PHRASES.aBackHas} text={SECTION_PHRASES.nothingIsLost}>
        <Button kind="main" label={SECTION_PHRASES.toTheVisit} onPress={() => router.replace(`/visits/${visitId}`)} />
      </EmptyState>
    </Screen>
  );
}
