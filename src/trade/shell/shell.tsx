import 'server-only';
import type { ReactNode } from 'react';
import { isMixedPaint } from '@/core/blend';
import { isForHandsNow } from '@/core/hands';
import { keepingOf } from '@/core/material';
import { addDays, dateOf, MS_PER_MINUTE } from '@/core/quantity';
import { looksDue } from '@/data/care/queries';
import type { Db } from '@/data/db';
import { ownRules } from '@/data/guide/rules';
import { heatedPots } from '@/data/pour/heat';
import { COOLS_MIN, openJars, openPours } from '@/data/pour/queries';
import { openRagLines } from '@/data/rags/queries';
import { knownDamage } from '@/data/safe/sound';
import { clockDoubt, type ClockDoubt as Doubt } from '@/data/shop/clock-doubt';
import { type KnownLot, lotsNow } from '@/data/stores/queries';
import { openTrials } from '@/data/trials/queries';
import { shell as wording } from '@/messages/screens/trade';
import { clockTime, longDate, yearOf } from '@/ui/when';
import { ShopZone } from '@/ui/zone';
import { isNetwork } from '@/web/door';
import { catalogue } from '@/web/here-catalogue';
import { Refresh } from '@/web/refresh';
import { isDim, session } from '@/web/session';
import { ShopHere } from '@/web/shop-here';
import { lookOf } from '../drawing/look';
import { HandStrip } from '../hands/hand-strip';
import { cabinetTroubles } from '../hands/moment';
import { shopNow } from '../hands/open-batches';
import type { PotClock } from '../hands/pot-clocks';
import { ClockDoubt } from './clock-doubt';
import { NarrowBar } from './device';
import { Rail } from './rail';
import { SettleIn } from './settle-in';
import { pageVersion } from './version-route';
import { wrongLately } from './wrong-lately';
import { WrongWords } from './wrong-words';

/** Filled jars that cool, and mixed paint that spoils. */
const potClocks = (db: Db, lots: readonly KnownLot[]): PotClock[] => [
  ...openJars(db).map(({ pourId, number, filledAt }) => ({
    kind: 'jars' as const,
    pourId,
    number,
    opaqueAt: filledAt + COOLS_MIN.opaque * MS_PER_MINUTE,
    lidAt: filledAt + COOLS_MIN.lid * MS_PER_MINUTE,
  })),
  ...lots
    .filter(
      (lot) =>
        lot.kind === 'made' &&
        lot.leftG > 0.5 &&
        lot.bestBefore !== null &&
        isMixedPaint(Object.keys(lot.composition), catalogue()),
    )
    .map((lot) => ({ kind: 'paint' as const, lotId: lot.id, number: lot.number, until: lot.bestBefore ?? '' })),
];

const doubtWords = (doubt: Doubt | null, nowMs: number, zone: string) =>
  doubt && {
    way: doubt.way,
    says: `${longDate(dateOf(nowMs, zone))}, ${clockTime(nowMs, zone, nowMs)}`,
    newest: `${longDate(dateOf(doubt.newestMs, zone))}, ${clockTime(doubt.newestMs, zone, doubt.newestMs)}`,
  };

/** What stands around every screen of the shop: the rail of stations and the hand strip. */
export async function Shell({ children }: { readonly children: ReactNode }) {
  const { db, shop, people, person, nowMs } = await session();
  const lots = lotsNow(db);
  const { open, plan } = shopNow(db, nowMs);
  const actions = open.flatMap((one) => (one.action ? [one.action] : []));
  const today = dateOf(nowMs, shop.zone);
  const counts = {
    today: actions.filter((action) => isForHandsNow(action, nowMs)).length,
    stores: lots.filter(
      (lot) => lot.kind === 'bought' && lot.leftG > 0 && ['near', 'past'].includes(keepingOf(lot.bestBefore, today).state),
    ).length,
    blends: openPours(db).length,
    work: open.length,
    cure: open.filter((one) => one.standing.cure !== null).length,
    care: looksDue(db, today, addDays(today, 7)),
    trials: openTrials(db),
    guide: ownRules(db).length,
  };
  const crew = people.map(({ id, initials, name }) => ({ id, initials, name }));
  const { own, ownWoods } = catalogue();
  const dimmed = await isDim();
  const damage = knownDamage();
  const doubt = doubtWords(clockDoubt(db, nowMs), nowMs, shop.zone);
  return (
    <ShopHere reads={shop.reads} own={own} ownWoods={ownWoods}>
      <Refresh version={pageVersion(db)} soon={plan.isOld} />
      <div className="flex min-h-screen flex-col bench:flex-row">
        <a href="#main" className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-ink focus:p-3 focus:text-bench">
          {wording.toTheContent}
        </a>
        <Rail
          counts={counts}
          people={crew}
          person={person?.id ?? null}
          isDim={dimmed}
          shop={shop.name}
          next={actions[0]?.number ?? null}
        />
        <div className="min-w-0 grow pb-16 bench:pb-0">
          <NarrowBar shop={shop.name} people={crew} person={person?.id ?? null} isDim={dimmed} />
          <HandStrip
            actions={actions.slice(0, 12)}
            count={actions.length}
            looks={Object.fromEntries(
              open
                .filter((one) => one.action)
                .slice(0, 3)
                .map(({ batch }) => [batch.id, lookOf(batch.design.geometry, batch.species.id)]),
            )}
            cloths={openRagLines(db)}
            pots={potClocks(db, lots)}
            heated={heatedPots(db)}
            troubles={cabinetTroubles(db, open, nowMs)}
            nowMs={nowMs}
            zone={shop.zone}
            ready={person !== null}
          />
          <main id="main" className="px-4 py-5 bench:px-6">
            {damage.length > 0 ? (
              <p role="alert" className="no-print mb-4 border-late border-l-4 bg-paper px-4 py-3 font-semibold">
                {wording.theShopsFileIs}
                {damage[0]}
                {wording.recordOnPaperFrom}
              </p>
            ) : null}
            {isNetwork() ? <SettleIn /> : null}
            {doubt ? <ClockDoubt {...doubt} /> : null}
            <WrongWords lately={wrongLately(nowMs, shop.zone)} />
            <ShopZone zone={shop.zone} year={yearOf(nowMs, shop.zone)}>
              {children}
            </ShopZone>
          </main>
        </div>
      </div>
    </ShopHere>
  );
}
