import 'server-only';
import type { AsyncLocalStorage } from 'node:async_hooks';
import { type Db, database } from '@/data/db';
import { findShop } from '@/data/shop/queries';
import { catalogueOf } from '@/data/stores/catalogue';
import type { Here } from './here';
import { NO_SHOP } from './here-catalogue';

type Request = { here?: Here };

// `bin/lib/serve.mjs` makes it and runs each request inside it.
const server = globalThis as { readonly rendleRequest?: AsyncLocalStorage<Request> };

const hereOf = (db: Db): Here => {
  const shop = findShop(db);
  return shop ? { reads: shop.reads, catalogue: catalogueOf(db) } : NO_SHOP;
};

/** What the shop's file says, looked up once for each request; outside a request it is looked up at every call. */
export function hereOfRequest(): Here {
  const request = server.rendleRequest?.getStore();
  if (request?.here) return request.here;
  let found = NO_SHOP;
  try {
    found = hereOf(database());
  } catch {
    // The words that say why a file cannot be read must not fail by it too.
    return found;
  }
  if (request) request.here = found;
  return found;
}

/** Looks the shop up again in this request: something was written. */
export function lookAgain(): void {
  const request = server.rendleRequest?.getStore();
  if (request) delete request.here;
}
