import { UI_PHRASES } from '../words/ui-phrases';
import { type Ref, useId } from 'react';
import { TextInput } from 'react-native';
import { YStack } from 'tamagui';
import { useLocked } from './locked';
import { Body, Small } from './text';
import { BODY_FONT } from './tokens';
import { usePalette } from './use-palette';

export interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onSubmit?: () => void;
  /** The focus has gone elsewhere. */
  readonly onLeave?: () => void;
  readonly hint?: string;
  readonly problem?: string | null | undefined;
  /** So that a form can bring the focus here. */
  readonly inputRef?: Ref<TextInput>;
  readonly kind?: 'text' | 'email' | 'password' | 'number' | 'search';
  readonly lines?: number;
  readonly autoFocus?: boolean;
  readonly hideLabel?: boolean;
  /** Without it the form is not taken; said at its label. */
  readonly needed?: boolean;
}

const MODE = { text: UI_PHRASES.text, email: 'email', password: 'text', number: 'decimal', search: 'search' } as const;

/** A labelled line to type in; its problem is read out with it. */
export function Field({
  label,
  value,
  onChange,
  onSubmit,
  onLeave,
  hint,
  problem,
  kind = 'text',
  lines = 1,
  autoFocus,
  hideLabel,
  needed = false,
  inputRef,
}: FieldProps) {
  const palette = usePalette();
  const note = useId();
  const locked = useLocked();
  return (
    <YStack gap="$xs">
      {hideLabel ? null : <LabelLine label={label} needed={needed} />}
      <TextInput
        ref={inputRef}
        aria-label={label}
        aria-describedby={problem || hint ? note : undefined}
        aria-invalid={Boolean(problem)}
        aria-required={needed}
        value={value}
        readOnly={locked}
        onChangeText={onChange}
        onSubmitEditing={onSubmit}
        onBlur={onLeave}
        autoFocus={autoFocus}
        inputMode={MODE[kind]}
        secureTextEntry={kind === 'password'}
        autoCapitalize={kind === 'email' || kind === 'password' ? 'none' : 'sentences'}
        multiline={lines > 1}
        numberOfLines={lines}
        placeholder={hideLabel ? label : undefined}
        placeholderTextColor={palette.muted}
        style={{
          minHeight: lines > 1 ? 24 * lines + 24 : 52,
          paddingHorizontal: 16,
          paddingVertical: 12,
          fontSize: 18,
          fontFamily: BODY_FONT,
          color: palette.ink,
          backgroundColor: palette.sheet,
          borderWidth: 2,
          borderColor: problem ? palette.bad : palette.ruleStrong,
          borderRadius: lines > 1 ? 14 : 26,
        }}
      />
      <NoteLine id={note} problem={problem} hint={hint} />
    </YStack>
  );
}

const LabelLine = ({ label, needed }: { readonly label: string; readonly needed: boolean }) => (
  <Body fontWeight="700">
    {label}
    {needed ? <Small> {UI_PHRASES.needed}</Small> : null}
  </Body>
);

interface NoteLineProps extends Pick<FieldProps, 'problem' | 'hint'> {
  readonly id: string;
}

/** What is wrong with it, else what helps. */
function NoteLine({ id, problem, hint }: NoteLineProps) {
  if (!problem && !hint) return null;
  return (
    <Small nativeID={id} id={id} role={problem ? 'alert' : undefined} color={problem ? '$bad' : '$muted'}>
      {problem ? `▲ ${problem}` : hint}
    </Small>
  );
}
