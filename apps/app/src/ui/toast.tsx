import { type ReactNode, useCallback } from 'react';
import { ToastProvider as Toasts, ToastViewport, Toast as Shown, useToastController, useToastState, XStack } from 'tamagui';
import { Body } from './text';

interface Toast {
  readonly text: string;
  readonly undo?: () => void;
}
const SHOWN_MS = 4500;

/** Says what just happened, with its undo. */
export function useToast(): (toast: Toast) => void {
  const { show } = useToastController();
  return useCallback(({ text, undo }: Toast) => void show(text, { customData: { undo }, duration: SHOWN_MS }), [show]);
}

/** One word at a time, above what is in the thumb's reach; read out, and swiped away. */
export function ToastProvider({ children }: { readonly children: ReactNode }) {
  return (
    <Toasts swipeDirection="horizontal" duration={SHOWN_MS} label="Said just now">
      {children}
      <ShownToast />
      <ToastViewport bottom={96} left={16} right={16} alignItems="center" />
    </Toasts>
  );
}

function ShownToast() {
  const now = useToastState();
  if (now === null || now.isHandledNatively) return null;
  const undo = now.customData?.undo as Toast['undo'];
  return (
    <Shown
      key={now.id}
      duration={now.duration}
      backgroundColor="$ink"
      borderRadius={14}
      paddingHorizontal="$l"
      paddingVertical="$s"
      maxWidth={560}
    >
      <XStack alignItems="center" gap="$m">
        <Shown.Title color="$paper" flexShrink={1} fontSize="$body">
          {now.title}
        </Shown.Title>
        {undo === undefined ? null : (
          <Shown.Action
            altText="Undo"
            aria-label="Undo"
            minHeight={48}
            justifyContent="center"
            paddingHorizontal={12}
            backgroundColor="transparent"
            borderWidth={0}
            cursor="pointer"
            onPress={undo}
          >
            <Body color="$paper" fontWeight="700" textDecorationLine="underline">
              Undo
            </Body>
          </Shown.Action>
        )}
      </XStack>
    </Shown>
  );
}
