import 'server-only';
import { boughtLine } from '@/core/blend';
import { type Catalogue, catalogueWith, ownSpecies } from '@/core/material';
import { ownWoods } from '../catalogue/woods';
import type { Db } from '../db';
import { keep } from '../kept';
import { ownMaterials } from './own-materials';
import { readyMades } from './ready-mades';

/** The last catalogue of each file with what it was made of: while that says the same, what was reckoned from it holds. */
const last = new Map<string, Catalogue>();
/** Files that are open at once: a shop's, and in tests a few more. */
const MOST = 8;

/** What this shop reckons with: the house's ingredients and woods, its own, and its bought finishes as lines of a formula. */
export const catalogueOf = (db: Db): Catalogue =>
  keep(db, 'catalogue', () => {
    const materials = ownMaterials(db);
    const beside = catalogueWith(materials);
    const own = [...materials, ...readyMades(db).map((one) => boughtLine(one, beside))];
    const woods = ownWoods(db).map((row) => ownSpecies(row.id, row.likeId, row.facts));
    const says = JSON.stringify([own, woods]);
    const known = last.get(says) ?? catalogueWith(own, woods);
    if (last.size >= MOST) last.clear();
    last.set(says, known);
    return known;
  });
