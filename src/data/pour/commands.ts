import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import { blend, isMixedPaint, isWarmed, PAINT_KEEPS_HOURS, setsInTin, spreadOver } from '@/core/blend';
import type { Heater } from '@/core/caution';
import { type Catalogue, findIngredient, goodUntil } from '@/core/material';
import { addMonths, dateOf, fail, MS_PER_HOUR, ok, type Result, say } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { container, fill, formulaRevision, lot, lotEdge, pour, pourEntry, slip } from '../schema';
import { readsOf, theShop } from '../shop/queries';
import { catalogueOf } from '../stores/catalogue';
import { move, nextLotNumber } from '../stores/commands';
import { leftOf, materialIdOf } from '../stores/queries';
import { toToolWax } from '../stores/tool-wax';
import { changePot, gramsToWeigh, linesNow, madeOf, mayPractise, noteSlip, openPot, pouredOf } from './open';
import { type Pot, spreadWaiting } from './queries';

export function startPour(
  db: Db,
  input: {
    readonly revisionId: number;
    readonly targetG: number;
    readonly residueG?: number;
    readonly takeUp?: boolean;
    readonly heater?: Heater | null;
    /** Draws no stock, becomes no lot, prints nothing. */
    readonly practice?: boolean;
    /** Measured in a jug: the shop has no scale at hand. */
    readonly byMeasure?: boolean;
  },
  by: By,
): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    if (!tx.select().from(formulaRevision).where(eq(formulaRevision.id, input.revisionId)).get())
      return fail('not-found', 'revisionId');
    if (!(input.targetG > 0)) return fail('must-be-positive', 'targetG');
    const before = input.takeUp ? spreadWaiting(tx, input.revisionId) : null;
    const lines = before ? takenUp(before, input.targetG, catalogueOf(tx)) : null;
    if (before && !lines) return fail('next-pot-too-small', 'targetG');
    const { id } = tx
      .insert(pour)
      .values({
        formulaRevisionId: input.revisionId,
        targetG: input.targetG,
        residueG: input.residueG ?? 0,
        heater: input.heater ?? null,
        practice: input.practice ?? false,
        byMeasure: input.byMeasure ?? false,
        lines,
        personId: by.personId,
        at: by.nowMs,
      })
      .returning({ id: pour.id })
      .get();
    if (before) {
      const says = `Takes up the overpour of ${before.lotNumber}: both pots together hold the ratio.`;
      tx.insert(slip)
        .values({ kind: 'spread', pourId: id, lotId: before.lotId, says, personId: by.personId, at: by.nowMs })
        .run();
    }
    return ok({ id });
  });
}

/** Grams of a pot that makes good the overpour of the one before. */
function takenUp(before: Pot, nextG: number, catalogue: Catalogue): { ingredient: string; parts: number }[] | null {
  const made = blend({ lines: before.revision.lines, basis: before.revision.basis, make: { massG: 1 } }, catalogue);
  if (!made.ok) return null;
  const fractions = Object.fromEntries(made.value.lines.map((line) => [line.ingredient, line.massFraction]));
  const poured = Object.fromEntries(before.revision.lines.map((line) => [line.ingredient, pouredOf(before, line.ingredient)]));
  const next = spreadOver(fractions, poured, nextG);
  return next ? Object.entries(next).map(([ingredient, parts]) => ({ ingredient, parts })) : null;
}

export type WeighedReading = {
  readonly clientId: string;
  readonly pourId: number;
  readonly ingredientId: string;
  /** Null at a practice pot. */
  readonly lotId: number | null;
  readonly readingG: number;
  /** Where the jug stood after it, ml; of a pot that is measured. */
  readonly levelMl?: number | null;
  readonly corrects: string | null;
  /** Said on purpose: what went in is not in the formula. */
  readonly stray?: boolean;
  /** Read by a practice scale. */
  readonly fromPractice?: boolean;
  /** The reading that stood last where this one was typed, null for none: what was typed for one ingredient is never kept as the next one's. */
  readonly follows?: string | null;
};

