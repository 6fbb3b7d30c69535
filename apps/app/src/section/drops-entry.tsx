import { SECTION_PHRASES } from '../words/section-phrases';
import { type LengthUnit, fromMm, toMm } from '@fulcra/core';
import { useEffect } from 'react';
import { XStack, YStack } from 'tamagui';
import { useTapeUnit } from '../platform/use-tape-unit';
import { RunCellBox } from '../ui/run-cell';
import { type RunCell } from '../ui/run-order';
import { RunPad } from '../ui/run-pad';
import { useRunOn } from '../ui/use-run-on';
import { Small } from '../ui/text';
import { UNIT_DECIMALS, tapeNumber } from '../words/person-unit';
import { type DraftLine, withDrop } from './line-draft';

/** No spine lies further below a straight edge over its back, mm (default). */
const MOST_DROP_MM = 399;
const STEP: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 0.1, in: 0.05 };

export interface DropsEntryProps {
  readonly draft: DraftLine;
  readonly onChange: (draft: DraftLine) => void;
  readonly onTyping: (typing: boolean) => void;
}

/** Drops below a level straight edge at distances from the zero mark, typed one after the other; those not read are left out. */
export function DropsEntry({ draft, onChange, onTyping }: DropsEntryProps) {
  const [unit] = useTapeUnit();
  const cells = draft.drops.map(({ xMm, dropMm }, i): RunCell => ({
    id: String(i),
    label: SECTION_PHRASES.dropAtMm(xMm),
    unit,
    decimals: UNIT_DECIMALS[unit],
    value: dropMm === null ? null : tapeNumber(dropMm, unit),
    most: fromMm(MOST_DROP_MM, unit),
    step: STEP[unit],
  }));
  const run = useRunOn(cells, (id, value) => onChange(withDrop(draft, Number(id), { dropMm: value === null ? null : toMm(value, unit) })));
  const typing = run.typed !== '';
  useEffect(() => onTyping(typing), [typing, onTyping]);
  return (
    <YStack gap="$s" onKeyDown={run.onKeyDown}>
      <XStack flexWrap="wrap" rowGap="$xs">
        {cells.map((cell, i) => {
          const { xMm } = draft.drops[i]!;
          return (
            <XStack key={cell.id} width="33%" paddingHorizontal={2}>
              <RunCellBox cell={cell} run={run} note={SECTION_PHRASES.mm(Math.abs(xMm), xMm < 0 ? 'ahead' : 'behind')} />
            </XStack>
          );
        })}
      </XStack>
      <RunPad run={run} />
      <Small>{SECTION_PHRASES.aStraightEdge}</Small>
    </YStack>
  );
}
