import { type Catalogue, catalogueWith, SHIPPED } from '@/core/material';
import { type Here, here } from './here';

const made = new WeakMap<Here, Catalogue>();

/** What the shop of this request or tab reckons with. Apart from its units: a page that names no ingredient loads none. */
export function catalogue(): Catalogue {
  const shop = here();
  if (!shop) return SHIPPED;
  const known = shop.catalogue ?? made.get(shop) ?? catalogueWith(shop.own, shop.ownWoods);
  made.set(shop, known);
  return known;
}
