import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { type NumberSetting } from '@fulcra/core';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { Choice } from '../ui/choice';
import { Field } from '../ui/field';
import { Labelled, NumberRow } from './number-row';

interface SettableProps {
  readonly name: string;
  readonly setting: NumberSetting;
  readonly onChange: (setting: NumberSetting) => void;
}

const WAYS = [
  { value: 'fixed', label: SADDLES_PHRASES.no },
  { value: 'range', label: SADDLES_PHRASES.inARange },
  { value: 'options', label: SADDLES_PHRASES.toSomeValues },
] as const;

/** What a setting of another kind begins as, mm. */
const BEGIN: Readonly<Record<NumberSetting['kind'], (present: number) => NumberSetting>> = {
  fixed: (present) => ({ kind: 'fixed', present }),
  range: (present) => ({ kind: 'range', present, least: present - 4, most: present + 8, step: 4 }),
  options: (present) => ({ kind: 'options', present, options: [present] }),
};

/** Fixed, in steps through a range, or one of a list. */
export function Settable({ name, setting, onChange }: SettableProps) {
  return (
    <YStack gap="$xs">
      <Labelled name={SADDLES_PHRASES.canBeSet(name)}>
        <Choice
          label={SADDLES_PHRASES.canBeSet(name)}
          value={setting.kind}
          options={WAYS}
          onChange={(kind) => onChange(BEGIN[kind](setting.present))}
        />
      </Labelled>
      {setting.kind === 'range' ? <RangeRows name={name} setting={setting} onChange={onChange} /> : null}
      {setting.kind === 'options' ? <OptionsLine name={name} setting={setting} onChange={onChange} /> : null}
    </YStack>
  );
}

type Of<K extends NumberSetting['kind']> = Omit<SettableProps, 'setting'> & { readonly setting: Extract<NumberSetting, { kind: K }> };

function RangeRows({ name, setting, onChange }: Of<'range'>) {
  const row = (end: 'least' | 'most' | 'step') => (
    <NumberRow name={`${name}, ${end}`} unit="mm" step={1} value={setting[end]} onChange={(v) => onChange({ ...setting, [end]: v })} />
  );
  return (
    <>
      {row('least')}
      {row('most')}
      {row('step')}
    </>
  );
}

/** Typed with commas between; taken over as soon as every value is a number. */
function OptionsLine({ name, setting, onChange }: Of<'options'>) {
  const [list, setList] = useState(setting.options.join(', '));
  const type = (text: string): void => {
    setList(text);
    const options = optionsIn(text);
    if (options === null) return;
    onChange({ ...setting, options: options.includes(setting.present) ? options : [...options, setting.present] });
  };
  return <Field label={SADDLES_PHRASES.values(name)} value={list} onChange={type} hint={SADDLES_PHRASES.withCommasBetween} />;
}

function optionsIn(text: string): number[] | null {
  const options = text
    .split(/[\s,;]+/)
    .filter((t) => t !== '')
    .map(Number);
  return options.length > 0 && options.every(Number.isFinite) ? options : null;
}
