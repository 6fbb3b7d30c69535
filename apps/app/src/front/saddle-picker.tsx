import { FRONT_PHRASES } from '../words/front-phrases';
import { type Saddle } from '@fulcra/contract';
import { type RankedSaddle, bodyInputOf, describedOf, neutralWidth } from '@fulcra/core';
import { useMemo, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { HeldBanner } from '../tack';
import { type LoadedVisit } from '../visit';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body, Name, Small } from '../ui/text';
import { unmeasuredSentence } from '../words/saddle-measure-words';
import { headlineWords, TONE_OF } from '../words/verdict-words';
import { useFront } from '../engine/use-front';
import { type FrontSetup, RECOMMENDED } from './front-setup';

export interface SaddlePickerProps {
  readonly loaded: LoadedVisit;
  readonly saddles: readonly Saddle[];
  readonly setup: FrontSetup;
  readonly onChange: (setup: FrontSetup) => void;
}

const CHANGE_WORDS = {
  fixed: FRONT_PHRASES.oneWidthOnly,
  exchangeablePlate: FRONT_PHRASES.plateCanBe,
  workshop: FRONT_PHRASES.widthChangedIn,
} as const;

/** The stock, best first, each with every width it can be set to. */
export function SaddlePicker(props: SaddlePickerProps) {
  const [open, setOpen] = useState(false);
  const { saddles, setup, onChange } = props;
  const chosen = saddles.find((s) => s.id === setup.saddleId);
  return (
    <>
      <XStack alignItems="center" flexWrap="wrap">
        <Small>{FRONT_PHRASES.saddle}</Small>
        <Button
          kind="quiet"
          label={chosen ? FRONT_PHRASES.saddleChange(chosen.name) : FRONT_PHRASES.tryASaddle}
          onPress={() => setOpen(true)}
        >
          <Body fontWeight="700" textDecorationLine="underline">
            {chosen?.name ?? FRONT_PHRASES.tryASaddle}
          </Body>
        </Button>
        {chosen ? <Button kind="quiet" label={FRONT_PHRASES.withoutASaddle} onPress={() => onChange(RECOMMENDED)} /> : null}
      </XStack>
      <Sheet title={FRONT_PHRASES.theStockOn} open={open} onClose={() => setOpen(false)}>
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

function Stock({ loaded: { page, measured, front, school }, saddles, setup, onChange }: SaddlePickerProps) {
  const body = useMemo(() => bodyInputOf(measured, page.facts), [measured, page.facts]);
  const ranked = useFront<'rankSaddles'>({
    kind: 'rankSaddles',
    section: front.consensus!,
    saddles: saddles.map(describedOf),
    school,
    takenAtMm: front.takenAtMm,
    body,
  });
  if (ranked.state === 'failed') return <Body>{FRONT_PHRASES.theComputationStopped2(ranked.message)}</Body>;
  if (ranked.state !== 'done') return <Body role="status">{FRONT_PHRASES.layingSaddlesOn(saddles.length)}</Body>;
  if (saddles.length === 0) return <Body>{FRONT_PHRASES.thereIsNo}</Body>;
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
  const { atDepth } = ranked;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$m" gap="$xs">
      <Name>{saddle.name}</Name>
      <HeldBanner id={saddle.id} />
      <Small>
        {saddle.maker}; {saddle.kind === 'western' ? FRONT_PHRASES.westernItsBars : ''}
        {CHANGE_WORDS[saddle.change]}
      </Small>
      {unmeasuredSentence(saddle).map((line) => (
        <Small key={line}>{line}</Small>
      ))}
      {atDepth === null ? null : (
        <Small>
          {FRONT_PHRASES.atPanelDepth(
            ranked.best.setting.label,
            atDepth.depthMm,
            saddle.front.frontPanelDepthMm,
            FRONT_PHRASES.withersMm(headlineWords(atDepth.judged.verdict), Math.round(atDepth.judged.laid.loadedMm)),
          )}
        </Small>
      )}
      {ranked.settings.map(({ index, setting, laid, verdict }) => {
        const tone = TONE_OF[verdict.severity];
        const { includedAngleDeg, spanAt100Mm } = neutralWidth(laid.arch);
        const notes = [index === present ? FRONT_PHRASES.setToThis : null, index === ranked.best.index ? FRONT_PHRASES.missesLeast : null]
          .filter(Boolean)
          .join(', ');
        const chosen = setup.saddleId === saddle.id && setup.setting === index;
        return (
          <Button
            key={index}
            kind="quiet"
            pressed={chosen}
            label={FRONT_PHRASES.at(saddle.name, setting.label, headlineWords(verdict))}
            onPress={() => onChoose(index)}
          >
            <XStack flex={1} gap="$s" alignItems="center">
              <Body color={tone === 'plain' ? '$muted' : `$${tone}`} aria-hidden>
                {MARK[tone]}
              </Body>
              <YStack flex={1}>
                <Body fontWeight={chosen || index === present ? '700' : '400'}>
                  {FRONT_PHRASES.mm(setting.label, Math.round(includedAngleDeg), Math.round(spanAt100Mm), notes ? ` (${notes})` : '')}
                </Body>
                <Small>{FRONT_PHRASES.withersMm(headlineWords(verdict), Math.round(laid.loadedMm))}</Small>
              </YStack>
            </XStack>
          </Button>
        );
      })}
    </YStack>
  );
}