/** What the scale said once an ingredient was in: its grams are the rise since the reading before, and leave its lot. */
export function recordPotWeighing(db: Db, input: WeighedReading, by: By): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['weighing']);
    if (!open.ok) return open;
    const { pot } = open.value;
    const { entries } = pot;
    if (tx.select().from(pourEntry).where(eq(pourEntry.clientId, input.clientId)).get()) return ok(undefined);
    if (input.follows !== undefined && input.follows !== (entries.at(-1)?.clientId ?? null))
      return fail('reading-between', 'readingG');
    if (input.fromPractice && !mayPractise(tx, pot)) return fail('practice-only', 'readingG');
    const made = madeOf(tx, pot);
    const now = made.ok ? linesNow(made.value, pot) : null;
    if (now && !input.stray && made.ok && made.value.stages?.[1].includes(input.ingredientId))
      return fail('solvent-last', 'ingredientId', { name: findIngredient(input.ingredientId, catalogueOf(tx))?.name ?? '' });
    const isStray = !pot.revision.lines.some((line) => line.ingredient === input.ingredientId);
    const isKnown = pot.weighTo.lines.some((line) => line.ingredient === input.ingredientId);
    if (isStray && !isKnown && !input.stray) return fail('unknown-line', 'ingredientId', { id: input.ingredientId });
    const replaced = entries.find((entry) => entry.clientId === input.corrects);
    if (input.corrects && (!replaced || replaced !== entries.at(-1))) return fail('not-found', 'corrects');
    const before = replaced ? replaced.readingG - replaced.grams : (entries.at(-1)?.readingG ?? 0);
    const grams = input.readingG - before;
    if (grams <= 0) return fail('reading-fell', 'readingG', { before });
    if (replaced?.lotId != null) {
      const back = move(tx, { lotId: replaced.lotId, grams: replaced.grams, why: 'correction', entry: input.clientId }, by);
      if (!back.ok) return back;
    }
    if (!pot.practice) {
      const { lotId } = input;
      const source = lotId === null ? undefined : tx.select().from(lot).where(eq(lot.id, lotId)).get();
      if (lotId === null || !source || materialIdOf(source) !== input.ingredientId) return fail('not-found', 'lotId');
      const out = move(tx, { lotId, grams: -grams, why: 'pour', entry: input.clientId, happened: true }, by);
      if (!out.ok) return out;
    }
    const { stray: _, fromPractice: __, follows: ___, ...entry } = input;
    tx.insert(pourEntry)
      .values({
        ...entry,
        levelMl: input.levelMl ?? null,
        lotId: pot.practice ? null : input.lotId,
        grams,
        personId: by.personId,
        at: by.nowMs,
      })
      .run();
    if (isStray) {
      // Its mark is what is in, however often it is weighed or corrected.
      const parts = pouredOf(pot, input.ingredientId) - (replaced?.grams ?? 0) + grams;
      const others = gramsToWeigh(pot, catalogueOf(tx)).filter((line) => line.ingredient !== input.ingredientId);
      const lines = [...others, { ingredient: input.ingredientId, parts }];
      changePot(tx, pot, { lines, targetG: lines.reduce((sum, line) => sum + line.parts, 0) });
      const name = findIngredient(input.ingredientId, catalogueOf(tx))?.name ?? input.ingredientId;
      noteSlip(
        tx,
        pot,
        'stray',
        `${name} went in by mistake, ${say(grams, 'g', readsOf(tx))}. The lot says so, with all that follows from it.`,
        by,
      );
    }
    return ok(undefined);
  });
}

const earliest = (dates: readonly (string | null)[]): string | null => dates.filter((date) => date !== null).sort()[0] ?? null;

