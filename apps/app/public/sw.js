/**
 * Keeps the application itself on the device, so that it opens in a barn without signal.
 * What is entered is not kept here: that is in the browser's own database, and goes to the server by itself.
 * The build writes in which files there are, and a version made from them.
 */
const VERSION = 'VERSION_OF_THE_BUILD';
const FILES = ['FILES_OF_THE_BUILD'];
const CACHE = `fulcra-shell-${VERSION}`;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(CACHE)
      .then((cache) => cache.addAll(FILES))
      .then(() => self.skipWaiting()),
  );
});

/** The shell before this one stays: a tab that still shows it may ask for one of its parts. */
self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => names.filter((name) => name.startsWith('fulcra-shell-') && name !== CACHE))
      .then((old) => Promise.all(old.slice(0, -1).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') event.respondWith(page());
  else event.respondWith(caches.match(request).then((kept) => kept ?? fetch(request)));
});

/** The one page that all addresses have, from this device first. */
async function page() {
  const kept = await caches.open(CACHE).then((cache) => cache.match('/'));
  return kept ?? fetch('/');
}
