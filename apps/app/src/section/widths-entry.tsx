import { SECTION_PHRASES } from '../words/section-phrases';
import { type LengthUnit, type NearOff, type Section, halfWidthAtMm, sideOutward } from '@fulcra/core';
import { useEffect } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { RunCellBox } from '../ui/run-cell';
import { RunPad } from '../ui/run-pad';
import { type RunOn, useRunOn } from '../ui/use-run-on';
import { type RunCell } from '../ui/run-order';
import { Small } from '../ui/text';
import { UNIT_CHOICES, onTape } from '../words/person-unit';
import { type DraftTake, isEmpty, withGaugeDepths, withRowAdded, withRowRemoved } from './draft-take';
import { type WidthPart, cellId, widthCells, withTyped } from './width-cells';

const WAYS = [
  { value: 'sides', label: SECTION_PHRASES.eachSide },
  { value: 'across', label: SECTION_PHRASES.across },
] as const;
const MOST_ROWS = 6;

export interface WidthsEntryProps {
  readonly draft: DraftTake;
  /** What this person's tape shows. */
  readonly unit: LengthUnit;
  readonly onUnit: (unit: LengthUnit) => void;
  readonly onChange: (draft: DraftTake) => void;
  /** A number is half typed, so that nothing is said about it yet. */
  readonly onTyping: (typing: boolean) => void;
  /** What stood here last time, to be seen beside. */
  readonly known: Section | null;
}

/** Half-widths at depths below the spine, near on the left and off on the right: typed one after the other in one pad. */
export function WidthsEntry({ draft, unit, onUnit, onChange, onTyping, known }: WidthsEntryProps) {
  const cells = widthCells(draft, unit);
  const run = useRunOn(cells, (id, value) => onChange(withTyped(draft, id, value, unit)));
  const typing = run.typed !== '';
  useEffect(() => onTyping(typing), [typing, onTyping]);
  return (
    <YStack gap="$s" onKeyDown={run.onKeyDown}>
      <Heads across={draft.across} unit={unit} />
      {draft.rows.map((row, i) => (
        <Row key={i} row={i} cells={cells} run={run} was={(side) => wasWords(known, side, row.depthMm, unit)} />
      ))}
      <RunPad run={run} />
      <XStack justifyContent="space-between" flexWrap="wrap">
        <Choice label={SECTION_PHRASES.unit} value={unit} options={UNIT_CHOICES} onChange={onUnit} />
        <Choice
          label={SECTION_PHRASES.howWidthsAre}
          value={draft.across ? 'across' : 'sides'}
          options={WAYS}
          onChange={(way) => onChange({ ...draft, across: way === 'across' })}
        />
      </XStack>
      {draft.across ? <Small>{SECTION_PHRASES.acrossBothSides}</Small> : null}
      <Depths draft={draft} onChange={onChange} />
    </YStack>
  );
}

const Heads = ({ across, unit }: { readonly across: boolean; readonly unit: LengthUnit }) => (
  <XStack aria-hidden>
    {[SECTION_PHRASES.belowTheSpine(unit), ...(across ? [SECTION_PHRASES.across] : [SECTION_PHRASES.near, SECTION_PHRASES.off])].map(
      (h) => (
        <Small key={h} flex={1} textAlign="center">
          {h}
        </Small>
      ),
    )}
  </XStack>
);

interface RowProps {
  readonly row: number;
  readonly cells: readonly RunCell[];
  readonly run: RunOn;
  readonly was: (side: NearOff) => string | undefined;
}

const PARTS: readonly WidthPart[] = ['depth', 'near', 'off', 'across'];

function Row({ row, cells, run, was }: RowProps) {
  return (
    <XStack gap="$s">
      {PARTS.map((part) => {
        const cell = cells.find((c) => c.id === cellId(row, part));
        if (cell === undefined) return null;
        const side = part === 'near' || part === 'off' ? part : null;
        return (
          <RunCellBox
            key={part}
            cell={cell}
            run={run}
            tone={part === 'depth' ? 'muted' : (side ?? 'ink')}
            note={side === null ? undefined : was(side)}
          />
        );
      })}
    </XStack>
  );
}

/** "last 78", where this depth was reached last time. */
function wasWords(known: Section | null, side: NearOff, depthMm: number, unit: LengthUnit): string | undefined {
  const mm = known === null ? null : halfWidthAtMm(sideOutward(known, side), depthMm);
  return mm === null ? undefined : SECTION_PHRASES.last(onTape(mm, unit));
}

function Depths({ draft, onChange }: Pick<WidthsEntryProps, 'draft' | 'onChange'>) {
  return (
    <XStack gap="$s" flexWrap="wrap">
      <Button kind="quiet" label={SECTION_PHRASES.bothWidthGauges} off={!isEmpty(draft)} onPress={() => onChange(withGaugeDepths(draft))} />
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
  );
}
