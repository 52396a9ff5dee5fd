import 'server-only';
import { setsInTin } from '@/core/blend';
import { type Candidate, type Choice, chooseFinish, type FinishWish } from '@/core/choose';
import type { Catalogue } from '@/core/material';
import { allRegimens } from '../catalogue/catalogue';
import type { Db } from '../db';
import { keep } from '../kept';
import { catalogueOf } from './catalogue';
import { layerOf } from './layer';
import { type KnownLot, lotsNow } from './queries';

/** Lots that still hold something, as choices are made between them; held ones among them, so that it can be said why a list is empty. */
export const candidates = (lots: readonly KnownLot[], catalogue: Catalogue): Candidate[] =>
  lots.flatMap((lot) =>
    lot.nature && lot.leftG > 0
      ? [
          {
            id: lot.id,
            number: lot.number,
            title: lot.undeclared.length > 0 ? `${lot.title} (contents not all declared)` : lot.title,
            held: lot.held !== null,
            leftG: lot.leftG,
            roles: lot.roles,
            drying: lot.nature.drying,
            waxEquivalent: lot.nature.waxEquivalent,
            a0Hours: lot.needs?.hours ?? null,
            setsInTin: setsInTin(lot.ingredients, catalogue),
            mode: lot.needs?.mode ?? 'oxidise',
            layer: layerOf(lot),
            ingredients: lot.ingredients,
            turnsRancid: lot.nature.turnsRancid,
          },
        ]
      : [],
  );

/** Every finish with how it meets a wish, from what the shop has. Kept for the last wish: a page of it is often looked at again. */
export const finishesFor = (db: Db, wish: FinishWish): readonly Choice[] =>
  keep(
    db,
    'finishes',
    () => {
      const catalogue = catalogueOf(db);
      return chooseFinish(allRegimens(db), candidates(lotsNow(db), catalogue), wish, catalogue);
    },
    JSON.stringify(wish),
  );
