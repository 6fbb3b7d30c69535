import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type SaddleFields } from '@fulcra/contract';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Body } from '../ui/text';
import { taken, unsureWords } from './how-known';
import { NumberRow } from './number-row';

interface WidthsProps {
  readonly saddle: SaddleFields;
  readonly onChange: (saddle: SaddleFields) => void;
  readonly onHere: () => void;
}

type Width = SaddleFields['front']['settings'][number];
/** One width up, where nothing else is known, degrees; and the widest there is. */
const NEXT_WIDTH = { stepDeg: 5, mostDeg: 150 } as const;

/** The maker's own table: label and what it is as an angle. */
export function Widths({ saddle, onChange, onHere }: WidthsProps) {
  const { front } = saddle;
  const put = (settings: Width[], presentSetting = front.presentSetting, measured = false) => {
    const next = { ...saddle, front: { ...front, settings, presentSetting: Math.min(presentSetting, settings.length - 1) } };
    onChange(measured ? taken(next, 'includedAngleDeg') : next);
  };
  const changed = (at: number, change: Partial<Width>): Width[] => front.settings.map((s, k) => (k === at ? { ...s, ...change } : s));
  const wider = Math.min(NEXT_WIDTH.mostDeg, front.settings.at(-1)!.includedAngleDeg + NEXT_WIDTH.stepDeg);
  return (
    <YStack gap="$xs">
      <Body fontWeight="700">{SADDLES_PHRASES.widthsTheMakers}</Body>
      {front.settings.map((setting, i) => (
        <WidthRow
          key={i}
          setting={setting}
          number={i + 1}
          present={i === front.presentSetting}
          onLabel={(label) => put(changed(i, { label }))}
          onTouch={() => {
            onHere();
            put(front.settings, i);
          }}
          unsure={unsureWords(saddle, 'includedAngleDeg', '°')}
          onAngle={(includedAngleDeg) => put(changed(i, { includedAngleDeg }), i, true)}
          onRemove={front.settings.length > 1 ? () => put(front.settings.filter((_, k) => k !== i)) : null}
        />
      ))}
      <XStack>
        <Button
          tight
          label={SADDLES_PHRASES.anotherWidth}
          onPress={() => put([...front.settings, { label: `${front.settings.length + 1}`, includedAngleDeg: wider }])}
        />
      </XStack>
    </YStack>
  );
}

interface WidthRowProps {
  readonly setting: Width;
  readonly number: number;
  readonly present: boolean;
  readonly unsure: string | null;
  readonly onLabel: (label: string) => void;
  readonly onTouch: () => void;
  readonly onAngle: (includedAngleDeg: number) => void;
  readonly onRemove: (() => void) | null;
}

function WidthRow({ setting, number, present, unsure, onLabel, onTouch, onAngle, onRemove }: WidthRowProps) {
  return (
    <XStack gap="$xs" alignItems="center" flexWrap="wrap">
      <YStack flex={1} minWidth={110}>
        <Field hideLabel label={SADDLES_PHRASES.label(number)} value={setting.label} onChange={onLabel} />
      </YStack>
      <YStack flex={2} minWidth={190}>
        <NumberRow
          name={present ? SADDLES_PHRASES.setNow : ''}
          unit="°"
          step={1}
          value={setting.includedAngleDeg}
          unsure={unsure}
          onTouch={onTouch}
          onChange={onAngle}
        />
      </YStack>
      {onRemove === null ? null : (
        <Button kind="quiet" tight label={SADDLES_PHRASES.removeWidth(number)} onPress={onRemove}>
          <Body color="$action" fontWeight="700">
            {SADDLES_PHRASES.remove}
          </Body>
        </Button>
      )}
    </XStack>
  );
}
