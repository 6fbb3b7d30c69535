import { YStack, XStack } from 'tamagui';
import { Big, Small } from './text';
import { Button } from './button';
import { UI_PHRASES } from '../words/ui-phrases';
import { RUN_KEYS } from './run-order';
import { type RunOn } from './use-run-on';

const NAMES: Readonly<Record<string, string>> = {
  '.': UI_PHRASES.point,
  '⌫': UI_PHRASES.rubOut,
  '−': UI_PHRASES.oneLess,
  '+': UI_PHRASES.oneMore,
};

/** What still goes on in the number just left, though no other waits. */
const GOES_ON: readonly string[] = ['.', '−', '+'];

/** Big keys for cold fingers, always in the same place; what is typed stands in the cells above. */
export function RunPad({ run }: { readonly run: RunOn }) {
  const off = run.active === null;
  return (
    <YStack gap="$xs" role="group" aria-label={UI_PHRASES.keypad}>
      {run.active === null ? <Small role="status">{UI_PHRASES.allTyped}</Small> : null}
      <XStack flexWrap="wrap" rowGap="$xs">
        {RUN_KEYS.map((key) => (
          <XStack key={key} width="25%" paddingHorizontal={2}>
            <Button
              grow
              tight
              low
              kind="second"
              off={off && !(run.left && GOES_ON.includes(key))}
              label={NAMES[key] ?? key}
              onPress={() => run.press(key)}
            >
              <Big>{key}</Big>
            </Button>
          </XStack>
        ))}
        <XStack width="50%" paddingHorizontal={2}>
          <Button grow tight low label={UI_PHRASES.nextNumber} off={off} onPress={run.next} />
        </XStack>
      </XStack>
    </YStack>
  );
}
