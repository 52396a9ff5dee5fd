import 'server-only';
import { SPECIES } from '@/core/material';
import { formatInstant } from '@/core/quantity';
import { briefly, isRestoration } from '@/core/regimen';
import { allDesigns, allRegimens, usedLately } from '@/data/catalogue/catalogue';
import { allWoods, ownWoods } from '@/data/catalogue/woods';
import { ownRules } from '@/data/guide/rules';
import { lotChoices } from '@/data/work/lot-choices';
import { shopUptake } from '@/data/work/uptake';
import { shared } from '@/messages/screens/shared';
import { GlyphSheet } from '@/trade/drawing/step-glyph';
import { shopNow } from '@/trade/hands/open-batches';
import { session } from '@/web/session';
import { StartBatch } from './components/start-batch';
import type { NewBatchAsked } from './components/use-start';
import { asShopNow } from './shop-now';

/** What the shop took lately stands first; the rest as it is listed, what is fit for food before the rest. */
function byUse<T extends { readonly id: string; readonly food?: string }>(all: readonly T[], lately: readonly string[]): T[] {
  const place = ({ id, food }: T): number => {
    const used = lately.indexOf(id);
    return used >= 0 ? used : lately.length + (food === undefined || food === 'good' ? 0 : 1);
  };
  return [...all].sort((a, b) => place(a) - place(b));
}

/** The form that starts a batch, with all it may be made of. */
export async function NewBatchPage({ asked }: { readonly asked: NewBatchAsked }) {
  const { db, shop, people, nowMs } = await session();
  const lately = usedLately(db);
  return (
    <>
      <GlyphSheet />
      <h1 className="mb-4">{shared.startABatch}</h1>
      <StartBatch
        designs={allDesigns(db)}
        species={byUse(allWoods(db), lately.woods)}
        ownWoods={ownWoods(db).map(({ id, likeId, facts }) => ({ id, likeId, facts }))}
        houseWoods={SPECIES.map(({ id, name }) => ({ id, name }))}
        regimens={byUse(
          allRegimens(db).filter((one) => !isRestoration(one.id)),
          lately.regimens,
        ).map(briefly)}
        lots={lotChoices(db)}
        first={asked}
        zone={shop.zone}
        shop={asShopNow(db, shopNow(db, nowMs), nowMs)}
        uptake={shopUptake(db)}
        rules={ownRules(db)}
        initials={Object.fromEntries(people.map((person) => [String(person.id), person.initials]))}
        currency={shop.currency}
        now={formatInstant(nowMs, shop.zone).slice(0, 16)}
      />
    </>
  );
}
