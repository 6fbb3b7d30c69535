import { type ReactNode, type Ref } from 'react';
import { type TamaguiElement, View, styled } from 'tamagui';
import { useLocked } from './locked';
import { Body } from './text';

const Frame = styled(View, {
  role: 'button',
  tabIndex: 0,
  flexDirection: 'row',
  alignItems: 'center',
  justifyContent: 'center',
  minHeight: 56,
  minWidth: 48,
  maxWidth: '100%',
  paddingHorizontal: 20,
  borderRadius: 999,
  borderWidth: 2,
  cursor: 'pointer',
  focusVisibleStyle: { outlineWidth: 3, outlineStyle: 'solid', outlineColor: '$lookOut', outlineOffset: 2 },
  pressStyle: { opacity: 0.75 },
  variants: {
    kind: {
      main: { backgroundColor: '$action', borderColor: '$action' },
      second: { backgroundColor: 'transparent', borderColor: '$ink' },
      quiet: { backgroundColor: 'transparent', borderColor: 'transparent', paddingHorizontal: 12, minHeight: 48 },
    },
    off: { true: { opacity: 0.45, cursor: 'default' } },
    grow: { true: { flex: 1 } },
    tight: { true: { paddingHorizontal: 8 } },
    low: { true: { minHeight: 48 } },
    round: { true: { width: 56, height: 56, paddingHorizontal: 0 } },
  } as const,
  defaultVariants: { kind: 'second' },
});

export interface ButtonProps {
  readonly children?: ReactNode;
  readonly label: string;
  readonly kind?: 'main' | 'second' | 'quiet';
  readonly onPress: () => void;
  readonly off?: boolean;
  readonly grow?: boolean;
  readonly round?: boolean;
  readonly tight?: boolean;
  /** No higher than a thumb needs, where many stand over one another. */
  readonly low?: boolean;
  readonly pressed?: boolean;
  readonly innerRef?: Ref<TamaguiElement> | undefined;
  /** Id of what is said about it, such as what is wrong with its value. */
  readonly describedBy?: string | undefined;
}

/** Round-ended, thumb-sized. The label is what is read out; children, if any, are what is seen. */
export function Button({
  children,
  label,
  kind = 'second',
  onPress,
  off: isOff = false,
  grow = false,
  round = false,
  tight = false,
  low = false,
  pressed,
  innerRef,
  describedBy,
}: ButtonProps) {
  const off = useLocked() || isOff;
  const press = () => {
    if (!off) onPress();
  };
  return (
    <Frame
      ref={innerRef}
      aria-describedby={describedBy}
      kind={kind}
      off={off}
      grow={grow}
      round={round}
      tight={tight}
      low={low}
      aria-label={label}
      aria-disabled={off}
      aria-pressed={pressed}
      onPress={press}
      onKeyDown={(event: { key: string; preventDefault: () => void }) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          press();
        }
      }}
    >
      {children ?? (
        <Body flexShrink={1} fontWeight="700" fontSize="$lead" color={kind === 'main' ? '$onAction' : '$ink'} textAlign="center">
          {label}
        </Body>
      )}
    </Frame>
  );
}
