import 'server-only';
import { randomBytes } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { byLabelCoats, scheduleOf } from '@/core/batch';
import { setsInTin } from '@/core/blend';
import type { Upkeep } from '@/core/care';
import type { Origin, PieceUse } from '@/core/material';
import { fits, type Geometry } from '@/core/piece';
import { fail, type Issue, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { handsScale, type OwnCare, type RegimenStep, type Slot, suits } from '@/core/regimen';
import { codeFrom } from '@/core/trace';
import { type Glue, withoutSurface } from '@/core/use';
import { nextNumber } from '@/data/shop/numbers';
import { allDesigns, findDesign, findRegimen, type KnownRegimen } from '../catalogue/catalogue';
import { findWood } from '../catalogue/woods';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, batchMaterial, design, designRevision, piece, place, placement, stepChange } from '../schema';
import { catalogueOf } from '../stores/catalogue';
import { type KnownLot, lotOf } from '../stores/queries';
import { dwellBound } from './standing';

/** What a design is for. */
export type ForWhat = { readonly uses: readonly PieceUse[]; readonly tableware?: boolean };

/** A revision's uses as the file keeps them, with the two marks of its first shape. */
export const usesRow = ({ uses, tableware = true }: ForWhat) => ({
  uses: [...uses],
  tableware,
  usesSaid: true,
  cutOn: uses.includes('knife'),
  mouthed: uses.includes('mouth') || uses.includes('toy'),
});

export function addDesign(
  db: Db,
  input: { readonly name: string; readonly geometry: Geometry; readonly sizesSure?: boolean } & ForWhat,
  nowMs: number,
): Result<{ readonly id: number; readonly revisionId: number }> {
  return command(db, (tx) => {
    const sound = fits(input.geometry);
    if (!sound.ok) return sound;
    if (input.uses.length === 0) return fail('required', 'uses');
    if (tx.select().from(design).where(eq(design.name, input.name)).get())
      return fail('name-taken', 'name', { name: input.name });
    const { id } = tx.insert(design).values({ name: input.name, createdAt: nowMs }).returning({ id: design.id }).get();
    const revision = tx
      .insert(designRevision)
      .values({
        designId: id,
        number: 1,
        geometry: input.geometry,
        ...usesRow(input),
        sizesSure: input.sizesSure ?? false,
        at: nowMs,
      })
      .returning({ id: designRevision.id })
      .get();
    return ok({ id, revisionId: revision.id });
  });
}

export type NewBatch = {
  readonly designRevisionId: number;
  readonly speciesId: string;
  readonly origin: Origin;
  /** Whether the maker is sure which tree it is; true unless said. */
  readonly treeKnown?: boolean;
  readonly pieces: number;
  readonly regimenRevisionId: number;
  readonly materials: Readonly<Record<string, number>>;
  readonly startAt: number;
  readonly dueAt: number | null;
  /** Why its first soak may lie past the bound of its oil: someone read what can go wrong. */
  readonly beyondWhy?: string;
  /** What it is for, narrower than its design; who will look after it; for whom, and what was wished. */
  readonly uses?: readonly PieceUse[] | null;
  readonly upkeep?: Upkeep | null;
  readonly customer?: string;
  readonly wishes?: string;
  readonly ownCare?: OwnCare | null;
  readonly alsoWoods?: readonly string[];
  readonly glue?: Glue | null;
  readonly roughOn?: string | null;
  readonly againOf?: number | null;
  /** Of a trial’s treatment: what it is called there; else the next free number. */
  readonly numbered?: string;
  /** Unlike pieces: then its design, wood and number are theirs. */
  readonly mixed?: readonly MixedKind[];
};

/** So many of a kind in a mixed lot; what no design of the shop answers to becomes one. */
export type MixedKind = {
  readonly count: number;
  readonly name: string;
  readonly designRevisionId: number | null;
  readonly geometry: Geometry;
  readonly speciesId: string;
  readonly uses: readonly PieceUse[];
};

/** How far back a start may lie: the minutes it takes to fill in a form. */
const START_GRACE_MS = 30 * MS_PER_MINUTE;
/** A batch of more is several. */
const MOST_PIECES = 500;

