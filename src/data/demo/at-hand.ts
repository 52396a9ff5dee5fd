import 'server-only';
import { factsLike, ingredientOf, SHIPPED } from '@/core/material';
import { decant } from '../stores/bottles';
import { placeLot } from '../stores/commands';
import { saveOwnMaterial } from '../stores/own-materials';
import { allLots } from '../stores/queries';
import { keepReference } from '../stores/references';
import { addSupply, moveSupply } from '../stores/supplies';
import { by, DAY, type DemoScene, dayFrom, INES, must, WREN } from './scene';

const SUPPLIES = [
  ['Cotton cloths', 'pieces', 60, 14],
  ['Nitrile gloves', 'pairs', 100, 38],
  ['320 paper', 'sheets', 50, 41],
  ['Tin labels', 'pieces', 200, 126],
] as const;

/** What lies at hand beside the lots: cloths and gloves, a bottle at the bench, a known piece of wax, an oil of the shop's own. */
export function layAtHand({ db, nowMs }: DemoScene): void {
  for (const [name, counted, have, found] of SUPPLIES) {
    const came = by(INES, nowMs - 40 * DAY);
    const { id } = must(addSupply(db, { name, counted, have, clientId: `demo supply ${name}` }, came));
    must(
      moveSupply(db, { supplyId: id, why: 'counted', amount: found, clientId: `demo count ${name}` }, by(WREN, nowMs - 2 * DAY)),
    );
  }
  const walnut = allLots(db).find((one) => one.ingredientId === 'walnut-oil-heat-treated');
  if (!walnut) throw new Error('demo: no walnut oil');
  must(
    placeLot(db, {
      lotId: walnut.id,
      version: walnut.version,
      placeId: 1,
      openedOn: dayFrom(nowMs, -38),
      bestBefore: walnut.labelBestBefore,
      useWithinDays: 180,
    }),
  );
  must(
    decant(
      db,
      { fromLotId: walnut.id, grams: 120, name: 'Bench walnut oil', tareG: 182, boreMm: 56, mark: `${walnut.number}, no drink` },
      by(WREN, nowMs - 6 * DAY),
    ),
  );
  must(
    keepReference(
      db,
      { materialId: 'beeswax', says: 'from the hives behind the shed, melted here', photoHash: null },
      by(INES, nowMs - 40 * DAY),
    ),
  );
  must(
    saveOwnMaterial(
      db,
      {
        likeId: 'walnut-oil-heat-treated',
        facts: {
          ...factsLike(ingredientOf('walnut-oil-heat-treated', SHIPPED)),
          name: 'Hill walnut oil',
          alsoCalled: ['the press’s own'],
          unsaid: ['flash', 'iodine'],
          contact: 'once-cured',
          allergens: ['tree nut'],
          note: 'Cold pressed up the valley; the press gives no figures.',
        },
        photoHash: null,
        base: null,
      },
      by(INES, nowMs - 20 * DAY),
    ),
  );
}
