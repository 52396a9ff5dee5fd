'use server';

import { z } from 'zod';
import { byName, check } from '@/core/contract';
import { atPath, fail, instantOf, ok, parsePositive, type Result } from '@/core/quantity';
import type { OwnCare } from '@/core/regimen';
import { glueOf } from '@/core/use';
import { findDesign, findRegimen } from '@/data/catalogue/catalogue';
import { findWood, saveOwnWood } from '@/data/catalogue/woods';
import { costOfLots } from '@/data/cost/finish-costs';
import { sayUses } from '@/data/facts/uses';
import { draftJudgedLetters } from '@/data/mail/write';
import { theShop } from '@/data/shop/queries';
import { addDesign, startBatch } from '@/data/work/commands';
import { LETTER_WORDS } from '@/messages/letters';
import { startStartActions as wording } from '@/messages/screens/start';
import { rowId } from '@/trade/shapes';
import { type Answer, act, reader, refuse } from '@/web/act';
import { session } from '@/web/session';
import { DesignFields, OwnWoodTyped, StartFields, UsesFields } from './forms';

/** A design as it was typed or drawn; the server measures it again. */
export async function saveDesign(input: unknown): Promise<Answer<{ readonly revisionId: number }>> {
  return act(DesignFields, input, (db, { name, geometry, uses, tableware, sizesSure }, by) =>
    addDesign(db, { name, geometry, uses, tableware, sizesSure }, by.nowMs),
  );
}

/** What a design is for: an answer to what an older file guessed, or its next revision. */
export async function changeUses(input: unknown): Promise<Answer<{ readonly revisionId: number }>> {
  return act(UsesFields.extend({ designId: rowId, base: rowId }), input, (db, change, by) => {
    const said = sayUses(db, change, by);
    // What was sold for a use that was only guessed may be refused by what was said.
    if (said.ok) draftJudgedLetters(db, LETTER_WORDS, by.nowMs);
    return said;
  });
}

/** A wood of the shop's own, copied from one that is like it; its verdict with its reason. */
export async function saveWood(input: unknown): Promise<Answer<{ readonly id: string }>> {
  return act(
    OwnWoodTyped.extend({ base: z.string().max(120).nullable() }),
    input,
    (db, { likeId, why, names, base, ...facts }, by) => {
      const said = Object.fromEntries(Object.entries(names).filter(([, name]) => name.trim() !== ''));
      return saveOwnWood(db, { likeId, why, base, facts: { ...facts, names: said } }, by);
    },
  );
}

/** The house's own care of a batch: nothing where neither its days nor its words are typed. */
function ownCareOf(careDays: string, careWords: string): Result<OwnCare | null> {
  if (careDays.trim() === '' && careWords === '') return ok(null);
  const days = careDays.trim() === '' ? ok(null) : parsePositive(careDays);
  if (!days.ok) return atPath('careDays', days);
  if (days.value !== null && (!Number.isInteger(days.value) || days.value > 3650))
    return fail('invalid', 'careDays', { detail: wording.wholeDaysAtMost });
  return ok({ days: days.value, words: careWords });
}

/** What a finish costs a piece over five years, kept up by its owner: at first, and by the year, major units. */
export async function overYears(input: unknown): Promise<Answer<{ readonly first: number; readonly perYear: number } | null>> {
  const Asked = z.object({
    designRevisionId: rowId,
    speciesId: z.string().max(100),
    regimenRevisionId: rowId,
    lots: byName(z.int()),
  });
  const read = check(Asked, input);
  if (!read.ok) return refuse(read.issues);
  const { db, nowMs } = await session();
  const { designRevisionId, speciesId, regimenRevisionId, lots } = read.value;
  const [design, species] = [findDesign(db, designRevisionId), findWood(db, speciesId)];
  const regimen = findRegimen(db, regimenRevisionId);
  if (!design || !species || !regimen) return { ok: true, value: null };
  const found = costOfLots(db, { design, species, regimen, lots, by: 'owner', years: 5 }, nowMs);
  return { ok: true, value: found && { first: found.likely.first, perYear: found.likely.perYear } };
}

/** Starts a batch from what was typed. */
export async function start(input: unknown): Promise<Answer<{ readonly number: string }>> {
  const Start = StartFields.omit({ tree: true, list: true }).extend({ treeKnown: z.boolean() });
  return act(Start, input, (db, typed, by) => {
    const { start: startText, due, beyond, careDays, careWords, glueName, glueFood, added, upkeep, roughOn, ...rest } = typed;
    const read = reader();
    const { zone } = theShop(db);
    const startAt = startText === '' ? by.nowMs : read.take('start', instantOf(startText, zone));
    const dueAt = due === '' ? null : read.take('due', instantOf(due.length === 10 ? `${due}T18:00` : due, zone));
    const ownCare = read.take('careDays', ownCareOf(careDays, careWords));
    if (startAt === undefined || dueAt === undefined || ownCare === undefined) return { ok: false, issues: read.issues };
    const more = {
      ownCare,
      glue: glueOf(glueName, glueFood, added),
      upkeep: upkeep === '' ? null : upkeep,
      roughOn: roughOn === '' ? null : roughOn,
    };
    const started = startBatch(db, { ...rest, ...more, startAt, dueAt, beyondWhy: beyond }, by);
    return started.ok
      ? started
      : { ok: false, issues: started.issues.map((issue) => (issue.path === 'startAt' ? { ...issue, path: 'start' } : issue)) };
  });
}
