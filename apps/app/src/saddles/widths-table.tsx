import { type SaddleFields } from '@fulcra/contract';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Body } from '../ui/text';
import { NumberRow } from './number-row';

/** The maker's own table: label and what it is as an angle. */
export function Widths({
  saddle,
  onChange,
  onHere,
}: {
  readonly saddle: SaddleFields;
  readonly onChange: (saddle: SaddleFields) => void;
  readonly onHere: () => void;
}) {
  const { front } = saddle;
  const put = (settings: SaddleFields['front']['settings'], presentSetting = front.presentSetting) =>
    onChange({ ...saddle, front: { ...front, settings, presentSetting: Math.min(presentSetting, settings.length - 1) } });
  const last = front.settings.at(-1)!;
  return (
    <YStack gap="$xs">
      <Body fontWeight="700">Widths: the maker’s label, and its angle</Body>
      {front.settings.map((setting, i) => (
        <XStack key={i} gap="$xs" alignItems="center" flexWrap="wrap">
          <YStack flex={1} minWidth={110}>
            <Field
              hideLabel
              label={`Label ${i + 1}`}
              value={setting.label}
              onChange={(label) => put(front.settings.map((s, k) => (k === i ? { ...s, label } : s)))}
            />
          </YStack>
          <YStack flex={2} minWidth={190}>
            <NumberRow
              name={i === front.presentSetting ? 'set now' : ''}
              unit="°"
              step={1}
              value={setting.includedAngleDeg}
              onTouch={() => {
                onHere();
                put(front.settings, i);
              }}
              onChange={(includedAngleDeg) =>
                put(
                  front.settings.map((s, k) => (k === i ? { ...s, includedAngleDeg } : s)),
                  i,
                )
              }
            />
          </YStack>
          {front.settings.length > 1 ? (
            <Button kind="quiet" tight label={`Remove width ${i + 1}`} onPress={() => put(front.settings.filter((_, k) => k !== i))}>
              <Body color="$action" fontWeight="700">
                Remove
              </Body>
            </Button>
          ) : null}
        </XStack>
      ))}
      <XStack>
        <Button
          tight
          label="Another width"
          onPress={() =>
            put([...front.settings, { label: `${front.settings.length + 1}`, includedAngleDeg: Math.min(150, last.includedAngleDeg + 5) }])
          }
        />
      </XStack>
    </YStack>
  );
}
