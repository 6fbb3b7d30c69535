import { UI_PHRASES } from '../words/ui-phrases';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { inPersonUnit } from './in-person-unit';
import { Icon } from './icons';
import { Button } from './button';
import { NumberPad } from './number-pad';
import { Big, Small } from './text';
import { usePalette } from './use-palette';

export interface StepperProps {
  readonly label: string;
  /** What is seen over the number, where the place says the rest. */
  readonly shown?: string;
  readonly value: number | null;
  readonly unit: string;
  readonly step: number;
  readonly decimals: number;
  readonly onChange: (value: number) => void;
  readonly least?: number;
  readonly tone?: 'ink' | 'near' | 'off';
}

/** Minus, the number, plus. Tapping the number opens the pad. */
export function Stepper({ label, shown: caption = label, value, unit, step, decimals, onChange, least = 0, tone = 'ink' }: StepperProps) {
  const [padOpen, setPadOpen] = useState(false);
  const palette = usePalette();
  const moved = (by: number) => onChange(Math.max(least, Math.round(((value ?? 0) + by) * 1000) / 1000));
  const number = inPersonUnit(value, unit, decimals);
  const shown = number.shown ?? 'tap';
  return (
    <YStack alignItems="center" gap="$xs" flex={1} minWidth={0}>
      <Small color={`$${tone}`} fontWeight="700">
        {caption}
      </Small>
      <XStack alignItems="center" justifyContent="space-between" width="100%" maxWidth={220}>
        <Button label={UI_PHRASES.less(label)} kind="quiet" onPress={() => moved(-step)}>
          <Icon name="minus" color={palette.ink} size={22} />
        </Button>
        <Button label={UI_PHRASES.typeIt(label, shown, number.unit)} kind="quiet" onPress={() => setPadOpen(true)}>
          <Big color={value === null ? '$muted' : `$${tone}`}>{shown}</Big>
        </Button>
        <Button label={UI_PHRASES.more(label)} kind="quiet" onPress={() => moved(step)}>
          <Icon name="plus" color={palette.ink} size={22} />
        </Button>
      </XStack>
      <NumberPad
        title={label}
        open={padOpen}
        start={number.start}
        onClose={() => setPadOpen(false)}
        onDone={(typed) => onChange(number.kept(typed))}
      />
    </YStack>
  );
}
