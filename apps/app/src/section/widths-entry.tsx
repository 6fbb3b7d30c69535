import { SECTION_PHRASES } from '../words/section-phrases';
import { type LengthUnit, fromMm } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Stepper } from '../ui/stepper';
import { Small } from '../ui/text';
import { UNIT_DECIMALS } from '../words/measure-words';
import { type DraftTake, type WidthRow, isEmpty, withDepth, withGaugeDepths, withRowAdded, withRowRemoved, withWidth } from './draft-take';

const UNITS = [
  { value: 'mm', label: SECTION_PHRASES.mm2 },
  { value: 'cm', label: SECTION_PHRASES.cm },
  { value: 'in', label: SECTION_PHRASES.inches },
] as const;
const WAYS = [
  { value: 'sides', label: SECTION_PHRASES.eachSide },
  { value: 'across', label: SECTION_PHRASES.across },
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
        <Choice label={SECTION_PHRASES.unit} value={draft.unit} options={UNITS} onChange={(unit) => onChange({ ...draft, unit })} />
        <Choice
          label={SECTION_PHRASES.howWidthsAre}
          value={draft.across ? 'across' : 'sides'}
          options={WAYS}
          onChange={(way) => onChange({ ...draft, across: way === 'across' })}
        />
      </XStack>
      {draft.across ? <Small>{SECTION_PHRASES.acrossBothSides}</Small> : null}
      {draft.rows.map((row, i) => (
        <Row key={i} draft={draft} row={row} index={i} onChange={onChange} />
      ))}
      <XStack gap="$s" flexWrap="wrap">
        <Button
          kind="quiet"
          label={SECTION_PHRASES.bothWidthGauges}
          off={!isEmpty(draft)}
          onPress={() => onChange(withGaugeDepths(draft))}
        />
        <Button
          kind="quiet"
          label={SECTION_PHRASES.addADepth}
          off={draft.rows.length >= MOST_ROWS}
          onPress={() => onChange(withRowAdded(draft))}
        />
        <Button
          kind="quiet"
          label={SECTION_PHRASES.removeTheLast}
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
  const name = SECTION_PHRASES.depth(index + 1);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
      <XStack justifyContent="center">
        <Stepper
          {...shared}
          step={DEPTH_STEP[unit]}
          shown={SECTION_PHRASES.belowTheSpine(unit)}
          label={SECTION_PHRASES.belowTheSpine2(name, unit)}
          value={shown(row.depthMm)}
          onChange={(v) => onChange(withDepth(draft, index, v))}
        />
      </XStack>
      <XStack justifyContent="center" gap="$s">
        {draft.across ? (
          <Stepper
            {...shared}
            shown={SECTION_PHRASES.across}
            label={SECTION_PHRASES.across2(name, unit)}
            value={shown(across)}
            onChange={(v) => onChange(withWidth(draft, index, 'across', v))}
          />
        ) : (
          <>
            <Stepper
              {...shared}
              tone="near"
              shown={SECTION_PHRASES.near}
              label={SECTION_PHRASES.near2(name, unit)}
              value={shown(row.nearMm)}
              onChange={(v) => onChange(withWidth(draft, index, 'near', v))}
            />
            <Stepper
              {...shared}
              tone="off"
              shown={SECTION_PHRASES.off}
              label={SECTION_PHRASES.off2(name, unit)}
              value={shown(row.offMm)}
              onChange={(v) => onChange(withWidth(draft, index, 'off', v))}
            />
          </>
        )}
      </XStack>
    </YStack>
  );
}
