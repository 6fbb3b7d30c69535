import { isCurveAddress, reachableFrom } from '@fulcra/contract';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Heading, Small } from '../ui/text';
import { PRACTICE_PHRASES } from '../words/practice-phrases';

interface CurvePartProps {
  readonly address: string;
  readonly onAddress: (address: string) => void;
}

/** Where the practice's own curve sensor is. */
export function CurvePart({ address, onAddress }: CurvePartProps) {
  const [typed, setTyped] = useState(address);
  const read = typed.trim();
  const known = read === '' || isCurveAddress(read);
  const reachable = read === '' || reachableFrom(window.location.protocol === 'https:', read);
  return (
    <YStack gap="$xs">
      <Heading>{PRACTICE_PHRASES.curve}</Heading>
      <Field
        label={PRACTICE_PHRASES.curveAddress}
        value={typed}
        onChange={setTyped}
        hint={PRACTICE_PHRASES.curveHint}
        problem={known ? null : PRACTICE_PHRASES.curveUnknown}
      />
      {known && !reachable ? <Small color="$lookOut">{PRACTICE_PHRASES.curveNeedsSecure}</Small> : null}
      <Button label={PRACTICE_PHRASES.keepCurve} off={!known || read === address} onPress={() => onAddress(read)} />
    </YStack>
  );
}
