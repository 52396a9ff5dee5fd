'use server';

import { z } from 'zod';
import { type UnderstoodFormulas, understand } from '@/core/blend';
import { HEATERS } from '@/core/caution';
import { findIngredient } from '@/core/material';
import { ok } from '@/core/quantity';
import { saveFormula } from '@/data/blends/commands';
import { allFormulas } from '@/data/blends/queries';
import { command } from '@/data/command';
import type { Db } from '@/data/db';
import { startPour } from '@/data/pour/commands';
import { calibrate, thumbFactors } from '@/data/stores/senses';
import { sayIssue } from '@/messages';
import { blendsBlendsActions as wording } from '@/messages/screens/blends';
import { rowId } from '@/trade/shapes';
import { type Answer, act } from '@/web/act';
import { MOST_LIST } from '@/web/csv';
import type { FilePreview } from '@/web/file-sheet';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { readFormulas } from './formula-file';

const Line = z.object({
  ingredient: z.string().max(100),
  parts: z.number().positive(),
  amount: z.string().max(200).optional(),
  molten: z.boolean().optional(),
  tempC: z.number().min(-40).max(300).nullable().optional(),
});
const Formula = z.object({
  id: rowId.nullable(),
  version: z.int(),
  name: z.string().trim().min(1).max(120),
  basis: z.enum(['mass', 'volume']),
  note: z.string().trim().max(2000),
  lines: z.array(Line).max(12),
});

/** Saves a formula; a changed one becomes a new revision. */
export async function save(
  input: unknown,
): Promise<Answer<{ readonly id: number; readonly revisionId: number; readonly version: number }>> {
  return act(Formula, input, (db, formula, by) => saveFormula(db, formula, by));
}

const Pour = z.object({
  revisionId: rowId,
  targetG: z.number().positive().max(1e6),
  residueG: z.number().min(0).max(1e4),
  takeUp: z.boolean(),
  heater: z.enum(HEATERS).nullable(),
  practice: z.boolean(),
  byMeasure: z.boolean(),
});

/** Begins a pot of a saved revision. */
export async function beginPour(input: unknown): Promise<Answer<{ readonly id: number }>> {
  return act(Pour, input, (db, pour, by) => startPour(db, pour, by));
}

const File = z.object({ text: z.string().max(MOST_LIST) });
function preview(db: Db, text: string): { readonly fault: string | null; readonly found: readonly UnderstoodFormulas[] } {
  const read = readFormulas(text);
  if ('fault' in read) return { fault: read.fault, found: [] };
  const kept = allFormulas(db).flatMap((formula) => {
    const revision = formula.revisions[0];
    return revision ? [{ name: formula.name, basis: revision.basis, lines: revision.lines }] : [];
  });
  return { fault: read.read.length === 0 ? wording.theFileHoldsNo : null, found: understand(read.read, kept, catalogue()) };
}

/** Reads a file of formulas and says what it understood; nothing is saved. */
export async function lookAtFile(input: unknown): Promise<Answer<FilePreview>> {
  return act(File, input, (db, { text }) => {
    const { fault, found } = preview(db, text);
    const rows = found.map(({ name, basis, lines, status, knownAs, issues }) => ({
      name,
      status,
      knownAs,
      under:
        lines.length === 0
          ? ''
          : `${lines.map((line) => `${line.parts} ${findIngredient(line.ingredient, catalogue())?.name.toLowerCase()}`).join(' : ')} by ${basis === 'mass' ? 'weight' : 'volume'}`,
      faults: issues.map((issue) => `${issue.path}: ${sayIssue(issue, reads())}`),
    }));
    return ok({ fault, rows });
  });
}

/** Saves what a file holds that is new or another revision; what is the same or refused is left. All or none. */
export async function takeFile(input: unknown): Promise<Answer<{ readonly saved: number }>> {
  return act(File, input, (db, { text }, by) =>
    command(db, (tx) => {
      let saved = 0;
      for (const { name, basis, note, lines, status, knownAs } of preview(tx, text).found) {
        if (status !== 'new' && status !== 'revision') continue;
        const known = status === 'revision' ? allFormulas(tx).find((formula) => formula.name === knownAs) : undefined;
        const id = known?.id ?? null;
        const made = saveFormula(tx, { id, version: known?.version ?? 1, name: known?.name ?? name, basis, note, lines }, by);
        if (!made.ok) return made;
        saved++;
      }
      return ok({ saved });
    }),
  );
}

const Thumbs = z.object({ use: z.boolean() });

/** Reckons with the shop's own thumb tests from now on, or with the shipped figures again. */
export async function takeUpThumbs(input: unknown): Promise<Answer> {
  return act(Thumbs, input, (db, { use }, by) => calibrate(db, use ? thumbFactors(db) : [], by));
}
