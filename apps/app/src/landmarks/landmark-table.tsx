import { type LandmarkReading, type Landmarks, SIDES, landmarkKey } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Heading, Small, Strong } from '../ui/text';
import { mmWords } from '../words/measure-words';
import { type LandmarkSlot, SLOTS, slotName } from './landmark-list';

export interface LandmarkTableProps {
  readonly readings: ReadonlyMap<string, LandmarkReading>;
  readonly landmarks: Landmarks;
  readonly chosen: LandmarkSlot;
  readonly onChoose: (slot: LandmarkSlot) => void;
}

/** All landmarks with their numbers; tap one to mark it, or to mark it again. */
export function LandmarkTable({ readings, landmarks, chosen, onChoose }: LandmarkTableProps) {
  return (
    <YStack gap="$m">
      <YStack>
        <Heading>What follows</Heading>
        {SIDES.map((side) => (
          <Small key={side}>
            Scapula travel {side}: {landmarks.scapula[side].travelMm === null ? 'not known yet' : mmWords(landmarks.scapula[side].travelMm)}
          </Small>
        ))}
        <Small>Scapula to last rib: {landmarks.lastRib.atMm === null ? 'not known yet' : mmWords(landmarks.lastRib.atMm)}</Small>
      </YStack>
      {(['places', 'edges'] as const).map((group) => (
        <YStack key={group}>
          <Heading>{group === 'places' ? 'Along the back' : 'Across the back'}</Heading>
          {SLOTS[group].map((slot) => {
            const reading = readings.get(landmarkKey(slot));
            const here = landmarkKey(slot) === landmarkKey(chosen);
            return (
              <XStack key={landmarkKey(slot)} borderTopWidth={1} borderColor="$rule">
                <Button
                  kind="quiet"
                  tight
                  grow
                  label={`${slotName(slot)}: ${reading === undefined ? 'not marked' : mmWords(reading.atMm)}`}
                  pressed={here}
                  onPress={() => onChoose(slot)}
                >
                  <XStack flex={1} justifyContent="space-between" gap="$s">
                    <Small flexShrink={1} color={here ? '$action' : '$ink'} fontWeight={here ? '700' : '400'}>
                      {slotName(slot)}
                    </Small>
                    <Strong flexShrink={0} color={reading === undefined ? '$muted' : '$ink'}>
                      {reading === undefined ? '○' : mmWords(reading.atMm)}
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
