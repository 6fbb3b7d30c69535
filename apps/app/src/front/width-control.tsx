import { FRONT_PHRASES } from '../words/front-phrases';
import { type Saddle } from '@fulcra/contract';
import { ARCH_LIMITS, neutralWidth, SPAN_DEPTH_MM } from '@fulcra/core';
import { Icon } from '../ui/icons';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Big, Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { SHAPE_WORDS } from '../words/verdict-words';
import { type FrontSetup, RECOMMENDED, type TriedFront } from './front-setup';

export interface WidthControlProps {
  readonly tried: TriedFront;
  readonly setup: FrontSetup;
  readonly saddle: Saddle | null;
  readonly onChange: (setup: FrontSetup) => void;
}

/** Narrower, the neutral width, wider: by degrees, or by the widths a saddle really has. */
export function WidthControl({ tried, setup, saddle, onChange }: WidthControlProps) {
  const palette = usePalette();
  const { includedAngleDeg, spanAt100Mm } = neutralWidth(tried.arch);
  const moved = (by: number): FrontSetup =>
    saddle === null ? { ...setup, includedAngleDeg: Math.round(includedAngleDeg) + by } : { ...setup, setting: setup.setting + by };
  const can = (by: number): boolean =>
    saddle === null
      ? includedAngleDeg + by >= ARCH_LIMITS.leastDeg && includedAngleDeg + by <= ARCH_LIMITS.mostDeg
      : saddle.front.settings[setup.setting + by] !== undefined;
  const changed = setup.saddleId === null && (setup.includedAngleDeg !== null || setup.shape !== null);
  return (
    <YStack gap="$xs">
      <XStack alignItems="center" justifyContent="space-between">
        <Button round label={FRONT_PHRASES.narrower} off={!can(-1)} onPress={() => onChange(moved(-1))}>
          <Icon name="minus" color={palette.ink} size={24} />
        </Button>
        <YStack alignItems="center" flex={1}>
          <Big>{FRONT_PHRASES.mm3(Math.round(includedAngleDeg), Math.round(spanAt100Mm))}</Big>
          <Small textAlign="center">
            {saddle === null
              ? FRONT_PHRASES.includedAngleAnd(SHAPE_WORDS[tried.arch.shape], SPAN_DEPTH_MM)
              : `${saddle.name}: ${saddle.maker} “${tried.label}”, ${SHAPE_WORDS[tried.arch.shape]}`}
          </Small>
        </YStack>
        <Button round label={FRONT_PHRASES.wider} off={!can(1)} onPress={() => onChange(moved(1))}>
          <Icon name="plus" color={palette.ink} size={24} />
        </Button>
      </XStack>
      {changed ? <Button kind="quiet" label={FRONT_PHRASES.backToThe} onPress={() => onChange(RECOMMENDED)} /> : null}
    </YStack>
  );
}
