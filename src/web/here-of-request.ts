import 'server-only';
import type { AsyncLocalStorage } from 'node:async_hooks';
import { type Db, database } from '@/data/db';
import { findShop } from '@/data/shop/queries';
import { catalogueOf } from '@/data/stores/catalogue';
import type { Here } from './here';

type Request = { here?: Here | null };

// `bin/lib/serve.mjs` makes it and runs each request inside it.
const server = globalThis as { readonly rendleRequest?: AsyncLocalStorage<Request> };

function hereOf(db: Db): Here | null {
  const shop = findShop(db);
  if (!shop) return null;
  const catalogue = catalogueOf(db);
  return { reads: shop.reads, own: catalogue.own, ownWoods: catalogue.ownWoods, catalogue };
}

/** What the shop's file says, looked up once for each request; outside a request it is looked up at every call. */
export function hereOfRequest(): Here | null {
  const request = server.rendleRequest?.getStore();
  if (request?.here !== undefined) return request.here;
  let found: Here | null = null;
  try {
    found = hereOf(database());
  } catch {
    // The words that say why a file cannot be read must not fail by it too.
    return null;
  }
  if (request) request.here = found;
  return found;
}

/** Looks the shop up again in this request: something was written. */
export function lookAgain(): void {
  const request = server.rendleRequest?.getStore();
  if (request) delete request.here;
}