/** All is weighed: the pot becomes a made lot that knows what went into it. Its best-before is the earliest of the recipe's keeping and its lots'. */
export function finishWeighing(db: Db, pourId: number, version: number, by: By): Result<{ readonly number: string }> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing'], version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const whole = madeOf(tx, pot);
    const first = whole.ok ? linesNow(whole.value, pot) : null;
    const { lines } = pot.weighTo;
    const missing = lines.filter((line) => pouredOf(pot, line.ingredient) <= 0 && (first?.includes(line.ingredient) ?? true));
    if (pot.entries.length < (first ? 1 : 2) || missing.length > 0) return fail('no-readings', 'entries');
    if (first) {
      changePot(tx, pot, { state: 'heating' });
      return ok({ number: '' });
    }
    const poured = lines.map((line) => ({ ingredient: line.ingredient, parts: pouredOf(pot, line.ingredient) }));
    const made = blend({ lines: poured, make: { massG: 100 }, ambientC: theShop(tx).ambientC }, catalogueOf(tx));
    if (!made.ok) return made;
    // A pot in two stages has been on the heat; what is made cold never goes there.
    const state = made.value.heat === 'water-bath' ? ('heating' as const) : ('filling' as const);
    if (pot.practice) {
      changePot(tx, pot, { state });
      return ok({ number: '' });
    }
    const today = dateOf(by.nowMs, theShop(tx).zone);
    const drawn = pot.entries.flatMap(({ lotId, grams }) => (lotId === null ? [] : [{ lotId, grams }]));
    const sources = drawn.map((entry) => tx.select().from(lot).where(eq(lot.id, entry.lotId)).get());
    const totalG = poured.reduce((sum, line) => sum + line.parts, 0);
    const number = nextLotNumber(tx, 'B', by.nowMs);
    const bestBefore = earliest([
      isMixedPaint(
        poured.map((line) => line.ingredient),
        catalogueOf(tx),
      )
        ? dateOf(by.nowMs + PAINT_KEEPS_HOURS * MS_PER_HOUR, theShop(tx).zone)
        : addMonths(today, made.value.bestBeforeMonths),
      ...sources.map((source) => (source ? goodUntil(source.bestBefore, source.openedOn, source.useWithinDays) : null)),
    ]);
    const row = tx
      .insert(lot)
      .values({
        number,
        kind: 'made',
        formulaRevisionId: pot.formulaRevisionId,
        receivedG: totalG,
        bestBefore,
        openedOn: today,
        personId: by.personId,
        at: by.nowMs,
      })
      .returning({ id: lot.id })
      .get();
    const byLot = new Map<number, number>();
    for (const entry of drawn) byLot.set(entry.lotId, (byLot.get(entry.lotId) ?? 0) + entry.grams);
    tx.insert(lotEdge)
      .values([...byLot].map(([fromLot, grams]) => ({ fromLot, intoLot: row.id, grams })))
      .run();
    const moved = move(tx, { lotId: row.id, grams: totalG, why: 'receive' }, by);
    if (!moved.ok) return moved;
    changePot(tx, pot, { lotId: row.id, state });
    return ok({ number });
  });
}

export type NewFilling = {
  readonly pourId: number;
  readonly version: number;
  /** Of a blend made cold: looked at against the light, no lump of wax is left. */
  readonly noLumps?: boolean;
  readonly residueG: number;
  /** It was scraped out as tool wax; else it is lost. */
  readonly isToolWax?: boolean;
  readonly jars: readonly Jars[];
};

/** So many of a size; net masses that were weighed, tare taken off, stand for all of them, and the label says the lowest. */
type Jars = {
  readonly containerId: number;
  readonly count: number;
  readonly netG: number;
  readonly samplesG?: readonly number[];
};

function netOf({ netG, samplesG = [] }: Jars): { readonly labelG: number; readonly meanG: number } {
  if (samplesG.length === 0) return { labelG: netG, meanG: netG };
  return { labelG: Math.min(...samplesG), meanG: samplesG.reduce((sum, grams) => sum + grams, 0) / samplesG.length };
}

