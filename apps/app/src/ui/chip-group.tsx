import { XStack } from 'tamagui';
import { ToggleChip } from './toggle-chip';

export interface ChipGroupProps<T extends string> {
  /** What the group is about, as it is read out. */
  readonly label: string;
  readonly options: readonly T[];
  readonly words: Readonly<Record<T, string>>;
  readonly on: readonly T[];
  readonly gap?: '$xs' | '$s';
  readonly onPress: (option: T) => void;
}

/** Several of a few, all in sight. */
export const ChipGroup = <T extends string>({ label, options, words, on, gap = '$xs', onPress }: ChipGroupProps<T>) => (
  <XStack flexWrap="wrap" gap={gap} role="group" aria-label={label}>
    {options.map((option) => (
      <ToggleChip key={option} label={words[option]} on={on.includes(option)} onPress={() => onPress(option)} />
    ))}
  </XStack>
);

/** With it where it wasn't, without it where it was. */
export const toggled = <T,>(list: readonly T[], item: T): T[] => (list.includes(item) ? list.filter((x) => x !== item) : [...list, item]);