/** A lot for a slot, as long as it suits and nothing holds it. */
export function chooseFor(db: Db, slot: Slot, steps: readonly RegimenStep[], lotId: number): Result<KnownLot> {
  const path = `materials.${slot.slot}`;
  const lot = lotOf(db, lotId);
  if (!lot?.nature) return fail('slot-empty', path, { name: slot.name });
  const material = {
    roles: lot.roles,
    drying: lot.nature.drying,
    waxEquivalent: lot.nature.waxEquivalent,
    a0Hours: lot.needs?.hours ?? null,
    setsInTin: setsInTin(lot.ingredients, catalogueOf(db)),
  };
  const held: Issue[] = lot.held ? [{ code: 'lot-held', path, with: { number: lot.held.number } }] : [];
  const fits = suits(slot, material, lot.number, steps);
  const issues = [...held, ...(fits.ok ? [] : fits.issues)];
  return issues.length > 0 ? { ok: false, issues } : ok(lot);
}

/** Each slot's lot, as long as it suits: dries or never dries as the regimen wants, and does not stay tacky. */
export function chooseMaterials(
  db: Db,
  regimen: KnownRegimen,
  chosen: Readonly<Record<string, number>>,
): Result<Record<string, KnownLot>> {
  const issues: Issue[] = [];
  const materials: Record<string, KnownLot> = {};
  for (const slot of regimen.slots) {
    const needed = regimen.steps.some((step) => step.slot === slot.slot && !step.optional);
    const id = chosen[slot.slot];
    if (id === undefined && !needed) continue;
    const lot = chooseFor(db, slot, regimen.steps, id ?? 0);
    if (lot.ok) materials[slot.slot] = lot.value;
    else issues.push(...lot.issues);
  }
  return issues.length > 0 ? { ok: false, issues } : ok(materials);
}

function freshCode(): string {
  for (;;) {
    const code = codeFrom(randomBytes(24));
    if (code) return code;
  }
}

export const nextBatchNumber = (tx: Db, nowMs: number): string =>
  nextNumber(tx, { table: batch, column: batch.number, prefix: '', digits: 3 }, nowMs);

/** A bought finish's label says how many coats: more than the regimen gives, or fewer. */
function byLabels(tx: Db, batchId: number, { steps }: KnownRegimen, lots: Readonly<Record<string, KnownLot>>, by: By): void {
  for (const [slot, { ready, number }] of Object.entries(lots)) {
    if (!ready || ready.labelCoats === null) continue;
    const { more, lastAfter } = byLabelCoats(steps, slot, ready.labelCoats);
    const row = {
      batchId,
      slot,
      reason: 'label' as const,
      note: `${ready.labelCoats} by the label of ${number}`,
      personId: by.personId,
      at: by.nowMs,
    };
    for (let i = 0; i < more; i++)
      tx.insert(stepChange)
        .values({ ...row, clientId: `label-${batchId}-${slot}-${i}`, kind: 'another', after: null })
        .run();
    if (lastAfter !== null)
      tx.insert(stepChange)
        .values({ ...row, clientId: `label-${batchId}-${slot}`, kind: 'last', after: lastAfter })
        .run();
  }
}

