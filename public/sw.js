/* Keeps the pages a maker has open, so that a tablet that is reloaded without a network still shows its batch and records. */
const PAGES = 'rendle-pages-3';
const PARTS = 'rendle-parts-3';
const MOST_PAGES = 60;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) if (name !== PAGES && name !== PARTS) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

/** The page from the shop, kept for later; where the shop does not answer, as it was kept. */
async function page(request) {
  const kept = await caches.open(PAGES);
  try {
    const fresh = await fetch(request);
    if (fresh.ok && !fresh.redirected) {
      await kept.put(request.url, fresh.clone());
      const keys = await kept.keys();
      for (const old of keys.slice(0, Math.max(0, keys.length - MOST_PAGES))) await kept.delete(old);
    }
    return fresh;
  } catch (error) {
    const known = await kept.match(request.url);
    if (known) return known;
    throw error;
  }
}

/** Parts of the app never change under their name. */
async function part(request) {
  const kept = await caches.open(PARTS);
  const known = await kept.match(request);
  if (known) return known;
  const fresh = await fetch(request);
  if (fresh.ok) await kept.put(request, fresh.clone());
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
