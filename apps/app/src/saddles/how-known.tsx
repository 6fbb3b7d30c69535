import { type SaddleFields } from '@fulcra/contract';
import { type UnmeasuredId, COMMON_RANGES, measureOf, rangeOf, withUnmeasured } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Choice } from '../ui/choice';
import { Small } from '../ui/text';
import { unmeasuredName } from '../words/saddle-measure-words';
import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { NumberRow } from './number-row';

export interface HowKnownProps {
  readonly id: UnmeasuredId;
  readonly unit: string;
  readonly saddle: SaddleFields;
  readonly put: (saddle: SaddleFields) => void;
}

const WAYS = [
  { value: 'measured', label: SADDLES_PHRASES.measured },
  { value: 'between', label: SADDLES_PHRASES.liesBetween },
  { value: 'default', label: SADDLES_PHRASES.notMeasured },
] as const;
type Way = (typeof WAYS)[number]['value'];

/** The same saddle with a number said to be measured, to lie between two, or to be unknown. */
const said = (saddle: SaddleFields, id: UnmeasuredId, as: Parameters<typeof withUnmeasured>[2]): SaddleFields => ({
  ...saddle,
  build: withUnmeasured(saddle.build, id, as),
});

/** A number that was typed or stepped is measured; one known to lie between two stays that, and widens where it must. */
export function taken(saddle: SaddleFields, id: UnmeasuredId): SaddleFields {
  const range = saddle.build.unmeasured?.[id];
  if (range === undefined) return saddle;
  if (range === 'default') return said(saddle, id, null);
  const value = measureOf(saddle, id);
  return said(saddle, id, [Math.min(range[0], value), Math.max(range[1], value)]);
}

/** "not measured", or between what it lies; null where it was measured. */
export function unsureWords({ build }: Pick<SaddleFields, 'build'>, id: UnmeasuredId, unit: string): string | null {
  const known = build.unmeasured?.[id];
  if (known === undefined) return null;
  return known === 'default' ? SADDLES_PHRASES.notMeasured : SADDLES_PHRASES.between(known[0], known[1], unit);
}

/** Whether a number was measured, or what it may be; said where it is in hand. */
export function HowKnown({ id, unit, saddle, put }: HowKnownProps) {
  const known = saddle.build.unmeasured?.[id];
  const way: Way = known === undefined ? 'measured' : known === 'default' ? 'default' : 'between';
  const name = unmeasuredName(id);
  const start = (): readonly [number, number] => {
    const [value, [least, most]] = [measureOf(saddle, id), COMMON_RANGES[id]];
    return [Math.min(least, value), Math.max(most, value)];
  };
  const choose = (next: Way): void => put(said(saddle, id, next === 'measured' ? null : next === 'default' ? 'default' : start()));
  const range = rangeOf(saddle, id);
  return (
    <YStack paddingLeft="$m">
      <Choice label={SADDLES_PHRASES.howKnown(name)} value={way} options={WAYS} onChange={choose} />
      {way === 'default' && range !== null ? <Small>{SADDLES_PHRASES.takenAsCommon(range[0], range[1], unit)}</Small> : null}
      {known === undefined || known === 'default' ? null : (
        <>
          <NumberRow
            name={SADDLES_PHRASES.atLeast(name)}
            unit={unit}
            step={1}
            value={known[0]}
            onChange={(v) => put(said(saddle, id, [v, known[1]]))}
          />
          <NumberRow
            name={SADDLES_PHRASES.atMost(name)}
            unit={unit}
            step={1}
            value={known[1]}
            onChange={(v) => put(said(saddle, id, [known[0], v]))}
          />
        </>
      )}
    </YStack>
  );
}
