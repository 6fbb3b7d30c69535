import { SHAPE_PHRASES } from '../words/shape-phrases';
import { TRAITS, TRAIT_IDS, type TraitId, type TraitValue } from '@fulcra/core';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { UndoRedo } from '../ui/undo-redo';
import { Small, Strong } from '../ui/text';
import { TRAIT_WORDS, sourceWords } from '../words/shape-words';
import { Forecast } from './forecast';
import { SilhouetteButton } from './silhouette-button';
import { ThisHorse } from './this-horse';
import { closedBanner, nextStep, SkipStep, type LoadedVisit, useRecorded, useVisitPage, VisitBackline } from '../visit';

export function ShapeScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  return loaded === null ? <LoadState problem={problem} /> : <Shape visitId={visitId} loaded={loaded} />;
}

function Shape({ visitId, loaded: visit }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const { loaded, history } = useRecorded(visit);
  const next = nextStep(loaded, { step: 'shape' });
  return (
    <Screen
      title={loaded.page.horse.name}
      note={SHAPE_PHRASES.readTheShape}
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
      <Columns shares={[3, 2]}>
        <YStack gap="$m">
          {TRAIT_IDS.map((trait) => (
            <TraitRow key={trait} trait={trait} loaded={loaded} />
          ))}
        </YStack>
        <YStack gap="$l">
          <ThisHorse loaded={loaded} />
          <Forecast forecast={loaded.measured.forecast} />
          <SkipStep step="shape" loaded={loaded} />
        </YStack>
      </Columns>
    </Screen>
  );
}

function TraitRow({ trait, loaded: { page, measured, note, withdrawFact } }: { readonly trait: TraitId; readonly loaded: LoadedVisit }) {
  const known = measured.traits.find((t) => t.trait === trait);
  const choose = async (value: TraitValue) => {
    if (known?.source.from === 'chosen' && known.value === value) {
      const own = page.facts.filter((f) => !f.withdrawn && f.body.kind === 'trait' && f.body.trait === trait);
      for (const fact of own) await withdrawFact(fact.id);
    } else await note({ kind: 'trait', trait, value });
  };
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$xs">
      <XStack justifyContent="space-between" flexWrap="wrap">
        <Strong>{TRAIT_WORDS[trait]}</Strong>
        <Small color={measured.traitsDiffer.includes(trait) ? '$lookOut' : '$muted'}>
          {known === undefined ? SHAPE_PHRASES.byEye : sourceWords(known.source)}
          {measured.traitsDiffer.includes(trait) ? SHAPE_PHRASES.theTracingSays(MARK.lookOut) : ''}
        </Small>
      </XStack>
      <XStack flexWrap="wrap" role="group" aria-label={TRAIT_WORDS[trait]}>
        {TRAITS[trait].map((value) => (
          <SilhouetteButton key={value} trait={trait} value={value} chosen={known?.value === value} onPress={() => void choose(value)} />
        ))}
      </XStack>
    </YStack>
  );
}
