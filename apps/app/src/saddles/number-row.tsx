import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type Ref, useId, useState } from 'react';
import { type TamaguiElement, XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { inPersonUnit } from '../ui/in-person-unit';
import { Icon } from '../ui/icons';
import { NumberPad } from '../ui/number-pad';
import { Body, Small, Strong } from '../ui/text';
import { usePalette } from '../ui/use-palette';

interface NumberRowProps {
  readonly name: string;
  readonly unit: string;
  readonly step: number;
  readonly value: number;
  readonly here?: boolean;
  /** Nobody measured it: what it may be, in words. */
  readonly unsure?: string | null;
  readonly problem?: string | undefined;
  /** So that a form can bring the focus to the number. */
  readonly numberRef?: Ref<TamaguiElement>;
  readonly onTouch?: () => void;
  readonly onChange: (value: number) => void;
}

const decimalsOf = (value: number): number => String(value).split('.')[1]?.length ?? 0;

/** Name, number and two steps; the number opens the pad. */
export function NumberRow({ name, unit, step, value, here = false, unsure = null, problem, numberRef, onTouch, onChange }: NumberRowProps) {
  const [pad, setPad] = useState(false);
  const palette = usePalette();
  const moved = (by: number) => {
    onTouch?.();
    onChange(Math.round((value + by) * 1000) / 1000);
  };
  const note = useId();
  const number = inPersonUnit(value, unit, decimalsOf(value));
  const shown = `${number.shown} ${number.unit}`;
  const told = unsure === null ? shown : `${shown}, ${unsure}`;
  return (
    <YStack>
      <XStack alignItems="center" borderTopWidth={1} borderColor={here ? '$action' : '$rule'} gap="$xs" role="group" aria-label={name}>
        <Body flex={1} fontWeight={here ? '700' : '400'} onPress={onTouch}>
          {name}
        </Body>
        <Button kind="quiet" tight label={SADDLES_PHRASES.less(name)} onPress={() => moved(-step)}>
          <Icon name="minus" color={palette.ink} size={20} />
        </Button>
        <Button
          kind="quiet"
          tight
          innerRef={numberRef}
          describedBy={problem === undefined ? undefined : note}
          label={SADDLES_PHRASES.typeIt(name, told)}
          onPress={() => {
            onTouch?.();
            setPad(true);
          }}
        >
          <YStack minWidth={64} alignItems="center">
            <Strong color={unsure === null ? '$ink' : '$muted'}>{shown}</Strong>
            {unsure === null ? null : <Small>{unsure}</Small>}
          </YStack>
        </Button>
        <Button kind="quiet" tight label={SADDLES_PHRASES.more(name)} onPress={() => moved(step)}>
          <Icon name="plus" color={palette.ink} size={20} />
        </Button>
        <NumberPad
          title={name}
          open={pad}
          start={number.start}
          onClose={() => setPad(false)}
          onDone={(typed) => onChange(number.kept(typed))}
        />
      </XStack>
      {problem === undefined ? null : (
        <Small id={note} role="alert" color="$bad">
          ▲ {problem}
        </Small>
      )}
    </YStack>
  );
}

export const Labelled = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <XStack alignItems="center" gap="$s" flexWrap="wrap">
    <Body color="$muted">{name}</Body>
    {children}
  </XStack>
);

export const words = <T extends string>(values: readonly T[]) =>
  values.map((value) => ({ value, label: value === 'none' ? SADDLES_PHRASES.noneBareBars : value }));