/** A design for a line of a mixed lot: the one it names, or a new one; a name that is taken by another shape gets a number. */
function designFor(tx: Db, { designRevisionId, name, geometry, uses }: MixedKind, by: By): Result<number> {
  if (designRevisionId !== null) return findDesign(tx, designRevisionId) ? ok(designRevisionId) : fail('not-found', 'mixed');
  const named = `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
  for (let n = 1; n < 100; n++) {
    const as = n === 1 ? named : `${named} ${n}`;
    const known = allDesigns(tx).find((one) => one.name === as);
    if (known && JSON.stringify(known.geometry) === JSON.stringify(geometry)) return ok(known.revisionId);
    if (known) continue;
    const made = addDesign(tx, { name: as, geometry, uses }, by.nowMs);
    return made.ok ? ok(made.value.revisionId) : made;
  }
  return fail('name-taken', 'mixed', { name: named });
}

/** The pieces a batch begins with, each with what is its own; alike ones have nothing of their own. */
function piecesOf(tx: Db, { mixed = [], pieces }: Pick<NewBatch, 'mixed' | 'pieces'>, by: By) {
  const own: { designRevisionId: number | null; speciesId: string | null; uses: readonly PieceUse[] | null }[] = [];
  for (const [i, kind] of mixed.entries()) {
    const path = `mixed.${i}`;
    if (!Number.isInteger(kind.count) || kind.count < 1) return fail('must-be-positive', `${path}.count`);
    if (!findWood(tx, kind.speciesId)) return fail('not-found', `${path}.speciesId`);
    const design = designFor(tx, kind, by);
    if (!design.ok) return design;
    for (let n = 0; n < kind.count; n++) own.push({ designRevisionId: design.value, speciesId: kind.speciesId, uses: kind.uses });
  }
  const alike = { designRevisionId: null, speciesId: null, uses: null };
  return ok(mixed.length > 0 ? own : Array.from({ length: pieces }, () => alike));
}

/** Starts a batch: its pieces get codes, its materials lots. Refused when hands, materials and regimen do not go together. */
export function startBatch(db: Db, input: NewBatch, by: By): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    const regimen = findRegimen(tx, input.regimenRevisionId);
    if (!regimen) return fail('not-found', 'regimenRevisionId');
    if (input.startAt < by.nowMs - START_GRACE_MS) return fail('in-the-past', 'startAt');
    if (!Number.isInteger(input.pieces) || input.pieces < 1) return fail('must-be-positive', 'pieces');
    const made = piecesOf(tx, input, by);
    if (!made.ok) return made;
    const own = made.value;
    if (own.length > MOST_PIECES) return fail('too-large', 'pieces', { most: MOST_PIECES });
    const designRevisionId = own[0]?.designRevisionId ?? input.designRevisionId;
    const speciesId = own[0]?.speciesId ?? input.speciesId;
    const shape = findDesign(tx, designRevisionId);
    if (!shape) return fail('not-found', 'designRevisionId');
    if (!findWood(tx, speciesId)) return fail('not-found', 'speciesId');
    if ((input.alsoWoods ?? []).some((wood) => !findWood(tx, wood))) return fail('not-found', 'alsoWoods');
    const shapes = [...new Set(own.map((one) => one.designRevisionId ?? designRevisionId))].flatMap(
      (one) => findDesign(tx, one) ?? [],
    );
    const bare = shapes.flatMap(({ geometry, name }) =>
      withoutSurface(geometry, regimen.steps).map((step) => ({ step, name })),
    )[0];
    if (bare) return fail('no-such-surface', 'regimenRevisionId', { action: bare.step.action, name: bare.name });
    const materials = chooseMaterials(tx, regimen, input.materials);
    if (!materials.ok) return materials;
    const scale = handsScale(shape.area);
    const [bound, why] = [dwellBound(materials.value), (input.beyondWhy ?? '').trim()];
    const strict = scheduleOf(regimen.steps, own.length, bound, { scale });
    const schedule = strict.ok || why === '' ? strict : scheduleOf(regimen.steps, own.length, bound, { scale, beyond: true });
    if (!schedule.ok) return schedule;
    const number = input.numbered ?? nextBatchNumber(tx, by.nowMs);
    const { materials: _, pieces: __, beyondWhy: ___, mixed: ____, numbered: _____, ...rest } = input;
    const facts = { ...rest, designRevisionId, speciesId, beyondWhy: strict.ok ? '' : why };
    const { id } = tx
      .insert(batch)
      .values({ ...facts, number, personId: by.personId, at: by.nowMs })
      .returning({ id: batch.id })
      .get();
    tx.insert(piece)
      .values(own.map((one, index) => ({ ...one, batchId: id, ordinal: index + 1, code: freshCode() })))
      .run();
    const rows = Object.entries(materials.value).map(([slot, lot]) => ({ batchId: id, slot, lotId: lot.id }));
    if (rows.length > 0) tx.insert(batchMaterial).values(rows).run();
    byLabels(tx, id, regimen, materials.value, by);
    const bench = tx.select().from(place).where(eq(place.kind, 'bench')).get();
    if (bench) tx.insert(placement).values({ batchId: id, placeId: bench.id, at: by.nowMs }).run();
    return ok({ id, number });
  });
}

/** The pieces of a batch stand somewhere else now: another climate. */
export function moveBatch(db: Db, batchId: number, placeId: number, by: By): Result<void> {
  return command(db, (tx) => {
    if (
      !tx.select().from(batch).where(eq(batch.id, batchId)).get() ||
      !tx.select().from(place).where(eq(place.id, placeId)).get()
    )
      return fail('not-found', 'placeId');
    tx.insert(placement).values({ batchId, placeId, at: by.nowMs }).run();
    return ok(undefined);
  });
}
