import 'server-only';
import { asc, desc, eq } from 'drizzle-orm';
import { z } from 'zod';
import { PIECE_USES, type PieceUse } from '@/core/material';
import { type Area, areaOf, Geometry } from '@/core/piece';
import { Regimen, Slot } from '@/core/regimen';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, design, designRevision, regimen, regimenRevision, regimenStep } from '../schema';

export type Design = {
  readonly id: number;
  readonly name: string;
  readonly revisionId: number;
  readonly geometry: Geometry;
  /** What it is for, and whether its maker said so or an older file did. */
  readonly uses: readonly PieceUse[];
  readonly usesSaid: boolean;
  /** Whether it could be taken for tableware where it is not for food. */
  readonly tableware: boolean;
  readonly area: Area;
};

function toDesign(row: { design: typeof design.$inferSelect; design_revision: typeof designRevision.$inferSelect }): Design {
  const geometry = Geometry.parse(row.design_revision.geometry);
  return {
    id: row.design.id,
    name: row.design.name,
    revisionId: row.design_revision.id,
    geometry,
    uses: z.array(z.enum(PIECE_USES)).min(1).parse(row.design_revision.uses),
    usesSaid: row.design_revision.usesSaid,
    tableware: row.design_revision.tableware,
    area: areaOf(geometry),
  };
}

const designRows = (db: Db) => db.select().from(designRevision).innerJoin(design, eq(design.id, designRevision.designId));

/** Every design at its newest revision, by name; the sizes of trials’ fields are none. */
export const allDesigns = (db: Db): readonly Design[] => keep(db, 'all designs', () => readDesigns(db));

function readDesigns(db: Db): Design[] {
  const rows = designRows(db).where(eq(design.isField, false)).orderBy(asc(design.name), desc(designRevision.number)).all();
  return rows.filter((row, index) => rows[index - 1]?.design.id !== row.design.id).map(toDesign);
}

export const findDesign = (db: Db, revisionId: number): Design | null =>
  keep(db, `design ${revisionId}`, () => {
    const row = designRows(db).where(eq(designRevision.id, revisionId)).get();
    return row ? toDesign(row) : null;
  });

export type KnownRegimen = Regimen & {
  readonly revisionId: number;
  readonly number: number /** As it ships, not changed by the shop. */;
  readonly shipped: boolean;
};

function toRegimen(
  db: Db,
  row: { regimen: typeof regimen.$inferSelect; regimen_revision: typeof regimenRevision.$inferSelect },
): KnownRegimen {
  const { regimen: named, regimen_revision: revision } = row;
  const steps = db
    .select()
    .from(regimenStep)
    .where(eq(regimenStep.revisionId, revision.id))
    .orderBy(asc(regimenStep.ordinal))
    .all();
  const parsed = Regimen.parse({
    ...revision,
    id: named.id,
    name: named.name,
    slots: z.array(Slot).parse(revision.slots),
    steps: steps.map(({ detail, ...step }) => ({
      ...step,
      ...detail,
      wait: { min: step.waitMin, ideal: step.waitIdealMin, max: step.waitMaxMin },
    })),
  });
  return { ...parsed, revisionId: revision.id, number: revision.number, shipped: revision.personId === null };
}

const regimenRows = (db: Db) => db.select().from(regimenRevision).innerJoin(regimen, eq(regimen.id, regimenRevision.regimenId));

/** Every regimen at its newest revision, as shipped. */
export const allRegimens = (db: Db): readonly KnownRegimen[] => keep(db, 'all regimens', () => readRegimens(db));

function readRegimens(db: Db): KnownRegimen[] {
  const rows = regimenRows(db).orderBy(asc(regimenRevision.id)).all();
  return rows
    .filter(
      (row) =>
        !rows.some((other) => other.regimen.id === row.regimen.id && other.regimen_revision.number > row.regimen_revision.number),
    )
    .map((row) => toRegimen(db, row));
}

export const findRegimen = (db: Db, revisionId: number): KnownRegimen | null =>
  keep(db, `regimen ${revisionId}`, () => {
    const row = regimenRows(db).where(eq(regimenRevision.id, revisionId)).get();
    return row ? toRegimen(db, row) : null;
  });

/** How many batches back are looked at. */
const LATELY = 40;

/** The woods and the regimens of the last batches, the newest first, each once. */
export function usedLately(db: Db): { readonly woods: readonly string[]; readonly regimens: readonly string[] } {
  const rows = db
    .select({ wood: batch.speciesId, regimen: regimen.id })
    .from(batch)
    .innerJoin(regimenRevision, eq(regimenRevision.id, batch.regimenRevisionId))
    .innerJoin(regimen, eq(regimen.id, regimenRevision.regimenId))
    .innerJoin(designRevision, eq(designRevision.id, batch.designRevisionId))
    .innerJoin(design, eq(design.id, designRevision.designId))
    .where(eq(design.isField, false))
    .orderBy(desc(batch.id))
    .limit(LATELY)
    .all();
  return { woods: [...new Set(rows.map((row) => row.wood))], regimens: [...new Set(rows.map((row) => row.regimen))] };
}
