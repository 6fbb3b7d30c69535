import { type LengthUnit, fromMm } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Stepper } from '../ui/stepper';
import { Small } from '../ui/text';
import { UNIT_DECIMALS } from '../words/measure-words';
import { type DraftTake, type WidthRow, isEmpty, withDepth, withGaugeDepths, withRowAdded, withRowRemoved, withWidth } from './draft-take';

const UNITS = [
  { value: 'mm', label: 'mm' },
  { value: 'cm', label: 'cm' },
  { value: 'in', label: 'inches' },
] as const;
const WAYS = [
  { value: 'sides', label: 'each side' },
  { value: 'across', label: 'across' },
] as const;
const STEP: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 0.1, in: 0.05 };
const DEPTH_STEP: Readonly<Record<LengthUnit, number>> = { mm: 5, cm: 0.5, in: 0.25 };
const MOST_ROWS = 6;

export interface WidthsEntryProps {
  readonly draft: DraftTake;
  readonly onChange: (draft: DraftTake) => void;
}

/** Half-widths at depths below the spine, near on the left and off on the right, by big numbers. */
export function WidthsEntry({ draft, onChange }: WidthsEntryProps) {
  return (
    <YStack gap="$s">
      <XStack justifyContent="space-between" flexWrap="wrap">
        <Choice label="Unit" value={draft.unit} options={UNITS} onChange={(unit) => onChange({ ...draft, unit })} />
        <Choice
          label="How widths are taken"
          value={draft.across ? 'across' : 'sides'}
          options={WAYS}
          onChange={(way) => onChange({ ...draft, across: way === 'across' })}
        />
      </XStack>
      {draft.across ? <Small>Across both sides tells nothing of near against off: the halves are taken as equal.</Small> : null}
      {draft.rows.map((row, i) => (
        <Row key={i} draft={draft} row={row} index={i} onChange={onChange} />
      ))}
      <XStack gap="$s" flexWrap="wrap">
        <Button kind="quiet" label="Both width gauges" off={!isEmpty(draft)} onPress={() => onChange(withGaugeDepths(draft))} />
        <Button kind="quiet" label="Add a depth" off={draft.rows.length >= MOST_ROWS} onPress={() => onChange(withRowAdded(draft))} />
        <Button
          kind="quiet"
          label="Remove the last depth"
          off={draft.rows.length <= 2}
          onPress={() => onChange(withRowRemoved(draft, draft.rows.length - 1))}
        />
      </XStack>
    </YStack>
  );
}

interface RowProps extends WidthsEntryProps {
  readonly row: WidthRow;
  readonly index: number;
}

function Row({ draft, row, index, onChange }: RowProps) {
  const { unit } = draft;
  const shown = (mm: number | null): number | null => (mm === null ? null : fromMm(mm, unit));
  const shared = { unit, step: STEP[unit], decimals: UNIT_DECIMALS[unit] };
  const across = row.nearMm === null || row.offMm === null ? null : row.nearMm + row.offMm;
  const name = `Depth ${index + 1}`;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
      <XStack justifyContent="center">
        <Stepper
          {...shared}
          step={DEPTH_STEP[unit]}
          shown={`${unit} below the spine`}
          label={`${name}, ${unit} below the spine`}
          value={shown(row.depthMm)}
          onChange={(v) => onChange(withDepth(draft, index, v))}
        />
      </XStack>
      <XStack justifyContent="center" gap="$s">
        {draft.across ? (
          <Stepper
            {...shared}
            shown="across"
            label={`${name}: across, ${unit}`}
            value={shown(across)}
            onChange={(v) => onChange(withWidth(draft, index, 'across', v))}
          />
        ) : (
          <>
            <Stepper
              {...shared}
              tone="near"
              shown="near"
              label={`${name}: near, ${unit}`}
              value={shown(row.nearMm)}
              onChange={(v) => onChange(withWidth(draft, index, 'near', v))}
            />
            <Stepper
              {...shared}
              tone="off"
              shown="off"
              label={`${name}: off, ${unit}`}
              value={shown(row.offMm)}
              onChange={(v) => onChange(withWidth(draft, index, 'off', v))}
            />
          </>
        )}
      </XStack>
    </YStack>
  );
}
