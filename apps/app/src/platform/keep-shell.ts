/** Keeps the application on this device; a development server's pages change too often for that. */
export function keepShell(): void {
  if (__DEV__ || !('serviceWorker' in navigator)) return;
  navigator.serviceWorker
    .register('/sw.js')
    .catch((error: unknown) => console.error('The application could not be kept for use without signal.', error));
}
