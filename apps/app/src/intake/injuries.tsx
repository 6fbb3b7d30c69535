import { useEffect, useRef } from 'react';
import { YStack } from 'tamagui';
import { useTypedText } from '../platform/use-typed-text';
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
  const { text, of, set, forget } = useTypedText(`injuries-${visitId}`, value);
  const say = useRef(() => {});
  say.current = () => {
    if (text === of) return;
    onSay(text);
    forget();
  };
  useEffect(() => () => say.current(), []);
  return (
    <YStack gap="$xs">
      <Field label={FIELD_WORDS.injuries} hideLabel lines={2} value={text} onChange={set} onLeave={() => say.current()} />
      {text === of ? null : <Button label={INTAKE_PHRASES.keepThis} onPress={() => say.current()} />}
    </YStack>
  );
}
