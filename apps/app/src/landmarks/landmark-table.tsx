import { LANDMARKS_PHRASES } from '../words/landmarks-phrases';
import { type LandmarkSlot, type Landmarks, type SettledReading, SIDES, landmarkKey } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Heading, Small, Strong } from '../ui/text';
import { mmWords } from '../words/measure-words';
import { SLOTS, slotName } from './landmark-list';

export interface LandmarkTableProps {
  readonly readings: ReadonlyMap<string, SettledReading>;
  readonly landmarks: Landmarks;
  readonly chosen: LandmarkSlot;
  readonly onChoose: (slot: LandmarkSlot) => void;
}

/** All landmarks with their numbers; tap one to mark it, or to mark it again. */
export function LandmarkTable({ readings, landmarks, chosen, onChoose }: LandmarkTableProps) {
  return (
    <YStack gap="$m">
      <YStack>
        <Heading>{LANDMARKS_PHRASES.whatFollows}</Heading>
        {SIDES.map((side) => (
          <Small key={side}>
            {LANDMARKS_PHRASES.scapulaTravel(
              side,
              landmarks.scapula[side].travelMm === null ? LANDMARKS_PHRASES.notKnownYet : mmWords(landmarks.scapula[side].travelMm),
            )}
          </Small>
        ))}
        <Small>
          {LANDMARKS_PHRASES.scapulaToLast(
            landmarks.lastRib.atMm === null ? LANDMARKS_PHRASES.notKnownYet : mmWords(landmarks.lastRib.atMm),
          )}
        </Small>
      </YStack>
      {(['places', 'edges'] as const).map((group) => (
        <YStack key={group}>
          <Heading>{group === 'places' ? LANDMARKS_PHRASES.alongTheBack : LANDMARKS_PHRASES.acrossTheBack}</Heading>
          {SLOTS[group].map((slot) => {
            const reading = readings.get(landmarkKey(slot));
            const here = landmarkKey(slot) === landmarkKey(chosen);
            return (
              <XStack key={landmarkKey(slot)} borderTopWidth={1} borderColor="$rule">
                <Button
                  kind="quiet"
                  tight
                  grow
                  label={`${slotName(slot)}: ${reading === undefined ? LANDMARKS_PHRASES.notMarked : readWords(reading)}`}
                  pressed={here}
                  onPress={() => onChoose(slot)}
                >
                  <XStack flex={1} justifyContent="space-between" gap="$s">
                    <Small flexShrink={1} color={here ? '$action' : '$ink'} fontWeight={here ? '700' : '400'}>
                      {slotName(slot)}
                    </Small>
                    <Strong flexShrink={0} color={reading === undefined ? '$muted' : '$ink'}>
                      {reading === undefined ? '○' : readWords(reading)}
                    </Strong>
                  </XStack>
                </Button>
              </XStack>
            );
          })}
        </YStack>
      ))}
    </YStack>
  );
}

/** Where it was read, and how surely: "◐ 132 mm, by eye", "132 mm, 3 times within 4 mm". */
function readWords({ atMm, felt, times, spreadMm }: SettledReading): string {
  if (!felt) return `${HALF_PEG} ${mmWords(atMm)}, ${LANDMARKS_PHRASES.byEye}`;
  return times === 1 ? mmWords(atMm) : `${mmWords(atMm)}, ${LANDMARKS_PHRASES.timesWithin(times, mmWords(spreadMm))}`;
}

/** As a doubtful station is drawn on the backline. */
const HALF_PEG = '◐';
