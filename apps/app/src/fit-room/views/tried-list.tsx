import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { SCHOOLS, type TriedOnVisit, describedOf } from '@fulcra/core';
import { type Saddle } from '@fulcra/contract';
import { Pressable } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { XStack, YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { useSchools } from '../../platform/use-schools';
import { usePalette } from '../../ui/use-palette';
import { setupLine } from '../../words/setup-words';
import { criterionName } from '../../words/criterion-words';
import { PRESSURE_COLOURS, pressureStep, pressureSteps } from '../model/pressure-scale';

export interface TriedListProps {
  readonly tried: readonly TriedOnVisit[];
  readonly chosenId: string | null;
  readonly saddles: readonly Saddle[];
  readonly onPutOn: (tried: TriedOnVisit) => void;
  readonly onChoose: (tried: TriedOnVisit) => void;
  readonly onDrop: (tried: TriedOnVisit) => void;
}

/** What was kept of this visit's trying, best first, each with its small map. */
export function TriedList({ tried, chosenId, saddles, onPutOn, onChoose, onDrop }: TriedListProps) {
  if (tried.length === 0) return <Small>{FIT_ROOM_PHRASES.nothingKeptYet}</Small>;
  return (
    <YStack gap="$s">
      <Heading>{FIT_ROOM_PHRASES.triedBestFirst}</Heading>
      {tried.map((t) => {
        const saddle = saddles.find((s) => s.id === t.saddleId);
        const stops = t.missed.filter((m) => m.stops);
        return (
          <XStack key={t.id} gap="$m" borderTopWidth={1} borderColor="$rule" paddingTop="$s">
            <Pressable role="button" aria-label={FIT_ROOM_PHRASES.putOn(t.saddleName, t.widthLabel)} onPress={() => onPutOn(t)}>
              <ThumbMap tried={t} />
            </Pressable>
            <YStack flex={1} minWidth={0} gap="$xs">
              <Strong>
                {t.saddleName} “{t.widthLabel}”{t.id === chosenId ? FIT_ROOM_PHRASES.chosen2 : ''}
              </Strong>
              <Small>{saddle === undefined ? FIT_ROOM_PHRASES.noLongerIn : setupLine(describedOf(saddle), t.setup)}</Small>
              <Small color={stops.length > 0 ? '$bad' : '$muted'}>
                {stops.length > 0
                  ? FIT_ROOM_PHRASES.refused2(stops.map((m) => criterionName(m.id).toLowerCase()).join(', '))
                  : FIT_ROOM_PHRASES.score4(
                      t.score.toFixed(0),
                      t.missed.length === 0
                        ? FIT_ROOM_PHRASES.nothingMisses2
                        : FIT_ROOM_PHRASES.misses2(
                            t.missed
                              .slice(0, 2)
                              .map((m) => criterionName(m.id).toLowerCase())
                              .join(', '),
                          ),
                    )}
              </Small>
              <XStack flexWrap="wrap">
                <Quiet
                  label={FIT_ROOM_PHRASES.putOn2(t.saddleName, t.widthLabel)}
                  text={FIT_ROOM_PHRASES.putItOn}
                  onPress={() => onPutOn(t)}
                />
                <Quiet
                  label={FIT_ROOM_PHRASES.choose(t.saddleName, t.widthLabel)}
                  text={t.id === chosenId ? FIT_ROOM_PHRASES.specification : FIT_ROOM_PHRASES.choose2}
                  onPress={() => onChoose(t)}
                />
                <Quiet
                  label={FIT_ROOM_PHRASES.remove(t.saddleName, t.widthLabel)}
                  text={FIT_ROOM_PHRASES.remove2}
                  onPress={() => onDrop(t)}
                />
              </XStack>
            </YStack>
          </XStack>
        );
      })}
    </YStack>
  );
}

const Quiet = ({ label, text, onPress }: { readonly label: string; readonly text: string; readonly onPress: () => void }) => (
  <Button kind="quiet" tight label={label} onPress={onPress}>
    <Body color="$action" fontWeight="700">
      {text}
    </Body>
  </Button>
);

const THUMB_PX = { width: 96, height: 68 } as const;

/** The small map of a tried setting, in the steps of the school it was judged by. */
export function ThumbMap({ tried: { thumb, schoolId } }: { readonly tried: Pick<TriedOnVisit, 'thumb' | 'schoolId'> }) {
  const palette = usePalette();
  const steps = pressureSteps((useSchools().of(schoolId) ?? SCHOOLS[0]!).engine);
  const [w, h] = [THUMB_PX.width / thumb.columns, THUMB_PX.height / thumb.rows];
  return (
    <Svg width={THUMB_PX.width} height={THUMB_PX.height} aria-hidden>
      {thumb.kPa.map((kPa, k) =>
        kPa < 0 ? null : (
          <Rect
            key={k}
            x={(k % thumb.columns) * w}
            y={(thumb.rows - 1 - Math.floor(k / thumb.columns)) * h}
            width={w + 0.3}
            height={h + 0.3}
            fill={kPa > 0 ? PRESSURE_COLOURS[pressureStep(kPa, steps)]! : palette.rule}
          />
        ),
      )}
    </Svg>
  );
}
