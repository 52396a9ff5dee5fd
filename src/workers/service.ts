/// <reference lib="webworker" />
export {};

/* Keeps the pages a maker has open, so that a tablet that is reloaded without a network still shows its batch and records. */
declare const self: ServiceWorkerGlobalScope;

const PAGES = 'rendle-pages-4';
const PARTS = 'rendle-parts-4';
const MOST_PAGES = 60;

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) if (name !== PAGES && name !== PARTS) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

/** Keeps an answer as far as there is room; a full device keeps none and still shows the page. */
async function keep(store: Cache, request: Request | string, answer: Response): Promise<void> {
  try {
    await store.put(request, answer);
  } catch {
    // Without room the page is simply not there without a network.
  }
}

/** The page from the shop, kept for later; where the shop does not answer, as it was kept. */
async function page(request: Request): Promise<Response> {
  const kept = await caches.open(PAGES);
  try {
    const fresh = await fetch(request);
    // A device that was sent away shows nothing of the shop any more, network or not.
    if (fresh.redirected && new URL(fresh.url).pathname === '/enter') await caches.delete(PAGES);
    else if (fresh.ok && !fresh.redirected) {
      await keep(kept, request.url, fresh.clone());
      const keys = await kept.keys();
      for (const old of keys.slice(0, Math.max(0, keys.length - MOST_PAGES))) await kept.delete(old);
    }
    return fresh;
  } catch (fault) {
    const known = await kept.match(request.url);
    if (known) return known;
    throw fault;
  }
}

/** Parts of the app never change under their name. */
async function part(request: Request): Promise<Response> {
  const kept = await caches.open(PARTS);
  const known = await kept.match(request);
  if (known) return known;
  const fresh = await fetch(request);
  if (fresh.ok) await keep(kept, request, fresh.clone());
  return fresh;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  // Workers of several kinds share one script and tell themselves apart by what follows its name, which a kept answer would lose.
  if (request.destination === 'worker') return;
  if (url.pathname.startsWith('/_next/static/')) event.respondWith(part(request));
  else if (request.mode === 'navigate' && !url.pathname.startsWith('/care/') && !url.pathname.startsWith('/api/'))
    event.respondWith(page(request));
});
