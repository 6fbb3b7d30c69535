import { FEEL_PHRASES } from '../words/feel-phrases';
import { type FeltSpot, PASS_IDS, nextPassUnder } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { UndoRedo } from '../ui/undo-redo';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small } from '../ui/text';
import { CAUTIONS, passName, passWords } from '../words/feel-words';
import { BellyLift } from './belly-lift';
import { FeelDrawing } from './feel-drawing';
import { FeelSheet } from './feel-sheet';
import { FoundList } from './found-list';
import { HoldPanel } from './hold-panel';
import { ALL_SPOTS, SPOTS_FROM_BELOW, SPOTS_ON_BACK } from './spot-places';
import { closedBanner, ConsequencesPart, nextStep, SkipStep, type LoadedVisit, useRecorded, useVisitPage, VisitBackline } from '../visit';

export function FeelScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  return loaded === null ? <LoadState problem={problem} /> : <Feel visitId={visitId} loaded={loaded} />;
}

function Feel({ visitId, loaded: visit }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const { loaded, history } = useRecorded(visit);
  const { page, note } = loaded;
  const [spot, setSpot] = useState<FeltSpot | null>(null);
  const shown = page.facts.some((f) => f.body.kind === 'cautionsShown');
  const next = nextStep(loaded, { step: 'feel' });
  return (
    <Screen
      title={page.horse.name}
      note={FEEL_PHRASES.feelTheBack}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
      closed={closedBanner(loaded)}
      bottom={
        <>
          <UndoRedo of={history} />
          <Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />
        </>
      }
    >
      <Columns>
        <YStack gap="$m">
          <ConsequencesPart loaded={loaded} only={['HANDLE_WITH_CARE']} />
          <WholePass loaded={loaded} />
          <Views loaded={loaded} onSpot={(at) => (loaded.closed ? undefined : setSpot(at))} />
        </YStack>
        <YStack gap="$l">
          <HoldPanel loaded={loaded} />
          <FoundList loaded={loaded} />
          <BellyLift loaded={loaded} />
          <SkipStep step="feel" loaded={loaded} />
        </YStack>
      </Columns>
      <FeelSheet spot={spot} loaded={loaded} onClose={() => setSpot(null)} />
      <Sheet title={FEEL_PHRASES.beforeTheFirst} open={!shown && !loaded.closed} onClose={() => void note({ kind: 'cautionsShown' })}>
        {CAUTIONS.map((text) => (
          <Banner key={text} tone="lookOut">
            {text}
          </Banner>
        ))}
        <Button kind="main" label={FEEL_PHRASES.understood} onPress={() => void note({ kind: 'cautionsShown' })} />
      </Sheet>
    </Screen>
  );
}

/** One tap says that a whole pass brought nothing, wherever the last one brought nothing either. */
function WholePass({ loaded: { measured, note } }: { readonly loaded: LoadedVisit }) {
  const held = measured.hold.state === 'held';
  const next = ALL_SPOTS.map((spot) => ({ spot, pass: nextPassUnder(spot, measured.feelings, held) }));
  const pass = PASS_IDS.find((id) => next.some((n) => n.pass === id));
  if (pass === undefined) return <Body>{held ? FEEL_PHRASES.heldNoFirmer : FEEL_PHRASES.everyPlaceHas}</Body>;
  const spots = next.filter((n) => n.pass === pass).map(({ spot }) => spot);
  return (
    <YStack gap="$xs">
      <Small>{passWords(pass)}</Small>
      <XStack>
        <Button
          grow
          label={FEEL_PHRASES.passNothingAt(
            passName(pass),
            spots.length === ALL_SPOTS.length ? FEEL_PHRASES.anyPlace : FEEL_PHRASES.theOtherPlaces(spots.length),
          )}
          onPress={() => void note({ kind: 'feel', spots, pass, reaction: 'none', signs: [] }, FEEL_PHRASES.passKept(passName(pass)))}
        />
      </XStack>
      <Small>{FEEL_PHRASES.somethingThereTap}</Small>
    </YStack>
  );
}

function Views({ loaded, onSpot }: { readonly loaded: LoadedVisit; readonly onSpot: (spot: FeltSpot) => void }) {
  const { feelings } = loaded.measured;
  return (
    <YStack gap="$m">
      <Heading>{FEEL_PHRASES.theBackFrom}</Heading>
      <FeelDrawing heightPx={490} view="above" places={SPOTS_ON_BACK} feelings={feelings} onSpot={onSpot} />
      <Heading>{FEEL_PHRASES.girthAndSternum}</Heading>
      <FeelDrawing heightPx={200} view="below" places={SPOTS_FROM_BELOW} feelings={feelings} onSpot={onSpot} />
    </YStack>
  );
}
