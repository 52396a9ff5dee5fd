import 'server-only';
import { asc, eq, isNotNull, sql } from 'drizzle-orm';
import { type BackShare, type CareClass, shareOf } from '@/core/care';
import { median } from '@/core/numeric';
import { daysBetween, groupBy } from '@/core/quantity';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, carePlan, careReport, piece, restoration, sale } from '../schema';

/** What came of one sort of finish on one wood. */
export type CameOf = {
  readonly finish: CareClass;
  readonly speciesId: string;
  readonly sold: number;
  /** Pieces of which something was said to be wrong. */
  readonly wrong: BackShare;
  /** Pieces that came back, to be mended or for good. */
  readonly back: BackShare;
  /** Days between re-oilings as owners did them; the middle, and how many gaps it rests on. */
  readonly everyDays: number | null;
  readonly gaps: number;
};
/** One month: pieces sold in it, and what was said in it. */
export type Month = { readonly month: string; readonly sold: number; readonly wrong: number; readonly back: number };

type CameBack = { readonly rows: readonly CameOf[]; readonly months: readonly Month[] };

type Sold = {
  readonly planId: number;
  readonly finish: CareClass;
  readonly speciesId: string;
  readonly soldOn: string;
  readonly wrongOn: readonly string[];
  readonly backOn: readonly string[];
  readonly reOiledOn: readonly string[];
};

/** Sales of so many years before the last one are counted. */
export const RETURNS_YEARS = 3;

const LATELY = sql`${sale.soldOn} >= (select date(max(${sale.soldOn}), ${`-${RETURNS_YEARS} years`}) from ${sale})`;

/** Pieces sold in the last years with what came of them. */
function soldWithReports(db: Db): Sold[] {
  const reports = groupBy(
    db
      .select({ carePlanId: careReport.carePlanId, kind: careReport.kind, reportedOn: careReport.reportedOn })
      .from(careReport)
      .innerJoin(carePlan, eq(carePlan.id, careReport.carePlanId))
      .innerJoin(sale, eq(sale.id, carePlan.saleId))
      .where(LATELY)
      .orderBy(asc(careReport.at))
      .all(),
    (row) => row.carePlanId,
  );
  const home = new Map<number, string>();
  for (const row of db
    .select({ pieceId: restoration.pieceId, at: batch.at })
    .from(restoration)
    .innerJoin(batch, eq(batch.id, restoration.batchId))
    .where(isNotNull(restoration.pieceId))
    .all())
    home.set(row.pieceId ?? 0, new Date(row.at).toISOString().slice(0, 10));
  return db
    .select({
      planId: carePlan.id,
      finish: carePlan.careClass,
      speciesId: batch.speciesId,
      soldOn: sale.soldOn,
      pieceId: piece.id,
    })
    .from(carePlan)
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .innerJoin(batch, eq(batch.id, piece.batchId))
    .where(LATELY)
    .all()
    .map(({ pieceId, ...row }) => {
      const of = (kind: string): string[] =>
        (reports.get(row.planId) ?? []).filter((one) => one.kind === kind).map((one) => one.reportedOn);
      const came = home.get(pieceId);
      return { ...row, wrongOn: of('wrong'), backOn: [...of('returned'), ...(came ? [came] : [])], reOiledOn: of('re-oiled') };
    });
}

const gapsOf = ({ soldOn, reOiledOn }: Sold): number[] => {
  const days = [soldOn, ...reOiledOn];
  return days.slice(1).map((on, i) => daysBetween(days[i] as string, on));
};

/** What comes back, by finish and wood, most sold first; and over the last months, oldest first. */
export const whatComesBack = (db: Db, months: readonly string[]): CameBack =>
  keep(db, `came back ${months.join()}`, () => readBack(db, months));

function readBack(db: Db, months: readonly string[]): CameBack {
  const all = soldWithReports(db);
  const groups = groupBy(all, (one) => `${one.finish} ${one.speciesId}`);
  const rows = [...groups.values()].map((some) => {
    const gaps = some.flatMap(gapsOf);
    const count = (of: (one: Sold) => boolean): number => some.filter(of).length;
    return {
      finish: (some[0] as Sold).finish,
      speciesId: (some[0] as Sold).speciesId,
      sold: some.length,
      wrong: shareOf(
        count((one) => one.wrongOn.length > 0),
        some.length,
      ),
      back: shareOf(
        count((one) => one.backOn.length > 0),
        some.length,
      ),
      everyDays: median(gaps),
      gaps: gaps.length,
    };
  });
  const inMonth = (month: string, dates: readonly string[]): number => dates.filter((date) => date.startsWith(month)).length;
  return {
    rows: rows.sort((a, b) => b.sold - a.sold),
    months: months.map((month) => ({
      month,
      sold: inMonth(
        month,
        all.map((one) => one.soldOn),
      ),
      wrong: inMonth(
        month,
        all.flatMap((one) => one.wrongOn),
      ),
      back: inMonth(
        month,
        all.flatMap((one) => one.backOn),
      ),
    })),
  };
}
