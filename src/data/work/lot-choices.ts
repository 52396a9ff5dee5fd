import 'server-only';
import type { LotChoice } from '@/core/cost';
import { type Catalogue, findIngredient } from '@/core/material';
import type { Db } from '../db';
import { keep } from '../kept';
import { candidates } from '../stores/candidates';
import { catalogueOf } from '../stores/catalogue';
import { type KnownLot, lotsNow } from '../stores/queries';
import { coversOf } from './record';
import { slotBound } from './standing';

/** Lots a batch may be started with, with what their labels say of price, bounds and coats. */
export const lotChoices = (db: Db): LotChoice[] => keep(db, 'lot choices', () => choicesOf(lotsNow(db), catalogueOf(db)));

const choicesOf = (lots: readonly KnownLot[], catalogue: Catalogue): LotChoice[] =>
  candidates(lots, catalogue).map((one) => {
    const lot = lots.find((other) => other.id === one.id);
    return {
      ...one,
      minorPerKg: lot?.minorPerKg ?? null,
      bound: slotBound(lot) ?? { flooded: null, thin: null },
      ...coversOf(lot),
      labelCoats: lot?.ready?.labelCoats ?? null,
    };
  });

/** The share of a lot that leaves into the air, by what is known to be in it. */
export const volatileOf = ({ composition }: Pick<KnownLot, 'composition'>, catalogue: Catalogue): number =>
  Object.entries(composition).reduce(
    (sum, [id, share]) => sum + share * (findIngredient(id, catalogue)?.volatileFraction ?? 0),
    0,
  );
