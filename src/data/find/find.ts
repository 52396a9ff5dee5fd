import 'server-only';
import { desc, eq, isNull } from 'drizzle-orm';
import { type Findable, type Found, findIn } from '@/core/find';
import { GUIDE_TO_FIND } from '@/core/guide';
import { findIngredient } from '@/core/material';
import { findWood } from '../catalogue/woods';
import type { Db } from '../db';
import { keep } from '../kept';
import {
  batch,
  design,
  designRevision,
  formula,
  formulaLine,
  formulaRevision,
  lot,
  note,
  owner,
  piece,
  regimen,
  regimenRevision,
  sale,
} from '../schema';
import { catalogueOf } from '../stores/catalogue';
import { formulaNames, lotsNow } from '../stores/queries';
import { loadBatch } from '../work/batch';

/** How much each part of a finding weighs: its name, what it is made of and for whom, what was remarked. */
const WEIGHT = { name: 3, facts: 2, remarks: 1 } as const;

/** So many of the newest batches are found by all that was recorded of them; older ones by what they are. */
const WHOLE_BATCHES = 500;
/** SQLite skips rows only behind a limit. */
const EVERY = 1_000_000_000;

/** Batches by their number, wood, design, regimen, customer and wishes: nothing is loaded whole. */
function olderBatches(db: Db): Findable[] {
  return db
    .select({
      number: batch.number,
      at: batch.startAt,
      speciesId: batch.speciesId,
      design: design.name,
      regimen: regimen.name,
      customer: batch.customer,
      wishes: batch.wishes,
    })
    .from(batch)
    .innerJoin(designRevision, eq(designRevision.id, batch.designRevisionId))
    .innerJoin(design, eq(design.id, designRevision.designId))
    .innerJoin(regimenRevision, eq(regimenRevision.id, batch.regimenRevisionId))
    .innerJoin(regimen, eq(regimen.id, regimenRevision.regimenId))
    .where(isNull(batch.cancelledAt))
    .orderBy(desc(batch.id))
    .limit(EVERY)
    .offset(WHOLE_BATCHES)
    .all()
    .map((one) => ({
      kind: 'batch',
      id: one.number,
      at: one.at,
      parts: [
        { text: one.number, weight: WEIGHT.name },
        { text: `${findWood(db, one.speciesId)?.name ?? ''} ${one.design}`, weight: WEIGHT.name },
        ...[one.regimen, one.customer].filter(Boolean).map((text) => ({ text, weight: WEIGHT.facts })),
        ...(one.wishes ? [{ text: one.wishes, weight: WEIGHT.remarks }] : []),
      ],
    }));
}

function batchesToFind(db: Db, nowMs: number): Findable[] {
  const newest = db
    .select({ id: batch.id })
    .from(batch)
    .where(isNull(batch.cancelledAt))
    .orderBy(desc(batch.id))
    .limit(WHOLE_BATCHES)
    .all()
    .reverse()
    .flatMap(({ id }): Findable[] => {
      const one = loadBatch(db, id, nowMs);
      if (!one) return [];
      const kinds = one.kinds.map((kind) => `${kind.pieces.length} ${kind.species.name} ${kind.design.name}`);
      const facts = [
        ...one.woods.map((wood) => wood.name),
        one.regimen.name,
        one.customer,
        one.glue?.name ?? '',
        ...one.on.flatMap((lot) => [lot.number, lot.title]),
      ];
      const seen = one.book.flatMap(({ stands }) => (stands?.seen ? [stands.seen] : []));
      return [
        {
          kind: 'batch',
          id: one.number,
          at: one.startAt,
          parts: [
            { text: one.number, weight: WEIGHT.name },
            ...kinds.map((text) => ({ text, weight: WEIGHT.name })),
            ...facts.filter(Boolean).map((text) => ({ text, weight: WEIGHT.facts })),
            ...[one.wishes, one.beyondWhy, ...seen].filter(Boolean).map((text) => ({ text, weight: WEIGHT.remarks })),
          ],
        },
      ];
    });
  return [...olderBatches(db), ...newest];
}

/** Notes speak for themselves, and are found by the batch they are of as well. */
function notesToFind(db: Db, batches: readonly Findable[]): Findable[] {
  const rows = db
    .select({ id: note.id, text: note.text, at: note.at, number: batch.number })
    .from(note)
    .leftJoin(batch, eq(batch.id, note.batchId))
    .all();
  const byNumber = new Map(batches.map((one) => [one.id, one]));
  return rows.map(({ id, text, at, number }) => {
    const of = number === null ? undefined : byNumber.get(number);
    const about =
      of?.parts.filter((part) => part.weight === WEIGHT.name).map((part) => ({ ...part, weight: WEIGHT.facts })) ?? [];
    return { kind: 'note', id: number ?? `note ${id}`, at, parts: [{ text, weight: WEIGHT.name }, ...about] };
  });
}

