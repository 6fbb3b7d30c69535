import { type ReactNode, useEffect } from 'react';
import { Modal, Pressable, View } from 'react-native';
import { ScrollView, XStack, YStack } from 'tamagui';
import { Button } from './button';
import { Heading } from './text';

export interface SheetProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** Comes up over the lower part of the screen; Escape, Back and a tap beside it close it. */
export function Sheet({ title, open, onClose, children }: SheetProps) {
  useEffect(() => {
    if (!open) return;
    const close = (event: KeyboardEvent) => event.key === 'Escape' && onClose();
    window.addEventListener('keydown', close);
    return () => window.removeEventListener('keydown', close);
  }, [open, onClose]);
  return (
    <Modal visible={open} transparent animationType="none" onRequestClose={onClose}>
      <View style={{ position: 'absolute', top: 0, bottom: 0, left: 0, right: 0, backgroundColor: 'rgba(20,20,16,0.45)' }} />
      <Pressable onPress={onClose} aria-hidden style={{ flex: 1 }} tabIndex={-1} />
      <YStack
        position="relative"
        zIndex={1}
        role="dialog"
        aria-label={title}
        backgroundColor="$paper"
        borderTopLeftRadius={20}
        borderTopRightRadius={20}
        maxHeight="85%"
        width="100%"
        maxWidth={720}
        marginHorizontal="auto"
      >
        <XStack padding="$l" paddingBottom="$s" alignItems="center">
          <Heading flex={1}>{title}</Heading>
          <Button kind="quiet" label="Close" onPress={onClose} />
        </XStack>
        <ScrollView tabIndex={0} role="region" aria-label={`${title}: content`}>
          <YStack paddingHorizontal="$l" paddingBottom="$xl" gap="$m">
            {children}
          </YStack>
        </ScrollView>
      </YStack>
    </Modal>
  );
}
