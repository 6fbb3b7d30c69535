import { XStack, YStack } from 'tamagui';
import { Stepper } from '../ui/stepper';
import { Small } from '../ui/text';
import { type DraftLine, withDrop } from './line-draft';

/** Drops below a level straight edge at distances from the zero mark; those not read are left out. */
export function DropsEntry({ draft, onChange }: { readonly draft: DraftLine; readonly onChange: (draft: DraftLine) => void }) {
  return (
    <YStack gap="$xs">
      <Small>A straight edge held level over the back: how far below it the spine lies. Three places are enough, more are better.</Small>
      {draft.drops.map((row, i) => (
        <XStack key={row.xMm} borderTopWidth={1} borderColor="$rule" alignItems="center" gap="$m">
          <Small width={110}>
            {Math.abs(row.xMm)} mm {row.xMm < 0 ? 'ahead' : 'behind'}
          </Small>
          <Stepper
            label={`Drop at ${row.xMm} mm`}
            shown="mm below"
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
