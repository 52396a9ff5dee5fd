import 'server-only';
import { desc, sql } from 'drizzle-orm';
import type { AnySQLiteColumn } from 'drizzle-orm/sqlite-core';
import { findIngredient, USE_WINDOW_DAYS, type UsedUp } from '@/core/material';
import { groupBy, MS_PER_DAY } from '@/core/quantity';
import type { Db } from '../db';
import { lot, supply, supplyMove, tinSale } from '../schema';
import { catalogueOf } from './catalogue';
import { containers, type KnownLot, lotsNow, materialIdOf } from './queries';
import { tinSaleStands } from './tin-sales';

export const DAYS_A_MONTH = 30.4;

/** On how many days something happened. */
const daysOf = (at: AnySQLiteColumn) => sql<number>`count(distinct ${at} / 86400000)`;

/** How a material was last bought. */
function packOf(lots: readonly KnownLot[]): UsedUp['pack'] {
  const last = [...lots].sort((a, b) => a.at - b.at).at(-1);
  return last ? { amount: last.receivedG, supplier: last.supplier ?? '' } : null;
}

// Filling a bath, or topping it up, moves oil from one vessel to another: no use.
function materials(db: Db, lots: readonly KnownLot[], since: number): UsedUp[] {
  const bought = groupBy(
    lots.filter((one) => one.kind === 'bought' || one.kind === 'ready'),
    (one) => materialIdOf(one) ?? '',
  );
  const used = new Map(
    db
      .all<{ readonly lotId: number; readonly grams: number; readonly firstAt: number; readonly days: string }>(sql`
        select m.lot_id as lotId, -sum(m.grams) as grams, min(m.at) as firstAt, group_concat(distinct m.at / 86400000) as days from movement m
        where m.grams < 0 and m.why in ('pour', 'coat', 'fill', 'sale') and m.at >= ${since} group by m.lot_id`)
      .map((row) => [row.lotId, row]),
  );
  const catalogue = catalogueOf(db);
  return [...bought].flatMap(([id, of]): UsedUp[] => {
    const uses = of.flatMap((one) => used.get(one.id) ?? []);
    if (uses.length === 0) return [];
    const known = findIngredient(id, catalogue);
    return [
      {
        id,
        name: known?.name ?? of[0]?.title ?? id,
        kind: 'material',
        counted: 'g',
        left: of.filter((one) => !one.held).reduce((sum, one) => sum + one.leftG, 0),
        used: uses.reduce((sum, one) => sum + one.grams, 0),
        firstAt: Math.min(...uses.map((one) => one.firstAt)),
        draws: new Set(uses.flatMap((one) => one.days.split(','))).size,
        pack: packOf(of),
        keepsDays: known ? known.shelfMonths * DAYS_A_MONTH : null,
      },
    ];
  });
}

/** Jars by the fills that took them. */
function jars(db: Db, since: number): UsedUp[] {
  const fills = db
    .select({
      id: lot.containerId,
      count: sql<number>`sum(${lot.count})`,
      firstAt: sql<number>`min(${lot.at})`,
      draws: daysOf(lot.at),
    })
    .from(lot)
    .where(sql`${lot.kind} = 'tin' and ${lot.containerId} is not null and ${lot.at} >= ${since}`)
    .groupBy(lot.containerId)
    .all();
  return containers(db).flatMap(({ id, name, have }): UsedUp[] => {
    const fill = fills.find((one) => one.id === id);
    return fill
      ? [
          {
            id: `jar ${id}`,
            name,
            kind: 'jar',
            counted: 'pieces',
            left: have,
            used: fill.count,
            firstAt: fill.firstAt,
            draws: fill.draws,
            pack: null,
            keepsDays: null,
          },
        ]
      : [];
  });
}

/** Filled tins by their sales, all lots of one formula together. */
function tins(db: Db, lots: readonly KnownLot[], since: number): UsedUp[] {
  const sales = db
    .select({
      id: tinSale.lotId,
      count: sql<number>`sum(${tinSale.count})`,
      firstAt: sql<number>`min(${tinSale.at})`,
      draws: daysOf(tinSale.at),
    })
    .from(tinSale)
    .where(sql`${tinSaleStands} and ${tinSale.at} >= ${since}`)
    .groupBy(tinSale.lotId)
    .all();
  const byName = groupBy(
    lots.filter((one) => one.kind === 'tin'),
    (one) => one.title,
  );
  return [...byName].flatMap(([name, of]): UsedUp[] => {
    const sold = of.flatMap((one) => sales.find((sale) => sale.id === one.id) ?? []);
    if (sold.length === 0) return [];
    return [
      {
        id: `tin ${name}`,
        name,
        kind: 'tin',
        counted: 'tins',
        left: of.filter((one) => !one.held).reduce((sum, one) => sum + (one.countLeft ?? 0), 0),
        used: sold.reduce((sum, one) => sum + one.count, 0),
        firstAt: Math.min(...sold.map((one) => one.firstAt)),
        draws: Math.max(...sold.map((one) => one.draws)),
        pack: null,
        keepsDays: null,
      },
    ];
  });
}

/** A supply as it stands: how many there are, what of it was used in the window, and how it last came. */
export type Supply = typeof supply.$inferSelect & {
  readonly left: number;
  readonly used: number;
  readonly firstAt: number | null;
  readonly lastCame: number | null;
};

/** What is used up beside what is poured; what a count found missing was used. */
export function supplies(db: Db, since: number): Supply[] {
  const moves = db.select().from(supplyMove).orderBy(desc(supplyMove.at)).all();
  return db
    .select()
    .from(supply)
    .all()
    .map((one) => {
      const own = moves.filter((move) => move.supplyId === one.id);
      const gone = own.filter((move) => move.change < 0 && move.at >= since);
      return {
        ...one,
        left: own.reduce((sum, move) => sum + move.change, 0),
        used: -gone.reduce((sum, move) => sum + move.change, 0),
        // A count says what went since the last one: its use began then.
        firstAt: gone.length === 0 ? null : Math.max(since, Math.min(...own.map((move) => move.at))),
        lastCame: own.find((move) => move.why === 'came')?.change ?? null,
      };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

const asUsedUp = ({ id, name, counted, left, used, firstAt, lastCame }: Supply): UsedUp[] =>
  firstAt === null
    ? []
    : [
        {
          id: `supply ${id}`,
          name,
          kind: 'supply',
          counted,
          left,
          used,
          firstAt,
          draws: null,
          pack: lastCame === null ? null : { amount: lastCame, supplier: '' },
          keepsDays: null,
        },
      ];

/** Everything this shop uses up, with what is left and what went in the last weeks. */
export function usedUp(db: Db, nowMs: number): UsedUp[] {
  const since = nowMs - USE_WINDOW_DAYS * MS_PER_DAY;
  const lots = lotsNow(db);
  return [...materials(db, lots, since), ...jars(db, since), ...tins(db, lots, since), ...supplies(db, since).flatMap(asUsedUp)];
}
