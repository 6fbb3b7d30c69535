import { SECTION_PHRASES } from '../words/section-phrases';
import { XStack, YStack } from 'tamagui';
import { Stepper } from '../ui/stepper';
import { Small } from '../ui/text';
import { type DraftLine, withDrop } from './line-draft';

/** Drops below a level straight edge at distances from the zero mark; those not read are left out. */
export function DropsEntry({ draft, onChange }: { readonly draft: DraftLine; readonly onChange: (draft: DraftLine) => void }) {
  return (
    <YStack gap="$xs">
      <Small>{SECTION_PHRASES.aStraightEdge}</Small>
      {draft.drops.map((row, i) => (
        <XStack key={row.xMm} borderTopWidth={1} borderColor="$rule" alignItems="center" gap="$m">
          <Small width={110}>{SECTION_PHRASES.mm(Math.abs(row.xMm), row.xMm < 0 ? 'ahead' : 'behind')}</Small>
          <Stepper
            label={SECTION_PHRASES.dropAtMm(row.xMm)}
            shown={SECTION_PHRASES.mmBelow}
            unit="mm"
            value={row.dropMm}
            step={1}
            decimals={0}
            onChange={(dropMm) => onChange(withDrop(draft, i, { dropMm }))}
          />
        </XStack>
      ))}
    </YStack>
  );
}
