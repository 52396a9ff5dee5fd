import 'server-only';
import { and, asc, count, eq, inArray, isNull, type SQL, sql } from 'drizzle-orm';
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core';
import { boughtLineId, UNDECLARED } from '@/core/blend';
import { DOUBTS, type Doubt, doubtOf, findIngredient, goodUntil, USE_WINDOW_DAYS } from '@/core/material';
import { MS_PER_DAY } from '@/core/quantity';
import { compositions, edgesInto, type LotEdge, lotsInto } from '@/core/trace';
import type { Statement } from '@/core/use';
import type { Db } from '../db';
import { keep } from '../kept';
import {
  container,
  declaration,
  formula,
  formulaRevision,
  hold,
  lot,
  lotCheck,
  lotEdge,
  lotLeft,
  movement,
  tinSale,
} from '../schema';
import { places } from '../shop/queries';
import { clientOf } from '../watched';
import { catalogueOf } from './catalogue';
import { type KnownNature, knownMix, knownReady, ownOfReady, type ReadyMade } from './nature';
import { readyMades } from './ready-mades';
import { tinSaleStands } from './tin-sales';

export type Lot = typeof lot.$inferSelect;
export type Container = typeof container.$inferSelect;

/** A lot with what is left of it, what it is made of, and what that makes of it. Prices in the shop's money per kg. */
export type KnownLot = Lot &
  KnownNature & {
    /** The date on its label; `bestBefore` is sooner where it may be used only so long once it is open. */
    readonly labelBestBefore: string | null;
    /** Where it stands; null where nobody said. */
    readonly placeName: string | null;
    /** The rest of a pot from which jars were filled. */
    readonly isShopJar: boolean;
    /** What people call it: the ingredient, the formula, the ready-made or the bath. */
    readonly title: string;
    readonly leftG: number;
    /** Tins still there; null for what is not counted. */
    readonly countLeft: number | null;
    readonly composition: Readonly<Record<string, number>>;
    /** Ids of what is known to be in it; what only stands in for undeclared contents is not among them. */
    readonly ingredients: readonly string[];
    /** What suppliers' papers on file state of this very lot. */
    readonly statements: readonly Statement[];
    /** Names of what is in it, most first. */
    readonly contents: readonly string[];
    /** Ready-mades in it whose contents are not all declared. */
    readonly undeclared: readonly string[];
    /** Grams by which more was drawn than the book held: count it. */
    readonly overdrawnG: number;
    /** Of a bought finish: its label and what the shop calls it. */
    readonly ready: ReadyMade | null;
    readonly minorPerKg: number | null;
    /** A check of it, or of a lot that went into it, failed, and none of its kind passed since. */
    readonly doubt: { readonly kind: Doubt; readonly number: string } | null;
    /** Why nothing may be drawn from it: a hold on it or on a lot that went into it. */
    readonly held: { readonly reason: string; readonly number: string } | null;
  };

export const containers = (db: Db): Container[] =>
  keep(db, 'containers', () => db.select().from(container).orderBy(asc(container.capacityMl)).all());

/** Ids as a list that a statement of one text takes. */
const oneOfIds = (column: SQLiteColumn, ids: readonly number[]): SQL =>
  sql`${column} in (select value from json_each(${JSON.stringify(ids)}))`;

const leftByLot = (db: Db, ids: readonly number[]): Map<number, number> =>
  new Map(
    db
      .select({ id: movement.lotId, left: sql<number>`sum(${movement.grams})` })
      .from(movement)
      .where(oneOfIds(movement.lotId, ids))
      .groupBy(movement.lotId)
      .all()
      .map((row) => [row.id, row.left]),
  );

/** What a lot is as a line of a formula: its ingredient, or the bought finish it is; null for what is mixed. */
export const materialIdOf = ({ ingredientId, readyMadeId }: Pick<Lot, 'ingredientId' | 'readyMadeId'>): string | null =>
  ingredientId ?? (readyMadeId === null ? null : boughtLineId(readyMadeId));

/** Grams of one lot that are left. */
export const leftOf = (db: Db, lotId: number): number =>
  db
    .select({ left: sql<number>`coalesce(sum(${movement.grams}), 0)` })
    .from(movement)
    .where(eq(movement.lotId, lotId))
    .get()?.left ?? 0;

