import { UI_PHRASES } from '../words/ui-phrases';
import { Toast as Toasts, type ToastItemRenderProps, toast } from '@tamagui/toast/v2';
import { type ReactNode } from 'react';
import { XStack } from 'tamagui';
import { Button } from './button';
import { Body } from './text';

interface Toast {
  readonly text: string;
  readonly undo?: () => void;
}
const SHOWN_MS = 4500;

const show = ({ text, undo }: Toast): void => void toast(text, { data: { undo } });
/** Says what just happened, with its undo. */
export const useToast = (): ((toast: Toast) => void) => show;

/** One word at a time, above what is in the thumb's reach; read out, and swiped away. */
export function ToastProvider({ children }: { readonly children: ReactNode }) {
  return (
    <>
      {children}
      <Toasts position="bottom-center" duration={SHOWN_MS} visibleToasts={1}>
        <Toasts.Viewport label={UI_PHRASES.saidJustNow} offset={{ bottom: 96, left: 16, right: 16 }}>
          <Toasts.List renderItem={(item) => <Said {...item} />} />
        </Toasts.Viewport>
      </Toasts>
    </>
  );
}

function Said({ toast: said, index, handleClose }: ToastItemRenderProps) {
  const undo = said.data?.undo as Toast['undo'];
  return (
    <Toasts.Item
      toast={said}
      index={index}
      backgroundColor="$ink"
      borderWidth={0}
      borderRadius={14}
      paddingHorizontal="$l"
      paddingVertical="$s"
      maxWidth={560}
    >
      <XStack alignItems="center" gap="$m">
        <Body color="$paper" flexShrink={1}>
          {said.title as string}
        </Body>
        {undo === undefined ? null : (
          <Button
            kind="quiet"
            label={UI_PHRASES.undo}
            onPress={() => {
              undo();
              handleClose();
            }}
          >
            <Body color="$paper" fontWeight="700" textDecorationLine="underline">
              {UI_PHRASES.undo}
            </Body>
          </Button>
        )}
      </XStack>
    </Toasts.Item>
  );
}
