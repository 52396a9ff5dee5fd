import 'server-only';
import { boughtLine } from '@/core/blend';
import { knowOwn } from '@/core/material';
import { readIn } from '@/core/quantity';
import type { Db } from '../db';
import { keep } from '../kept';
import { findShop } from '../shop/queries';
import { ownMaterials } from './own-materials';
import { readyMades } from './queries';

/**
 * The ways of this shop, for all that is said, typed and reckoned from now on: the units it reads, its own ingredients, its bought finishes
 * as lines of a formula. Looked up again whenever the file has changed.
 */
export function learnWays(db: Db): void {
  keep(db, 'ways', () => {
    const shop = findShop(db);
    if (shop) readIn(shop.reads);
    knowOwn([...ownMaterials(db), ...readyMades(db).map(boughtLine)]);
    return true;
  });
}
