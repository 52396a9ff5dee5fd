import 'server-only';
import { setsInTin } from '@/core/blend';
import type { Candidate } from '@/core/choose';
import type { Catalogue } from '@/core/material';
import { layerOf } from '@/data/stores/layer';
import type { KnownLot } from '@/data/stores/queries';

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
