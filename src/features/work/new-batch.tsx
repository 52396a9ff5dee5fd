import 'server-only';
import { SPECIES } from '@/core/material';
import { isRestoration } from '@/core/regimen';
import { formatInstant } from '@/core/quantity';
import { layerOf } from '@/data/release/commands';
import { a0OfMaterials, slotBound } from '@/data/work/standing';
import { shopUptake } from '@/data/work/uptake';
import { allLots, usable } from '@/data/stores/queries';
import { allDesigns, allRegimens } from '@/data/work/catalogue';
import { shopNow } from '../today/strip';
import { asShopNow } from '../today/shop-now';
import { session } from '../shop/session';
import { StartBatch } from './components/start-batch';

/** The form that starts a batch, with all it may be made of. */
export async function NewBatch({ regimen }: { readonly regimen: string | null }) {
  const { db, shop, people, nowMs } = await session();
  const lots = usable(allLots(db)).filter((lot) => lot.nature);
  return (
    <>
      <h1 className="mb-4">Start a batch</h1>
      <StartBatch
        designs={allDesigns(db)}
        species={SPECIES}
        regimens={allRegimens(db).filter((one) => !isRestoration(one.id))}
        lots={lots.map((lot) => ({
          id: lot.id,
          number: lot.number,
          leftG: lot.leftG,
          minorPerKg: lot.minorPerKg,
          name: lot.undeclared.length > 0 ? `${lot.title} (contents not all declared)` : lot.title,
          drying: lot.nature?.drying ?? 'never',
          waxEquivalent: lot.nature?.waxEquivalent ?? 0,
          a0Hours: a0OfMaterials([lot])?.hours ?? 0,
          mode: a0OfMaterials([lot])?.mode ?? 'oxidise',
          bound: slotBound(lot) ?? { flooded: null, thin: null },
          layer: layerOf(lot),
        }))}
        first={regimen}
        zone={shop.zone}
        shop={asShopNow(db, shopNow(db, nowMs))}
        uptake={shopUptake(db)}
        initials={Object.fromEntries(people.map((person) => [String(person.id), person.initials]))}
        currency={shop.currency}
        now={formatInstant(nowMs, shop.zone).slice(0, 16)}
      />
    </>
  );
}
