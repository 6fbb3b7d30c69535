import { BACK_PHRASES } from '../words/back-phrases';
import { type BackSurface, type Outcome, backSurface, measuredStations } from '@fulcra/core';
import { router } from 'expo-router';
import { Suspense, lazy, useMemo, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Small } from '../ui/text';
import { useWide } from '../ui/use-wide';
import { problemWords } from '../words/problem-words';
import { BackPlans } from './back-plans';
import { ChangeOverTime } from './change-over-time';
import { hasWebGl } from '../drawings/solid/has-web-gl';
import { ToplineReadout } from './topline-readout';
import { nextStep, type LoadedVisit, useVisitPage, VisitBackline } from '../visit';

/** The three-dimensional view is fetched only when it is opened. */
const Back3d = lazy(() => import('./back-3d'));
type View = 'solid' | 'plans' | 'change';

export function BackScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  return loaded === null ? <LoadState problem={problem} /> : <Back visitId={visitId} loaded={loaded} />;
}

function Back({ visitId, loaded }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const { page, measured } = loaded;
  const webGl = useMemo(hasWebGl, []);
  const [view, setView] = useState<View>(webGl ? 'solid' : 'plans');
  const surface = useMemo(() => backSurface({ stations: measuredStations(measured), topline: measured.topline.consensus }), [measured]);
  const next = nextStep(loaded);
  const options = [
    ...(webGl ? [{ value: 'solid' as const, label: BACK_PHRASES.fromEverySide }] : []),
    { value: 'plans' as const, label: BACK_PHRASES.topAndSide },
    { value: 'change' as const, label: BACK_PHRASES.changeOverTime },
  ];
  return (
    <Screen
      title={page.horse.name}
      note={BACK_PHRASES.theBackAs}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
      bottom={<Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />}
    >
      <Choice label={BACK_PHRASES.viewOfThe} value={view} options={options} onChange={setView} />
      {webGl ? null : <Small>{BACK_PHRASES.thisDeviceCant}</Small>}
      {view === 'change' ? (
        <ChangeOverTime horseId={page.horse.id} visitId={visitId} />
      ) : (
        <Surface loaded={loaded} surface={surface} view={view} onLost={() => setView('plans')} />
      )}
    </Screen>
  );
}

interface SurfaceProps {
  readonly loaded: LoadedVisit;
  readonly surface: Outcome<BackSurface>;
  readonly view: 'solid' | 'plans';
  readonly onLost: () => void;
}

function Surface({ loaded, surface, view, onLost }: SurfaceProps) {
  const [width, onLayout] = useMeasuredWidth();
  const wide = useWide();
  const [lost, setLost] = useState(false);
  if (!surface.ok) {
    return (
      <EmptyState title={BACK_PHRASES.noSurfaceYet} text={BACK_PHRASES.twoStationsMake(surface.problems.map(problemWords).join(' '))} />
    );
  }
  const { landmarks } = loaded.measured;
  const sparse = surface.value.sparse.some((s) => s === 1);
  return (
    <YStack gap="$m" onLayout={onLayout}>
      {width === 0 ? null : view === 'solid' ? (
        <Suspense fallback={<Body role="status">{BACK_PHRASES.fetchingTheView}</Body>}>
          <Back3d
            widthPx={width}
            heightPx={wide ? 460 : 360}
            surface={surface.value}
            landmarks={landmarks}
            onLost={() => {
              setLost(true);
              onLost();
            }}
          />
        </Suspense>
      ) : (
        <BackPlans widthPx={width} surface={surface.value} landmarks={landmarks} />
      )}
      {lost ? <Banner tone="lookOut">{BACK_PHRASES.theDeviceTook}</Banner> : null}
      {surface.value.hasTopline ? null : <Banner tone="lookOut">{BACK_PHRASES.noToplineYet}</Banner>}
      <XStack flexWrap="wrap" gap="$l">
        <Small>{BACK_PHRASES.stationsOffBy(surface.value.stationsMm.length, Math.max(...surface.value.uncertaintyMm).toFixed(0))}</Small>
        {sparse ? <Small>{BACK_PHRASES.paleAndDotted}</Small> : null}
      </XStack>
      <ToplineReadout measured={loaded.measured} />
    </YStack>
  );
}