const soldByLot = (db: Db, ids: readonly number[]): Map<number, number> =>
  new Map(
    db
      .select({ id: tinSale.lotId, sold: sql<number>`sum(${tinSale.count})` })
      .from(tinSale)
      .where(and(tinSaleStands, oneOfIds(tinSale.lotId, ids)))
      .groupBy(tinSale.lotId)
      .all()
      .map((row) => [row.id, row.sold]),
  );

/** Some lots and all that went into them, however many pots back. */
const withOrigins = (db: Db, ids: readonly number[]): number[] =>
  db
    .all<{ id: number }>(
      sql`with recursive "up"("id") as (select value from json_each(${JSON.stringify(ids)})
        union select ${lotEdge.fromLot} from ${lotEdge} join "up" on ${lotEdge.intoLot} = "up"."id") select "id" from "up"`,
    )
    .map((row) => row.id);

const edgesOf = (db: Db, ids: readonly number[]): LotEdge[] =>
  db
    .select()
    .from(lotEdge)
    .where(oneOfIds(lotEdge.intoLot, ids))
    .all()
    .map((row) => ({ from: row.fromLot, into: row.intoLot, grams: row.grams }));

/** Which of some lots filled tins. */
const tinsFilledFrom = (db: Db, ids: readonly number[]): Set<number> =>
  new Set(
    db
      .selectDistinct({ id: lotEdge.fromLot })
      .from(lotEdge)
      .innerJoin(lot, eq(lot.id, lotEdge.intoLot))
      .where(and(oneOfIds(lotEdge.fromLot, ids), eq(lot.kind, 'tin')))
      .all()
      .map((row) => row.id),
  );

type Into = ReadonlyMap<number, readonly LotEdge[]>;

/** What a kilogram of each lot cost: paid for if bought, else the cost of what went into it. Null where a price is missing. */
function costs(lots: ReadonlyMap<number, Lot>, into: Into): (id: number) => number | null {
  const known = new Map<number, number | null>();
  const of = (id: number): number | null => {
    const found = lots.get(id);
    if (!found) return null;
    if (known.has(id)) return known.get(id) ?? null;
    known.set(id, null);
    const cost = found.kind === 'bought' || found.kind === 'ready' ? paid(found) : mixed(into.get(id) ?? [], of);
    known.set(id, cost);
    return cost;
  };
  return of;
}

const paid = ({ priceMinor, receivedG }: Lot): number | null => (priceMinor === null ? null : (priceMinor / receivedG) * 1000);

function mixed(parts: readonly LotEdge[], of: (id: number) => number | null): number | null {
  const grams = parts.reduce((sum, edge) => sum + edge.grams, 0);
  const known = parts.map((edge) => ({ grams: edge.grams, perKg: of(edge.from) }));
  return grams > 0 && known.every((part) => part.perKg !== null)
    ? known.reduce((sum, part) => sum + (part.grams / grams) * (part.perKg ?? 0), 0)
    : null;
}

/** What each revision of a formula is called. */
export const formulaNames = (db: Db): Map<number, string> =>
  new Map(
    db
      .select({ id: formulaRevision.id, name: formula.name })
      .from(formulaRevision)
      .innerJoin(formula, eq(formula.id, formulaRevision.formulaId))
      .all()
      .map((row) => [row.id, row.name]),
  );

/** Every lot there ever was, newest last: for what lists them all. */
export const allLots = (db: Db): KnownLot[] =>
  keep(db, 'all lots', () =>
    readLots(
      db,
      db
        .select({ id: lot.id })
        .from(lot)
        .all()
        .map((row) => row.id),
    ),
  );

/** How many lots there ever were. */
export const lotCount = (db: Db): number => keep(db, 'lot count', () => db.select({ n: count() }).from(lotLeft).get()?.n ?? 0);

/** Lots that hold something, or are overdrawn, and those that moved in the last days before the newest movement. */
function idsNow(db: Db): number[] {
  const { newest } = db.get<{ newest: number | null }>(sql`select max(${lotLeft.lastAt}) as "newest" from ${lotLeft}`);
  // Joined here: to join them in order, the database would read the whole table.
  const rows = db.all<{ id: number }>(
    sql`select ${lotLeft.lotId} as "id" from ${lotLeft} where abs("grams") > 0.000001
      union all select ${lotLeft.lotId} from ${lotLeft} where ${lotLeft.lastAt} >= ${(newest ?? 0) - USE_WINDOW_DAYS * MS_PER_DAY}`,
  );
  return [...new Set(rows.map((row) => row.id))];
}

