import { YStack } from 'tamagui';
import { useSaidText } from '../platform/use-typed-text';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { FIELD_WORDS } from '../words/intake-words';
import { INTAKE_PHRASES } from '../words/intake-phrases';

interface InjuriesProps {
  readonly visitId: string;
  readonly value: string;
  readonly onSay: (value: string) => void;
}

/** Kept as typed; said of the horse as soon as the hand goes elsewhere, or the screen is left. */
export function Injuries({ visitId, value, onSay }: InjuriesProps) {
  const { text, of, set, say } = useSaidText(`injuries-${visitId}`, value, (said) => onSay(said));
  return (
    <YStack gap="$xs">
      <Field label={FIELD_WORDS.injuries} hideLabel lines={2} value={text} onChange={set} onLeave={say} />
      {text === of ? null : <Button label={INTAKE_PHRASES.keepThis} onPress={say} />}
    </YStack>
  );
}