function formulasToFind(db: Db): Findable[] {
  const rows = db
    .select()
    .from(formulaRevision)
    .innerJoin(formula, eq(formula.id, formulaRevision.formulaId))
    .orderBy(desc(formulaRevision.number))
    .all();
  const newest = rows.filter((row, i) => rows.findIndex((other) => other.formula.id === row.formula.id) === i);
  return newest.map(({ formula: of, formula_revision: revision }) => ({
    kind: 'formula',
    id: String(of.id),
    at: revision.at,
    parts: [
      { text: of.name, weight: WEIGHT.name },
      ...db
        .select({ id: formulaLine.ingredientId })
        .from(formulaLine)
        .where(eq(formulaLine.revisionId, revision.id))
        .all()
        .map((line) => ({ text: findIngredient(line.id, catalogueOf(db))?.name ?? line.id, weight: WEIGHT.facts })),
      ...(revision.note ? [{ text: revision.note, weight: WEIGHT.remarks }] : []),
    ],
  }));
}

/** Lots that were used up long ago, by what their own row says. */
function olderLots(db: Db, now: ReadonlySet<number>): Findable[] {
  const formulas = formulaNames(db);
  return db
    .select()
    .from(lot)
    .all()
    .filter((one) => !now.has(one.id))
    .map((one) => ({
      kind: 'lot',
      id: String(one.id),
      at: one.at,
      parts: [
        { text: one.number, weight: WEIGHT.name },
        {
          text:
            one.name ??
            formulas.get(one.formulaRevisionId ?? 0) ??
            findIngredient(one.ingredientId ?? '', catalogueOf(db))?.name ??
            '',
          weight: WEIGHT.name,
        },
        ...[one.supplier, one.supplierCode].filter(Boolean).map((text) => ({ text: text ?? '', weight: WEIGHT.facts })),
        ...(one.note ? [{ text: one.note, weight: WEIGHT.remarks }] : []),
      ],
    }));
}

/** Lots by number, by what is in them, by whom they came from and where they stand. */
function lotsToFind(db: Db): Findable[] {
  const now = lotsNow(db);
  const newest = now.map((lot) => ({
    kind: 'lot' as const,
    id: String(lot.id),
    at: lot.at,
    parts: [
      { text: lot.number, weight: WEIGHT.name },
      { text: lot.title, weight: WEIGHT.name },
      ...[lot.supplier, lot.supplierCode, lot.placeName, lot.isShopJar ? 'shop jar' : null, ...lot.contents]
        .filter((text) => text !== null && text !== '')
        .map((text) => ({ text: text ?? '', weight: WEIGHT.facts })),
      ...(lot.note ? [{ text: lot.note, weight: WEIGHT.remarks }] : []),
    ],
  }));
  return [...olderLots(db, new Set(now.map((lot) => lot.id))), ...newest];
}

/** Buyers by name, each once, with what they bought. */
function buyersToFind(db: Db): Findable[] {
  const rows = db
    .select({ id: owner.id, name: owner.name, at: sale.at, number: batch.number })
    .from(owner)
    .innerJoin(sale, eq(sale.ownerId, owner.id))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .innerJoin(batch, eq(batch.id, piece.batchId))
    .where(isNull(owner.erasedAt))
    .all();
  const byId = new Map<number, Findable>();
  for (const { id, name, at, number } of rows) {
    const known = byId.get(id);
    const parts = known?.parts ?? [{ text: name, weight: WEIGHT.name }];
    byId.set(id, {
      kind: 'buyer',
      id: name,
      at: Math.max(at, known?.at ?? 0),
      parts: [...parts, { text: number, weight: WEIGHT.facts }],
    });
  }
  return [...byId.values()];
}

/** Batches, notes, formulas, lots, buyers and pages of the guide that answer a question, the best first. */
export function findAnything(db: Db, question: string, nowMs: number): readonly Found<Findable>[] {
  const all = keep(db, 'all to find', () => {
    const batches = batchesToFind(db, nowMs);
    return [
      ...batches,
      ...notesToFind(db, batches),
      ...formulasToFind(db),
      ...lotsToFind(db),
      ...buyersToFind(db),
      ...GUIDE_TO_FIND,
    ];
  });
  return findIn(all, question);
}
