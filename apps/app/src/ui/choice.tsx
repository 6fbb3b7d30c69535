import { XStack } from 'tamagui';
import { Button } from './button';
import { Body } from './text';

export interface ChoiceProps<T extends string> {
  readonly label: string;
  /** Empty while nothing is chosen. */
  readonly value: T | '';
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
}

/** One of a few, all in sight. */
export function Choice<T extends string>({ label, value, options, onChange }: ChoiceProps<T>) {
  return (
    <XStack role="group" aria-label={label} flexWrap="wrap">
      {options.map((option) => {
        const chosen = option.value === value;
        return (
          <XStack key={option.value} borderBottomWidth={3} borderColor={chosen ? '$action' : 'transparent'}>
            <Button kind="quiet" tight label={option.label} pressed={chosen} onPress={() => onChange(option.value)}>
              <Body fontWeight={chosen ? '700' : '400'} color={chosen ? '$action' : '$ink'}>
                {option.label}
              </Body>
            </Button>
          </XStack>
        );
      })}
    </XStack>
  );
}
