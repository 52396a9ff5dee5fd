/// <reference lib="webworker" />
export {};

/* Keeps the pages a maker has open, so that a tablet that is reloaded without a network still shows its batch and records. */
declare const self: ServiceWorkerGlobalScope;

const PAGES = 'rendle-pages-4';
const PARTS = 'rendle-parts-4';
/** Pages that are wanted when the network is away, whether they were seen or not. */
const GUIDE = 'rendle-guide-4';
const MOST_PAGES = 60;

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) if (name !== PAGES && name !== PARTS && name !== GUIDE) await caches.delete(name);
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
    if (fresh.redirected && new URL(fresh.url).pathname === '/enter') {
      await caches.delete(PAGES);
      await caches.delete(GUIDE);
    } else if (fresh.ok && !fresh.redirected) {
      await keep(kept, request.url, fresh.clone());
      const keys = await kept.keys();
      for (const old of keys.slice(0, Math.max(0, keys.length - MOST_PAGES))) await kept.delete(old);
    }
    return fresh;
  } catch (fault) {
    const known = (await kept.match(request.url)) ?? (await (await caches.open(GUIDE)).match(request.url));
    if (known) return known;
    throw fault;
  }
}

/** Keeps pages that nobody has opened yet, one after another; those that are there stay. */
async function keepAhead(addresses: readonly string[]): Promise<void> {
  const kept = await caches.open(GUIDE);
  for (const address of addresses) {
    const url = new URL(address, self.location.origin);
    if (url.origin !== self.location.origin || (await kept.match(url.href))) continue;
    const fresh = await fetch(url.href).catch(() => null);
    if (!fresh?.ok || fresh.redirected) return;
    await keep(kept, url.href, fresh);
  }
}

self.addEventListener('message', (event) => {
  const addresses: unknown = (event.data as { readonly keepAhead?: unknown } | null)?.keepAhead;
  if (Array.isArray(addresses)) event.waitUntil(keepAhead(addresses.map(String)));
});

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
