import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type SaddleFields } from '@fulcra/contract';
import { STRAP_HANGS, STRAP_IDS } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Body } from '../ui/text';
import { STRAP_WORDS } from '../words/setup-words';
import { NumberRow, words } from './number-row';

export function Straps({ saddle, onChange }: { readonly saddle: SaddleFields; readonly onChange: (saddle: SaddleFields) => void }) {
  const { straps } = saddle.build;
  const put = (next: SaddleFields['build']['straps']) => onChange({ ...saddle, build: { ...saddle.build, straps: next } });
  const free = STRAP_IDS.filter((id) => !straps.some((s) => s.id === id));
  return (
    <YStack gap="$xs">
      {straps.map((strap) => (
        <YStack key={strap.id}>
          <NumberRow
            name={SADDLES_PHRASES.strapBehindThe(STRAP_WORDS[strap.id])}
            unit="mm"
            step={5}
            value={strap.xMm}
            onChange={(xMm) => put(straps.map((s) => (s.id === strap.id ? { ...s, xMm } : s)))}
          />
          <XStack alignItems="center" flexWrap="wrap">
            <Choice
              label={SADDLES_PHRASES.howTheStrap(strap.id)}
              value={strap.hang}
              options={words(STRAP_HANGS)}
              onChange={(hang) => put(straps.map((s) => (s.id === strap.id ? { ...s, hang } : s)))}
            />
            <Button
              kind="quiet"
              tight
              label={SADDLES_PHRASES.removeTheStrap(strap.id)}
              onPress={() => put(straps.filter((s) => s.id !== strap.id))}
            >
              <Body color="$action" fontWeight="700">
                {SADDLES_PHRASES.remove}
              </Body>
            </Button>
          </XStack>
        </YStack>
      ))}
      <XStack flexWrap="wrap" gap="$s">
        {free.map((id) => (
          <Button
            key={id}
            tight
            label={SADDLES_PHRASES.add(STRAP_WORDS[id])}
            onPress={() => put([...straps, { id, xMm: 100, yMm: 145, belowMm: 90, hang: id === 'rear' ? 'v' : 'fixed' }])}
          />
        ))}
      </XStack>
    </YStack>
  );
}
