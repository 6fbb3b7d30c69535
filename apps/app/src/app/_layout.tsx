import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { Slot } from 'expo-router';
import { useEffect } from 'react';
import { TamaguiProvider } from 'tamagui';
import { SessionProvider } from '../platform/session-context';
import { keepShell } from '../platform/keep-shell';
import { PERSIST, queryClient } from '../platform/query-client';
import { SyncProvider } from '../platform/use-sync';
import { askToKeep } from '../platform/space-left';
import { loadFonts } from '../ui/fonts';
import { config } from '../ui/tamagui.config';
import { ToastProvider } from '../ui/toast';
import { useAppearance } from '../ui/use-palette';
import { warmUpFront } from '../engine/use-front';

/** What is remembered from before may be a moment older than what was sent: it is shown, and asked again. */
const askAgain = () => queryClient.invalidateQueries();

export default function Layout() {
  const appearance = useAppearance();
  useEffect(() => {
    warmUpFront();
    keepShell();
    askToKeep();
    loadFonts().catch((error: unknown) => console.error('The typefaces did not load; the system one is used.', error));
  }, []);
  return (
    <TamaguiProvider config={config} defaultTheme={appearance}>
      <PersistQueryClientProvider client={queryClient} persistOptions={PERSIST} onSuccess={askAgain}>
        <ToastProvider>
          <SyncProvider queries={queryClient}>
            <SessionProvider>
              <Slot />
            </SessionProvider>
          </SyncProvider>
        </ToastProvider>
      </PersistQueryClientProvider>
    </TamaguiProvider>
  );
}
