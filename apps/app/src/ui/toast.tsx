import { createContext, useCallback, useContext, useEffect, useState, type ReactNode } from 'react';
import { XStack } from 'tamagui';
import { Button } from './button';
import { Body } from './text';

interface Toast {
  readonly text: string;
  readonly undo?: () => void;
}
const ToastContext = createContext<(toast: Toast) => void>(() => {});
const SHOWN_MS = 4500;

/** Says what just happened, with its undo. */
export const useToast = () => useContext(ToastContext);

export function ToastProvider({ children }: { readonly children: ReactNode }) {
  const [toast, setToast] = useState<Toast | null>(null);
  const show = useCallback((next: Toast) => setToast(next), []);
  useEffect(() => {
    if (toast === null) return;
    const timer = setTimeout(() => setToast(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [toast]);
  return (
    <ToastContext.Provider value={show}>
      {children}
      {toast === null ? null : (
        <XStack position="absolute" bottom={96} left={16} right={16} justifyContent="center" pointerEvents="box-none" role="status">
          <XStack
            backgroundColor="$ink"
            borderRadius={14}
            paddingHorizontal="$l"
            paddingVertical="$s"
            alignItems="center"
            gap="$m"
            maxWidth={560}
          >
            <Body color="$paper" flexShrink={1}>
              {toast.text}
            </Body>
            {toast.undo ? (
              <Button
                kind="quiet"
                label="Undo"
                onPress={() => {
                  toast.undo?.();
                  setToast(null);
                }}
              >
                <Body color="$paper" fontWeight="700" textDecorationLine="underline">
                  Undo
                </Body>
              </Button>
            ) : null}
          </XStack>
        </XStack>
      )}
    </ToastContext.Provider>
  );
}
