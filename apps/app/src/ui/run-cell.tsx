import { YStack } from 'tamagui';
import { UI_PHRASES } from '../words/ui-phrases';
import { Button } from './button';
import { Body, Small } from './text';
import { type RunCell, asTyped } from './run-order';
import { type RunOn } from './use-run-on';

export interface RunCellBoxProps {
  readonly cell: RunCell;
  readonly run: RunOn;
  readonly tone?: 'ink' | 'near' | 'off' | 'muted';
  /** Under the number, such as what it was last time. */
  readonly note?: string | undefined;
}

/** One number of the run; tap it to type it. */
export function RunCellBox({ cell, run, tone = 'ink', note }: RunCellBoxProps) {
  const here = run.active?.id === cell.id;
  const stands = cell.value === null ? '–' : asTyped(cell.value, cell.decimals);
  const shown = here && run.typed !== '' ? run.typed : stands;
  return (
    <YStack flex={1} borderBottomWidth={3} borderColor={here ? '$action' : '$rule'}>
      <Button
        kind="quiet"
        tight
        grow
        pressed={here}
        label={UI_PHRASES.typeIt(cell.label, shown, cell.unit)}
        onPress={() => run.choose(cell.id)}
      >
        <YStack alignItems="center">
          <Body fontSize="$lead" fontWeight={here ? '700' : '400'} color={cell.value === null ? '$muted' : `$${tone}`}>
            {shown}
          </Body>
          {note === undefined ? null : <Small color="$muted">{note}</Small>}
        </YStack>
      </Button>
    </YStack>
  );
}
