/// <reference lib="webworker" />
import { AWAY_WORDS, type AwayWhy, waitingWords } from '@/messages/away';
import { benchStore } from '@/web/outbox-store';
import { DOOR_HEADER, ENTRANCE } from './door-names';

/* Keeps the pages a maker has open, so that a tablet that is reloaded without a network still shows its batch and records. */
declare const self: ServiceWorkerGlobalScope;

const PAGES = 'rendle-pages-4';
const PARTS = 'rendle-parts-4';
/** Pages that are wanted when the network is away, whether they were seen or not. */
const GUIDE = 'rendle-guide-4';
const MOST_PAGES = 60;
/** What is known of the shop's answers: when it last gave one, and whether that was to send this device away. */
const ABOUT = 'rendle-about';
const [ANSWERED, AWAY] = ['/answered', '/away'];
/** How long after the shop last answered cached pages are still shown, ms. */
const SHOWN_MS = 7 * 24 * 3_600_000;

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) if (![PAGES, PARTS, GUIDE, ABOUT].includes(name)) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

/** Caches an answer; on a full device it is only shown. */
async function keep(store: Cache, request: Request | string, answer: Response): Promise<void> {
  try {
    await store.put(request, answer);
  } catch {
    // Without room the page is missing when the network is.
  }
}

/** It is measured in days: written at most once a minute. */
const NOTED_EVERY_MS = 60_000;
let notedAt = 0;
/** Whether the open tabs were told that this device is sent away. */
let isTold = false;

/** Notes that the shop answered, and let this device in. */
async function noteAnswer(): Promise<void> {
  if (Date.now() - notedAt < NOTED_EVERY_MS && Date.now() >= notedAt) return;
  notedAt = Date.now();
  isTold = false;
  const about = await caches.open(ABOUT);
  await about.delete(AWAY);
  await keep(about, ANSWERED, new Response(String(Date.now())));
}

/** Whether the shop says that this device must give the passcode first. */
const isShut = (answer: Response): boolean => answer.headers.get(DOOR_HEADER) === 'shut';

/** Deletes all cached pages and tells every tab, once the device is sent away; pages for owners stay. */
async function closeDown(): Promise<void> {
  notedAt = 0;
  const before = isTold;
  isTold = true;
  const about = await caches.open(ABOUT);
  const wasTold = before || (await about.match(AWAY)) !== undefined;
  await keep(about, AWAY, new Response(''));
  for (const name of [PAGES, PARTS, GUIDE]) await caches.delete(name);
  // Told once, and not waited for: a tab on its way to the entrance asks here for it, and would be sent on its way again for ever.
  if (wasTold) return;
  for (const tab of await self.clients.matchAll({ type: 'window' })) {
    const { pathname } = new URL(tab.url);
    if (pathname !== ENTRANCE && !pathname.startsWith('/care/')) void tab.navigate(ENTRANCE).catch(() => null);
  }
}

/** Why nothing kept may be shown; null where it may. A clock that went back past the last answer counts as too long. */
async function shutWhy(): Promise<AwayWhy | null> {
  const about = await caches.open(ABOUT);
  if (await about.match(AWAY)) return 'away';
  const sinceMs = Date.now() - Number((await (await about.match(ANSWERED))?.text()) ?? 0);
  return sinceMs >= 0 && sinceMs <= SHOWN_MS ? null : 'long';
}

const escaped = (text: string): string => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** The page shown when no cached page may be: why, whom to ask, and how many records wait on this device. */
async function instead(why: AwayWhy): Promise<Response> {
  const { head, text } = AWAY_WORDS[why];
  const count = await benchStore()
    .then((db) => db.count('waiting'))
    .catch(() => 0);
  const words = [text, waitingWords(count, why)].map((one) => `<p>${escaped(one)}</p>`).join('');
  return new Response(
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Rendle</title><body style="font:1.25rem/1.5 system-ui;max-width:32rem;margin:4rem auto;padding:0 1.25rem;background:#eef1ec;color:#12211c"><h1>${escaped(head)}</h1>${words}`,
    { status: 503, headers: { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' } },
  );
}

/** The page from the shop, kept for later; where the shop does not answer, as it was kept. */
async function page(request: Request): Promise<Response> {
  const isEntrance = new URL(request.url).pathname === ENTRANCE;
  try {
    const fresh = await fetch(request);
    // A redirect is never kept; one to the door comes back here as the entrance.
    if (isShut(fresh)) await closeDown();
    else if (fresh.ok && !fresh.redirected) {
      const kept = await caches.open(PAGES);
      await noteAnswer();
      await keep(kept, request.url, fresh.clone());
      const keys = await kept.keys();
      for (const old of keys.slice(0, Math.max(0, keys.length - MOST_PAGES))) await kept.delete(old);
    }
    return fresh;
  } catch {
    const why = isEntrance ? 'away' : await shutWhy();
    if (why) {
      for (const name of [PAGES, GUIDE]) await caches.delete(name);
      return instead(why);
    }
    const known = (await (await caches.open(PAGES)).match(request.url)) ?? (await (await caches.open(GUIDE)).match(request.url));
    return known ?? instead('none');
  }
}

/** Passes on a request of an open page, and notes from its answer whether this device is still let in. */
async function within(request: Request): Promise<Response> {
  const fresh = await fetch(request);
  if (isShut(fresh)) await closeDown();
  else if (fresh.ok) await noteAnswer();
  return fresh;
}

/** Caches pages that nobody has opened yet, one after another; those already cached stay. */
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
  if (fresh.ok && !fresh.redirected) await keep(kept, request, fresh.clone());
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
  else if (url.searchParams.has('_rsc') || (url.pathname.startsWith('/api/') && request.mode !== 'navigate'))
    event.respondWith(within(request));
});