type Now = { readonly lots: readonly KnownLot[]; readonly byId: Map<number, KnownLot | null> };
const now = (db: Db): Now =>
  keep(db, 'lots now', () => {
    const lots = readLots(db, idsNow(db));
    return { lots, byId: new Map(lots.map((one) => [one.id, one])) };
  });

/** The lots a shop works with: what is there, and what was used up lately. The oldest first. */
export const lotsNow = (db: Db): readonly KnownLot[] => now(db).lots;

/** One lot, however old; null where there is none. */
export function lotOf(db: Db, id: number): KnownLot | null {
  // A command sees what it has just written, and reads no more than it asks for.
  if (!clientOf(db)) return readLots(db, [id])[0] ?? null;
  const { byId } = now(db);
  const known = byId.get(id);
  if (known !== undefined) return known;
  const read = readLots(db, [id])[0] ?? null;
  byId.set(id, read);
  return read;
}

/** Some lots with all that is known of them, in the order of their numbers. */
function readLots(db: Db, ids: readonly number[]): KnownLot[] {
  const catalogue = catalogueOf(db);
  const around = withOrigins(db, ids);
  const rows = db.select().from(lot).where(oneOfIds(lot.id, around)).orderBy(asc(lot.id)).all();
  const byId = new Map(rows.map((row) => [row.id, row]));
  const ready = new Map(readyMades(db).map((one) => [one.id, one]));
  const names = formulaNames(db);
  const into = edgesInto(edgesOf(db, around));
  const readyOf = (row: Lot): ReadyMade | undefined => (row.readyMadeId === null ? undefined : ready.get(row.readyMadeId));
  const compositionOf = compositions(
    rows.map((row) => {
      const one = readyOf(row);
      return { id: row.id, own: one ? ownOfReady(one, catalogue) : row.ingredientId ? { [row.ingredientId]: 1 } : null };
    }),
    into,
  );
  const filledFrom = tinsFilledFrom(db, ids);
  const costOf = costs(byId, into);
  const [left, sold] = [leftByLot(db, ids), soldByLot(db, ids)];
  const holds = new Map<number, string>();
  for (const { lotId, reason } of db.select().from(hold).where(isNull(hold.liftedAt)).orderBy(asc(hold.id)).all())
    holds.set(lotId, [holds.get(lotId), reason].filter(Boolean).join('; '));
  const statements = statementsByLot(db, around);
  const doubts = doubtsByLot(db, around);
  const standing = new Map(places(db).map((one) => [one.id, one.name]));
  const asked = new Set(ids);
  return rows.flatMap((row): KnownLot[] => {
    if (!asked.has(row.id)) return [];
    const composition = compositionOf(row.id);
    const own = readyOf(row);
    const origins = row.kind === 'bought' ? [] : lotsInto(row.id, into);
    const inside = own ? [own] : origins.flatMap((id) => readyOf(byId.get(id) ?? row) ?? []);
    const heldBy = holds.size === 0 ? undefined : [row.id, ...origins].find((id) => holds.has(id));
    const doubted = doubts.size === 0 ? undefined : [row.id, ...origins].find((id) => doubts.has(id));
    const roots = origins.filter((id) => ['bought', 'ready'].includes(byId.get(id)?.kind ?? ''));
    const parts = Object.entries(composition).sort((a, b) => b[1] - a[1]);
    const undeclared = [...new Set(inside.filter((one) => !one.isAllDeclared).map((one) => one.name))];
    const known = parts.flatMap(([id]) => (id !== UNDECLARED && findIngredient(id, catalogue) ? [id] : []));
    return [
      {
        ...row,
        title:
          row.name ??
          own?.name ??
          (row.formulaRevisionId ? names.get(row.formulaRevisionId) : findIngredient(row.ingredientId ?? '', catalogue)?.name) ??
          '',
        bestBefore: goodUntil(row.bestBefore, row.openedOn, row.useWithinDays),
        labelBestBefore: row.bestBefore,
        placeName: row.placeId === null ? null : (standing.get(row.placeId) ?? null),
        isShopJar: row.kind === 'made' && filledFrom.has(row.id),
        leftG: Math.max(0, left.get(row.id) ?? 0),
        overdrawnG: Math.max(0, -(left.get(row.id) ?? 0)),
        countLeft: row.count === null ? null : row.count - (sold.get(row.id) ?? 0),
        composition,
        ingredients: known,
        statements: statedOf(row.id, roots, statements),
        contents: [
          ...known.map((id) => findIngredient(id, catalogue)?.name ?? id),
          ...undeclared.map((name) => `${name} (contents not all declared)`),
        ],
        undeclared,
        ...(own ? knownReady(own, catalogue) : knownMix(composition, inside, catalogue)),
        ready: own ?? null,
        minorPerKg: costOf(row.id),
        doubt: doubtAt(doubted, doubts, byId),
        held: heldBy === undefined ? null : { reason: holds.get(heldBy) ?? '', number: byId.get(heldBy)?.number ?? '' },
      },
    ];
  });
}

