import 'server-only';
import { desc, eq } from 'drizzle-orm';
import { runningOut, USE_WINDOW_DAYS } from '@/core/material';
import { MS_PER_DAY, toMajor } from '@/core/quantity';
import { STATEMENTS, type Statement } from '@/core/use';
import type { Db } from '@/data/db';
import { hashOf, keepFile, readKept } from '@/data/files';
import { declaration, movement } from '@/data/schema';
import { allLots, containers } from '@/data/stores/queries';
import { readyMades } from '@/data/stores/ready-mades';
import { keepDeclaration } from '@/data/stores/senses';
import { supplies, usedUp } from '@/data/stores/used-up';
import { type Trace, traceOf } from '@/data/trace/queries';
import { storesStoresRoutes as wording } from '@/messages/screens/stores';
import { csvFile } from '@/web/csv';
import { patiently } from '@/web/patience';
import { session } from '@/web/session';

type Rows = Parameters<typeof csvFile>[1];

const SHEETS: Readonly<Record<string, (db: Db, currency: string, nowMs: number) => Rows>> = {
  lots: (db, currency) =>
    allLots(db).map((lot) => ({
      number: lot.number,
      kind: lot.kind,
      ingredient: lot.ingredientId ?? lot.title,
      grams: lot.receivedG,
      left_g: lot.leftG,
      count_left: lot.countLeft,
      supplier: lot.supplier,
      supplier_code: lot.supplierCode,
      opened_on: lot.openedOn,
      best_before: lot.labelBestBefore,
      use_within_days: lot.useWithinDays,
      stands_at: lot.placeName,
      price: lot.priceMinor === null ? null : toMajor(lot.priceMinor, currency),
      contents: lot.contents.join('; '),
      allergens: lot.nature?.allergens.join('; ') ?? '',
      held: lot.held?.reason ?? null,
      note: lot.note,
    })),
  movements: (db) => {
    const numbers = new Map(allLots(db).map((lot) => [lot.id, lot.number]));
    return db
      .select()
      .from(movement)
      .orderBy(desc(movement.at))
      .all()
      .map((row) => ({
        at: new Date(row.at).toISOString(),
        lot: numbers.get(row.lotId) ?? '',
        grams: row.grams,
        why: row.why,
        entry: row.entry,
      }));
  },
  order: (db, _, nowMs) =>
    runningOut(usedUp(db, nowMs), nowMs)
      .filter((row) => row.kind !== 'tin')
      .map((row) => ({
        what: row.name,
        kind: row.kind,
        counted_in: row.counted,
        there: row.left,
        used_a_day: row.perDay,
        lasts_days: row.days,
        to_order: row.order,
        packs: row.packs,
        pack: row.pack?.amount ?? null,
        supplier: row.pack?.supplier ?? '',
      })),
  supplies: (db, _, nowMs) =>
    supplies(db, nowMs - USE_WINDOW_DAYS * MS_PER_DAY).map(({ name, counted, left, used }) => ({
      name,
      counted_in: counted,
      there: left,
      used_in_window: used,
    })),
  jars: (db, currency) =>
    containers(db).map((jar) => ({
      name: jar.name,
      holds_ml: jar.capacityMl,
      fill_percent: jar.fillFraction * 100,
      have: jar.have,
      tare_g: jar.tareG,
      price: jar.priceMinor === null ? null : toMajor(jar.priceMinor, currency),
    })),
  finishes: (db) =>
    readyMades(db).map((one) => ({
      name: one.name,
      declared: one.declared.join('; '),
      all_declared: one.isAllDeclared ? 'yes' : 'no',
      drying: one.drying,
      paste: one.isPaste ? 'yes' : 'no',
      contact: one.contact,
      density_g_per_ml: one.densityGPerMl,
      coverage_m2_per_l: one.coverageM2PerL,
      role: one.role,
      shares: Object.entries(one.shares)
        .map(([id, share]) => `${id} ${share}`)
        .join('; '),
      leave_on_min: one.labelDwellMin,
      leave_on_most_min: one.labelDwellMaxMin,
      between_coats_min: one.labelGapMin,
      coats: one.labelCoats,
      food_after_h: one.labelFoodHours,
      label_rule: one.labelRule,
    })),
};

/** The stores as CSV: `?sheet=lots`, `movements`, `jars`, `finishes`, `supplies` or what to `order`. */
export async function exportStores(request: Request): Promise<Response> {
  const { db, shop, nowMs } = await session();
  const sheet = new URL(request.url).searchParams.get('sheet') ?? 'lots';
  const rows = Object.hasOwn(SHEETS, sheet) ? SHEETS[sheet] : undefined;
  return rows ? csvFile(`${sheet}.csv`, rows(db, shop.currency, nowMs)) : new Response(wording.thereIsNoSuch, { status: 404 });
}

