import { useState } from 'react';
import { XStack } from 'tamagui';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';

export interface PickerProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly onPick: (id: string) => void;
}

/** One of a list that may be long: what is chosen, and a sheet with the rest. */
export function Picker({ label, value, options, onPick }: PickerProps) {
  const [open, setOpen] = useState(false);
  const pick = (id: string): void => {
    onPick(id);
    setOpen(false);
  };
  return (
    <XStack alignItems="center" gap="$xs">
      <Small>{label}</Small>
      <Button kind="quiet" tight label={`${label}: ${value}`} onPress={() => setOpen(true)}>
        <Body fontWeight="700" color="$action" textDecorationLine="underline">
          {value}
        </Body>
      </Button>
      <Sheet title={label} open={open} onClose={() => setOpen(false)}>
        {options.map(({ id, name }) => (
          <Button key={id} label={name} onPress={() => pick(id)} />
        ))}
      </Sheet>
    </XStack>
  );
}