/** Fills jars from the pot: each size becomes a lot of tins, what stays in the pot is a loss, what is left is the shop jar. */
export function fillJars(db: Db, input: NewFilling, by: By): Result<{ readonly leftG: number }> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['filling'], input.version);
    if (!open.ok) return open;
    const { pot } = open.value;
    if (
      input.jars.some((jar) => jar.count > 0) &&
      setsInTin(
        pot.weighTo.lines.map((line) => line.ingredient),
        catalogueOf(tx),
      )
    )
      return fail('sets-in-tin', 'jars');
    const blended = madeOf(tx, pot);
    if (blended.ok && blended.value.heat === 'cold' && !input.noLumps) return fail('still-lumps', 'noLumps');
    if (pot.practice) {
      changePot(tx, pot, { state: 'done', filledAt: null });
      return ok({ leftG: 0 });
    }
    const made = pot.lotId === null ? undefined : tx.select().from(lot).where(eq(lot.id, pot.lotId)).get();
    if (!made) return fail('not-found', 'pourId');
    if (input.residueG > 0) {
      const gone = input.isToolWax
        ? toToolWax(tx, { lotId: made.id, grams: input.residueG }, by)
        : move(tx, { lotId: made.id, grams: -input.residueG, why: 'loss' }, by);
      if (!gone.ok) return gone;
    }
    for (const [index, jars] of input.jars.filter((jar) => jar.count > 0).entries()) {
      const { containerId, count, samplesG = [] } = jars;
      const { labelG, meanG } = netOf(jars);
      if (!(labelG > 0)) return fail('must-be-positive', `jars.${index}.net`);
      const size = tx.select().from(container).where(eq(container.id, containerId)).get();
      if (!size) return fail('not-found', `jars.${index}`);
      if (size.have < count) return fail('not-enough-jars', `jars.${index}.count`, { name: size.name, have: size.have });
      const grams = count * meanG;
      const out = move(tx, { lotId: made.id, grams: -grams, why: 'fill' }, by);
      if (!out.ok) return out;
      const tin = tx
        .insert(lot)
        .values({ ...tinOf(made, index), receivedG: grams, containerId, count, personId: by.personId, at: by.nowMs })
        .returning({ id: lot.id })
        .get();
      tx.insert(lotEdge).values({ fromLot: made.id, intoLot: tin.id, grams }).run();
      const into = move(tx, { lotId: tin.id, grams, why: 'receive' }, by);
      if (!into.ok) return into;
      tx.insert(fill)
        .values({ pourId: pot.id, containerId, count, netG: labelG, samplesG: [...samplesG], lotId: tin.id })
        .run();
      tx.update(container)
        .set({ have: size.have - count, version: size.version + 1 })
        .where(eq(container.id, containerId))
        .run();
    }
    const isFilled = input.jars.some((jar) => jar.count > 0);
    // What was never hot is closed as it is filled: nothing of it has to turn opaque, and its solvent would leave.
    const isHot = blended.ok && isWarmed(blended.value.heat);
    changePot(tx, pot, { state: 'done', filledAt: isFilled ? by.nowMs : null, liddedAt: isFilled && !isHot ? by.nowMs : null });
    return ok({ leftG: leftOf(tx, made.id) });
  });
}

const tinOf = (made: typeof lot.$inferSelect, index: number) => ({
  number: `${made.number}/${String.fromCharCode(97 + index)}`,
  kind: 'tin' as const,
  formulaRevisionId: made.formulaRevisionId,
  bestBefore: made.bestBefore,
});

/** Gives a pot up: what was weighed is gone from its lots and stays on the record. */
export function abandonPour(db: Db, pourId: number, version: number): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing', 'heating', 'filling'], version);
    if (!open.ok) return open;
    changePot(tx, open.value.pot, { state: 'abandoned' });
    return ok(undefined);
  });
}

/** The jars are cold and have their lids on. */
export function lidJars(db: Db, pourId: number, by: By): Result<void> {
  return command(db, (tx) => {
    const lidded = tx
      .update(pour)
      .set({ liddedAt: by.nowMs })
      .where(and(eq(pour.id, pourId), isNull(pour.liddedAt)))
      .run();
    return lidded.changes === 0 ? fail('pour-closed', 'pourId') : ok(undefined);
  });
}

/** What a pot is warmed by; it may be changed while the pot is open. */
export function sayHeater(db: Db, { pourId, heater }: { readonly pourId: number; readonly heater: Heater }): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing', 'heating', 'filling']);
    if (!open.ok) return open;
    changePot(tx, open.value.pot, { heater });
    return ok(undefined);
  });
}

/** The pot is made cold in the closed jar, never warmed; said before anything of its solvent is weighed. */
export function makeCold(db: Db, pourId: number, version: number): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing'], version);
    if (!open.ok) return open;
    changePot(tx, open.value.pot, { cold: true });
    return ok(undefined);
  });
}
