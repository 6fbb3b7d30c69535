import { type Saddle } from '@fulcra/contract';
import { type RankedSaddle, type SchoolId, type Section, neutralWidth } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body, Name, Small } from '../ui/text';
import { headlineWords, TONE_OF } from '../words/verdict-words';
import { useFront } from '../engine/use-front';
import { type FrontSetup, RECOMMENDED } from './front-setup';

export interface SaddlePickerProps {
  readonly section: Section;
  readonly takenAtMm: number;
  readonly schoolId: SchoolId;
  readonly saddles: readonly Saddle[];
  readonly setup: FrontSetup;
  readonly onChange: (setup: FrontSetup) => void;
}

const CHANGE_WORDS = {
  fixed: 'one width only',
  exchangeablePlate: 'plate can be changed',
  workshop: 'width changed in the workshop',
} as const;

/** The stock, best first, each with every width it can be set to. */
export function SaddlePicker(props: SaddlePickerProps) {
  const [open, setOpen] = useState(false);
  const { saddles, setup, onChange } = props;
  const chosen = saddles.find((s) => s.id === setup.saddleId);
  return (
    <>
      <XStack alignItems="center" flexWrap="wrap">
        <Small>Saddle</Small>
        <Button kind="quiet" label={chosen ? `Saddle: ${chosen.name}, change` : 'Try a saddle of the stock'} onPress={() => setOpen(true)}>
          <Body fontWeight="700" textDecorationLine="underline">
            {chosen?.name ?? 'Try a saddle of the stock'}
          </Body>
        </Button>
        {chosen ? <Button kind="quiet" label="Without a saddle" onPress={() => onChange(RECOMMENDED)} /> : null}
      </XStack>
      <Sheet title="The stock on this back" open={open} onClose={() => setOpen(false)}>
        {open ? (
          <Stock
            {...props}
            onChange={(next) => {
              onChange(next);
              setOpen(false);
            }}
          />
        ) : null}
      </Sheet>
    </>
  );
}

function Stock({ section, takenAtMm, schoolId, saddles, setup, onChange }: SaddlePickerProps) {
  const asked = saddles.map(({ id, front }) => ({ id, front }));
  const ranked = useFront<'rankSaddles'>({ kind: 'rankSaddles', section, saddles: asked, schoolId, takenAtMm });
  if (ranked.state === 'failed') return <Body>The computation stopped: {ranked.message}</Body>;
  if (ranked.state !== 'done') return <Body role="status">Laying {saddles.length} saddles on this back…</Body>;
  if (saddles.length === 0) return <Body>There is no saddle in the stock yet.</Body>;
  return ranked.answer.map((entry) => {
    const saddle = saddles.find((s) => s.id === entry.id)!;
    return (
      <StockEntry
        key={entry.id}
        saddle={saddle}
        ranked={entry}
        setup={setup}
        onChoose={(setting) => onChange({ ...RECOMMENDED, saddleId: saddle.id, setting })}
      />
    );
  });
}

interface EntryProps {
  readonly saddle: Saddle;
  readonly ranked: RankedSaddle;
  readonly setup: FrontSetup;
  readonly onChoose: (setting: number) => void;
}

function StockEntry({ saddle, ranked, setup, onChoose }: EntryProps) {
  const present = saddle.front.presentSetting;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$m" gap="$xs">
      <Name>{saddle.name}</Name>
      <Small>
        {saddle.maker}; {saddle.kind === 'western' ? 'western, its bars read at their front only; ' : ''}
        {CHANGE_WORDS[saddle.change]}
      </Small>
      {ranked.settings.map(({ index, setting, laid, verdict }) => {
        const tone = TONE_OF[verdict.severity];
        const { includedAngleDeg, spanAt100Mm } = neutralWidth(laid.arch);
        const notes = [index === present ? 'set to this now' : null, index === ranked.best.index ? 'misses least' : null]
          .filter(Boolean)
          .join(', ');
        const chosen = setup.saddleId === saddle.id && setup.setting === index;
        return (
          <Button
            key={index}
            kind="quiet"
            pressed={chosen}
            label={`${saddle.name} at ${setting.label}: ${headlineWords(verdict)}`}
            onPress={() => onChoose(index)}
          >
            <XStack flex={1} gap="$s" alignItems="center">
              <Body color={tone === 'plain' ? '$muted' : `$${tone}`} aria-hidden>
                {MARK[tone]}
              </Body>
              <YStack flex={1}>
                <Body fontWeight={chosen || index === present ? '700' : '400'}>
                  “{setting.label}” {Math.round(includedAngleDeg)}° · {Math.round(spanAt100Mm)} mm{notes ? ` (${notes})` : ''}
                </Body>
                <Small>
                  {headlineWords(verdict)} Withers {Math.round(laid.crownZMm)} mm.
                </Small>
              </YStack>
            </XStack>
          </Button>
        );
      })}
    </YStack>
  );
}
