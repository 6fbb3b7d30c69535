import { PrecacheController } from 'workbox-precaching';
import { Route, registerRoute } from 'workbox-routing';

/**
 * Keeps the application itself on the device, so that it opens in a barn without signal.
 * What is entered is not kept here: that is in the browser's own database, and goes to the server by itself.
 * The build writes in which files there are, and a version made from them.
 */
const SHELL = 'fulcra-shell-';
const THIS_SHELL = `${SHELL}${VERSION_OF_THE_BUILD}`;
/** The one page that all addresses have. */
const PAGE = '/';

const shell = new PrecacheController({ cacheName: THIS_SHELL });
shell.addToCacheList(self.__WB_MANIFEST);

self.addEventListener('install', (event) => {
  shell.install(event);
  event.waitUntil(self.skipWaiting());
});

self.addEventListener('activate', (event) => {
  shell.activate(event);
  event.waitUntil(dropOldShells().then(() => self.clients.claim()));
});

/** The shell before this one stays: a tab that still shows it may ask for one of its parts. */
async function dropOldShells() {
  const names = await caches.keys();
  const old = names.filter((name) => name.startsWith(SHELL) && name !== THIS_SHELL);
  await Promise.all(old.slice(0, -1).map((name) => caches.delete(name)));
}

const ours = ({ url, sameOrigin }) => sameOrigin && !url.pathname.startsWith('/api/');
registerRoute(
  new Route(ours, async ({ request }) => {
    const kept = await shell.matchPrecache(request.mode === 'navigate' ? PAGE : request);
    return kept ?? (await caches.match(request)) ?? fetch(request);
  }),
);

/** What listens to a curve sensor says by its own answer which address it may open: fetched while there is signal, kept for the barn. */
const SENSOR = '/api/curve-sensor/worker.js';
const KEPT_SENSOR = 'fulcra-sensor';
registerRoute(
  new Route(
    ({ url, sameOrigin }) => sameOrigin && url.pathname === SENSOR,
    async ({ request }) => {
      try {
        const fresh = await fetch(request);
        if (fresh.ok) await (await caches.open(KEPT_SENSOR)).put(SENSOR, fresh.clone());
        return fresh;
      } catch {
        return (await caches.match(SENSOR, { cacheName: KEPT_SENSOR })) ?? Response.error();
      }
    },
  ),
);
