import { Button } from './button';
import { Body } from './text';

/** One of several that may all be on; a tick says so, not colour alone. */
export function ToggleChip({ label, on, onPress }: { readonly label: string; readonly on: boolean; readonly onPress: () => void }) {
  return (
    <Button kind={on ? 'main' : 'second'} tight label={label} pressed={on} onPress={onPress}>
      <Body color={on ? '$onAction' : '$ink'} fontWeight={on ? '700' : '400'}>
        {on ? '✓ ' : ''}
        {label}
      </Body>
    </Button>
  );
}
