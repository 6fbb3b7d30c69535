import { UI_PHRASES } from '../words/ui-phrases';
import { useEffect, useState } from 'react';
import { XStack } from 'tamagui';
import { Button } from './button';
import { afterKey } from './run-order';
import { Sheet } from './sheet';
import { Big, Body } from './text';

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', '⌫'] as const;
const NAMES: Readonly<Record<string, string>> = { '.': UI_PHRASES.point, '⌫': UI_PHRASES.rubOut };
/** Digits typed are for the pad, whichever of its buttons has the focus. */
const BEFORE_BUTTONS = { capture: true };

export interface NumberPadProps {
  readonly title: string;
  readonly open: boolean;
  readonly start: number | null;
  readonly onClose: () => void;
  readonly onDone: (value: number) => void;
}

/** Big keys for cold fingers; a keyboard's digits work too. */
export function NumberPad({ title, open, start, onClose, onDone }: NumberPadProps) {
  return (
    <Sheet title={title} open={open} onClose={onClose}>
      {open ? <Pad start={start} onClose={onClose} onDone={onDone} /> : null}
    </Sheet>
  );
}

function Pad({ start, onClose, onDone }: Pick<NumberPadProps, 'start' | 'onClose' | 'onDone'>) {
  const [typed, setTyped] = useState('');
  const press = (key: string) => setTyped((before) => afterKey(before, key));
  const done = () => {
    if (typed !== '' && Number.isFinite(Number(typed))) onDone(Number(typed));
    onClose();
  };
  useEffect(() => {
    const type = (event: KeyboardEvent) => {
      if (event.key === 'Enter' && typed !== '') done();
      else if (event.key === 'Backspace') press('⌫');
      else if (/^[0-9.,]$/.test(event.key)) press(event.key.replace(',', '.'));
      else return;
      event.preventDefault();
      event.stopPropagation();
    };
    window.addEventListener('keydown', type, BEFORE_BUTTONS);
    return () => window.removeEventListener('keydown', type, BEFORE_BUTTONS);
  });
  return (
    <>
      <XStack justifyContent="center" alignItems="baseline" gap="$s" minHeight={48}>
        <Big>{typed === '' ? '–' : typed}</Big>
        {typed === '' && start !== null ? <Body color="$muted">{UI_PHRASES.was(start)}</Body> : null}
      </XStack>
      <XStack flexWrap="wrap" gap="$s" justifyContent="center">
        {KEYS.map((key) => (
          <XStack key={key} width="30%">
            <Button grow label={NAMES[key] ?? key} onPress={() => press(key)}>
              <Big>{key}</Big>
            </Button>
          </XStack>
        ))}
      </XStack>
      <Button kind="main" label={UI_PHRASES.done} onPress={done} />
    </>
  );
}