/** A trace as a list: one row for everything it reaches. */
export const traceRows = (trace: Trace): Rows => [
  ...trace.lots.map((lot) => ({
    kind: lot.kind,
    number: lot.number,
    what: lot.what,
    way: lot.way,
    grams_in: trace.edges.filter((edge) => edge.into === lot.id).reduce((sum, edge) => sum + edge.grams, 0) || null,
    date: null,
    buyer: null,
  })),
  ...trace.batches.map((batch) => ({
    kind: 'batch',
    number: batch.number,
    what: batch.design,
    way: batch.planned ? 'planned' : 'on',
    grams_in: null,
    date: null,
    buyer: null,
  })),
  ...trace.pieces.map((piece) => ({
    kind: 'piece',
    number: piece.number,
    what: piece.code,
    way: 'on',
    grams_in: null,
    date: piece.soldOn,
    buyer: piece.buyer,
  })),
  ...trace.tins.map((tin) => ({
    kind: wording.tinsSold,
    number: trace.lots.find((lot) => lot.id === tin.lotId)?.number ?? '',
    what: `${tin.count}`,
    way: 'on',
    grams_in: null,
    date: tin.soldOn,
    buyer: tin.buyer,
  })),
];

export async function exportTrace(request: Request): Promise<Response> {
  const { db } = await session();
  const trace = traceOf(db, Number(new URL(request.url).searchParams.get('lot')));
  const self = trace?.lots.find((lot) => lot.way === 'self');
  return trace && self
    ? csvFile(`trace-${self.number.replace('/', '-')}.csv`, traceRows(trace))
    : new Response(wording.thereIsNoSuchLot, { status: 404 });
}

const MOST_BYTES = 12_000_000;
const TYPES: readonly (readonly [string, readonly number[]])[] = [
  ['application/pdf', [0x25, 0x50, 0x44, 0x46]],
  ['image/png', [0x89, 0x50, 0x4e, 0x47]],
  ['image/jpeg', [0xff, 0xd8, 0xff]],
];
const typeOf = (bytes: Uint8Array): string | undefined =>
  TYPES.find(([, head]) => head.every((byte, i) => bytes[i] === byte))?.[0];

const say = (fault: string, status: number): Response => Response.json({ fault }, { status });

/** What a paper is said to state. */
const statedBy = (form: FormData): Statement[] => STATEMENTS.filter((one) => form.getAll('says').includes(one));

/** Takes a supplier's declaration: PDF, PNG or JPEG, kept beside the database by its hash. */
export async function takeDeclaration(request: Request): Promise<Response> {
  const { db, person, nowMs } = await session();
  if (!person) return say(wording.sayFirstWhoIs, 401);
  const form = await request.formData().catch(() => null);
  if (!form) return say(wording.chooseTheFileFirst, 400);
  const file = form.get('file');
  if (!(file instanceof File) || file.size === 0) return say(wording.chooseTheFileFirst, 400);
  if (file.size > MOST_BYTES) return say(wording.thisFileIsLarger, 413);
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (!typeOf(bytes)) return say(wording.keepAPdfA, 415);
  const kept = await patiently(() =>
    keepDeclaration(
      db,
      {
        lotId: Number(form.get('lot')),
        name: file.name.slice(0, 160),
        hash: hashOf(bytes),
        bytes: file.size,
        says: statedBy(form),
      },
      { personId: person.id, nowMs },
    ),
  );
  if (!kept.ok) return say(wording.thisLotIsNo, 404);
  keepFile(bytes);
  return Response.json({ ok: true });
}

export async function showDeclaration(
  _: Request,
  { params }: { readonly params: Promise<{ readonly hash: string }> },
): Promise<Response> {
  const { db } = await session();
  const { hash } = await params;
  const row = db.select().from(declaration).where(eq(declaration.hash, hash)).get();
  const kept = row ? readKept(hash) : null;
  if (kept?.state === 'broken')
    return new Response(wording.thisPaperWasDamaged, {
      status: 410,
    });
  if (!row || kept?.state !== 'whole') return new Response(wording.thisFileIsNot, { status: 404 });
  const { bytes } = kept;
  return new Response(Buffer.from(bytes), {
    headers: {
      'content-type': typeOf(bytes) ?? 'application/octet-stream',
      'x-content-type-options': 'nosniff',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(row.name)}`,
    },
  });
}
