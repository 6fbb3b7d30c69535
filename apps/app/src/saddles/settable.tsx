import { type NumberSetting } from '@fulcra/core';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { Choice } from '../ui/choice';
import { Field } from '../ui/field';
import { Labelled, NumberRow } from './number-row';

/** Fixed, in steps through a range, or one of a list. */
export function Settable({
  name,
  setting,
  onChange,
}: {
  readonly name: string;
  readonly setting: NumberSetting;
  readonly onChange: (setting: NumberSetting) => void;
}) {
  const { present } = setting;
  const [list, setList] = useState(setting.kind === 'options' ? setting.options.join(', ') : '');
  const kinds = {
    fixed: () => ({ kind: 'fixed', present }),
    range: () => ({ kind: 'range', present, least: present - 4, most: present + 8, step: 4 }),
    options: () => ({ kind: 'options', present, options: [present] }),
  } as const;
  return (
    <YStack gap="$xs">
      <Labelled name={`${name} can be set`}>
        <Choice
          label={`${name} can be set`}
          value={setting.kind}
          options={[
            { value: 'fixed', label: 'no' },
            { value: 'range', label: 'in a range' },
            { value: 'options', label: 'to some values' },
          ]}
          onChange={(kind) => {
            const next = kinds[kind]() as NumberSetting;
            if (next.kind === 'options') setList(next.options.join(', '));
            onChange(next);
          }}
        />
      </Labelled>
      {setting.kind === 'range' ? (
        <>
          <NumberRow
            name={`${name}, least`}
            unit="mm"
            step={1}
            value={setting.least}
            onChange={(least) => onChange({ ...setting, least })}
          />
          <NumberRow name={`${name}, most`} unit="mm" step={1} value={setting.most} onChange={(most) => onChange({ ...setting, most })} />
          <NumberRow name={`${name}, step`} unit="mm" step={1} value={setting.step} onChange={(step) => onChange({ ...setting, step })} />
        </>
      ) : null}
      {setting.kind === 'options' ? (
        <Field
          label={`${name}, values`}
          value={list}
          onChange={(text) => {
            setList(text);
            const options = text
              .split(/[\s,;]+/)
              .filter((t) => t !== '')
              .map(Number);
            if (options.length > 0 && options.every(Number.isFinite))
              onChange({ ...setting, options: options.includes(present) ? options : [...options, present] });
          }}
          hint="With commas between, e.g. 8, 20, 35."
        />
      ) : null}
    </YStack>
  );
}