function doubtsByLot(db: Db, ids: readonly number[]): ReadonlyMap<number, Doubt> {
  const by = new Map<number, (typeof lotCheck.$inferSelect)[]>();
  for (const row of db
    .select()
    .from(lotCheck)
    .where(and(inArray(lotCheck.kind, DOUBTS), oneOfIds(lotCheck.lotId, ids)))
    .orderBy(asc(lotCheck.at), asc(lotCheck.id))
    .all())
    by.set(row.lotId, [...(by.get(row.lotId) ?? []), row]);
  return new Map(
    [...by].flatMap(([id, checks]) => {
      const doubt = doubtOf(checks);
      return doubt ? [[id, doubt] as const] : [];
    }),
  );
}

function doubtAt(id: number | undefined, doubts: ReadonlyMap<number, Doubt>, lots: ReadonlyMap<number, Lot>): KnownLot['doubt'] {
  const kind = id === undefined ? undefined : doubts.get(id);
  return id === undefined || !kind ? null : { kind, number: lots.get(id)?.number ?? '' };
}

/** What papers state of a lot: its own, and what is stated of every bought lot that is in it. */
function statedOf(id: number, roots: readonly number[], by: ReadonlyMap<number, readonly Statement[]>): readonly Statement[] {
  const [first, ...rest] = roots.map((root) => by.get(root) ?? []);
  const ofAll = (first ?? []).filter((one) => rest.every((other) => other.includes(one)));
  return [...new Set([...(by.get(id) ?? []), ...ofAll])];
}

function statementsByLot(db: Db, ids: readonly number[]): ReadonlyMap<number, readonly Statement[]> {
  const found = new Map<number, Statement[]>();
  for (const { lotId, says } of db
    .select({ lotId: declaration.lotId, says: declaration.says })
    .from(declaration)
    .where(oneOfIds(declaration.lotId, ids))
    .all())
    found.set(lotId, [...new Set([...(found.get(lotId) ?? []), ...says])]);
  return found;
}

/** @public */
export const findLot = (lots: readonly KnownLot[], number: string): KnownLot | undefined =>
  lots.find((one) => one.number === number);

/** Lots something may be drawn from now. */
export const usable = (lots: readonly KnownLot[]): KnownLot[] => lots.filter((one) => one.leftG > 0 && !one.held);

/** What a kilogram of each ingredient costs from the lots that still hold some, weighted by what is left. */
export function pricesPerKg(lots: readonly KnownLot[]): Record<string, number> {
  const sums = new Map<string, { minor: number; grams: number }>();
  for (const one of lots) {
    const { kind, leftG, minorPerKg } = one;
    const id = kind === 'bought' || kind === 'ready' ? materialIdOf(one) : null;
    if (id === null || minorPerKg === null || leftG <= 0) continue;
    const sum = sums.get(id) ?? { minor: 0, grams: 0 };
    sums.set(id, { minor: sum.minor + minorPerKg * leftG, grams: sum.grams + leftG });
  }
  return Object.fromEntries([...sums].map(([id, { minor, grams }]) => [id, minor / grams]));
}
