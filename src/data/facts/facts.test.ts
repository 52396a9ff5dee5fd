import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type Database from 'better-sqlite3';
import { sql } from 'drizzle-orm';
import { afterEach, describe, expect, it } from 'vitest';
import type { Writer } from '@/core/letters';
import { REGIMENS } from '@/core/regimen';
import { sellPieces } from '../care/commands';
import { allDesigns, allRegimens } from '../catalogue/catalogue';
import { shipRegimens } from '../catalogue/regimens';
import { type Db, migrateFile, openFile } from '../db';
import { draftJudgedLetters } from '../mail/write';
import { signedRecord } from '../release/commands';
import { allLots } from '../stores/queries';
import { recordOf } from '../stores/senses';
import { fileOfShape, lettersIn } from '../testing';
import { findBatchId, loadBatch } from '../work/batch';
import { bringUpToFacts, heldNotice, openNotices, settleHeld, takeShipped, tellNotices } from './facts';
import { sayUses } from './uses';

const NOW = Date.parse('2031-03-05T10:00:00Z');
const DAY = 86_400_000;
const by = { personId: 1, nowMs: NOW };
const RECORD = readFileSync('src/core/release/old/record-1.json', 'utf8');
const SHAPES = [1, 2, 3, 4, 5, 6, 7, 8] as const;
const folder = mkdtempSync(path.join(tmpdir(), 'rendle-facts-'));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

type Row = Readonly<Record<string, unknown>>;
/** Puts a row into a table of whatever shape: columns that came later are left out, a table that came later takes none. */
function put(raw: Database.Database, table: string, row: Row): void {
  const columns = new Set((raw.pragma(`table_info(${table})`) as { name: string }[]).map((one) => one.name));
  const named = Object.entries(row)
    .map(([name, value]) => [name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`), value] as const)
    .filter(([name]) => columns.has(name));
  if (named.length === 0) return;
  const flat = named.map(([, value]) =>
    typeof value === 'boolean' ? Number(value) : typeof value === 'object' && value !== null ? JSON.stringify(value) : value,
  );
  raw
    .prepare(
      `insert into ${table} (${named.map(([name]) => `"${name}"`).join(', ')}) values (${named.map(() => '?').join(', ')})`,
    )
    .run(flat);
}

/** A regimen as it was shipped before: a bound where no harm stands, and the first night in the warm. */
function putRegimen(
  raw: Database.Database,
  id: string,
  revision: number,
  number: number,
  personId: number | null,
  own = false,
): void {
  const now = REGIMENS.find((one) => one.id === id);
  if (!now) throw new Error(`no ${id}`);
  if (number === 1) put(raw, 'regimen', { id, name: now.name });
  const { steps, name: _, id: __, ...of } = now;
  put(raw, 'regimen_revision', { ...of, id: revision, regimenId: id, number, why: '', personId, at: NOW - 90 * DAY });
  for (const [ordinal, { wait, ...step }] of steps.entries()) {
    const max = wait.max ?? (step.kind === 'buff' ? wait.ideal + 1440 : null);
    put(raw, 'regimen_step', {
      ...step,
      action: own ? `${step.action}, our way` : step.action,
      revisionId: revision,
      ordinal,
      waitMin: wait.min,
      waitIdealMin: wait.ideal,
      waitMaxMin: max,
    });
  }
}

const lot = (id: number, more: Row): Row => ({
  id,
  number: `S30-0${id}`,
  kind: 'bought',
  receivedG: 900,
  personId: 1,
  at: NOW - 400 * DAY,
  note: '',
  version: 1,
  ...more,
});
const batch = (id: number, more: Row): Row => ({
  id,
  number: `31-00${id}`,
  designRevisionId: 1,
  speciesId: 'hard-maple',
  origin: 'bought',
  regimenRevisionId: 1,
  startAt: NOW - 20 * DAY,
  prefer: 'ideal',
  personId: 1,
  at: NOW - 20 * DAY,
  version: 1,
  ...more,
});

/** A shop of an earlier shape in which each thing stands that a change of facts touches. */
function olderShop(shape: number): Db {
  const file = fileOfShape(path.join(folder, String(shape)), shape);
  const { raw } = openFile(file);
  put(raw, 'person', { id: 1, initials: 'WA', name: 'Wren Aldersea', active: true, version: 1 });
  put(raw, 'shop', {
    id: 1,
    name: 'Old shed',
    zone: 'Europe/Lisbon',
    currency: 'EUR',
    ambientC: 20,
    createdAt: NOW - 400 * DAY,
    version: 1,
    hourMinor: 2400,
  });
  put(raw, 'place', { id: 1, name: 'Bench', kind: 'bench', light: 'indoor' });
  putRegimen(raw, 'thin-drying', 1, 1, null);
  putRegimen(raw, 'soak-wax', 2, 1, null);
  // Regimens became a shop's own to change with the fifth shape.
  if (shape >= 5) putRegimen(raw, 'soak-wax', 3, 2, 1, true);
  const board = { shape: 'board', lengthMm: 300, widthMm: 200, thickMm: 20, grain: 'long' };
  for (const [id, name, cutOn, mouthed] of [
    [1, 'Bread board', 1, 0],
    [2, 'Rattle', 0, 1],
    [3, 'Frame', 0, 0],
  ] as const) {
    put(raw, 'design', { id, name, createdAt: NOW - 90 * DAY });
    put(raw, 'design_revision', { id, designId: id, number: 1, geometry: board, cutOn, mouthed, at: NOW - 90 * DAY });
  }
  put(raw, 'formula', { id: 1, name: 'Pantry oil', createdAt: NOW - 400 * DAY, version: 1 });
  put(raw, 'formula_revision', { id: 1, formulaId: 1, number: 1, basis: 'mass', note: '', personId: 1, at: NOW - 400 * DAY });
  for (const [ordinal, ingredientId] of ['walnut-oil-raw', 'sunflower-oil'].entries())
    put(raw, 'formula_line', { revisionId: 1, ordinal, ingredientId, parts: 1 });
  const lots = [
    lot(1, { ingredientId: 'linseed-heat-bodied' }),
    lot(2, { ingredientId: 'beeswax', bestBefore: null }),
    lot(3, { kind: 'made', number: 'B31-01', formulaRevisionId: 1, at: NOW - 30 * DAY, bestBefore: '2040-01-01' }),
  ];
  for (const row of lots) {
    put(raw, 'lot', row);
    put(raw, 'movement', { lotId: row.id, grams: 900, why: 'receive', personId: 1, at: row.at });
  }
  put(raw, 'lot_edge', { fromLot: 1, intoLot: 3, grams: 900 });
  put(raw, 'lot_check', { id: 1, lotId: 2, kind: 'cut', pass: 1, note: '', personId: 1, at: NOW - 80 * DAY });
  // Yew was once only to be avoided, and could be signed for.
  for (const row of [batch(1, { speciesId: 'yew' }), batch(2, { designRevisionId: 2 }), batch(3, { designRevisionId: 3 })]) {
    put(raw, 'batch', row);
    put(raw, 'batch_material', { batchId: row.id, slot: 'oil', lotId: 1 });
    for (const ordinal of [1, 2])
      put(raw, 'piece', { batchId: row.id, ordinal, code: `CODE${row.id}${ordinal}AAAA`.slice(0, 10) });
  }
  const done = REGIMENS.find((one) => one.id === 'thin-drying')?.steps.slice(0, -2) ?? [];
  for (const [i, step] of done.entries())
    put(raw, 'log_entry', {
      clientId: `old-${i}`,
      batchId: 3,
      kind: 'done',
      task: step.id,
      pieces: 2,
      personId: 1,
      at: NOW - 15 * DAY + i * DAY,
      recordedAt: NOW - 15 * DAY + i * DAY,
      device: 'd',
      deviceSequence: i,
      clockOffsetMs: 0,
      gramsEstimated: false,
      seen: '',
      lotId: step.kind === 'coat' ? 1 : null,
      grams: step.kind === 'coat' ? 9 : null,
    });
  const gates = JSON.parse(RECORD).gates;
  put(raw, 'release', {
    id: 1,
    number: 'R31-001',
    batchId: 1,
    outcome: 'released',
    reason: 'old stock',
    gates,
    signed: ['wood', 'steps'],
    record: RECORD,
    personId: 1,
    at: NOW - 9 * DAY,
  });
  put(raw, 'owner', { id: 1, name: 'Odalys', email: 'odalys@estuary.example' });
  put(raw, 'sale', { id: 1, pieceId: 1, ownerId: 1, soldOn: '2031-02-28', personId: 1, at: NOW - 5 * DAY });
  put(raw, 'care_plan', {
    id: 1,
    saleId: 1,
    careClass: 'drying-oil',
    use: 'weekly',
    wash: 'hand',
    upkeep: 're-oils',
    intervalDays: 60,
    gramsPerTreatment: 3,
    language: 'en',
  });
  raw.close();
  migrateFile(file, 'facts');
  const { db } = openFile(file);
  shipRegimens(db, NOW);
  return db;
}

const words = { judged: (about, { gates }) => ({ subject: `about ${about.tag}`, body: gates.join(' ') }) } as Writer;
const kinds = (db: Db) =>
  openNotices(db)
    .map((one) => one.kind)
    .sort();

describe.each(SHAPES)('a file of shape %i, once the facts have changed', (shape) => {
  it('holds, lists, drafts and tells what that touches, once', () => {
    const db = olderShop(shape);
    expect(bringUpToFacts(db, NOW)).toBe(true);
    expect(draftJudgedLetters(db, words, NOW)).toBe(shape >= 6 ? 1 : 0);
    expect(kinds(db)).toEqual(['fit-moved', 'held', 'lot-shortened', ...(shape >= 5 ? ['regimen-offered'] : []), 'sold-refused']);
    const of = (kind: string) => openNotices(db).find((one) => one.kind === kind)?.detail;
    expect(of('held')).toMatchObject({ number: '31-001', gates: ['wood'], tags: ['31-001/2'] });
    expect(of('sold-refused')).toMatchObject({ codes: ['CODE11AAAA'] });
    expect(of('lot-shortened')).toMatchObject({ number: 'B31-01', printed: '2040-01-01' });
    expect(of('fit-moved')).toMatchObject({ number: '31-003', before: 96, now: 240 });
    // Told once: nothing comes twice, and no letter goes by itself.
    expect([bringUpToFacts(db, NOW + DAY), draftJudgedLetters(db, words, NOW + DAY)]).toEqual([false, 0]);
    expect(lettersIn(db).map((one) => one.state)).toEqual(shape >= 6 ? ['draft'] : []);
    tellNotices(
      db,
      openNotices(db).map((one) => one.id),
      by,
    );
    expect(kinds(db)).toEqual(['held']);
    // What is printed stands.
    expect(allLots(db).find((one) => one.number === 'B31-01')?.bestBefore).toBe('2040-01-01');
  });
  it('sells nothing of what is held, by nobody’s word where a gate cannot be signed for', () => {
    const db = olderShop(shape);
    bringUpToFacts(db, NOW);
    const sale = {
      batchId: 1,
      pieces: 1,
      priceMinor: null,
      buyer: '',
      soldOn: '2031-03-05',
      use: 'weekly',
      wash: 'hand',
      upkeep: 'unknown',
    } as const;
    expect(sellPieces(db, sale, by)).toMatchObject({ ok: false, issues: [{ code: 'pieces-held' }] });
    const id = heldNotice(db, 1)?.id ?? 0;
    expect(settleHeld(db, { id, settled: 'sell', reason: 'a fair' }, by)).toMatchObject({
      ok: false,
      issues: [{ code: 'gate-unmet' }],
    });
    expect(settleHeld(db, { id, settled: 'keep', reason: '' }, by)).toMatchObject({
      ok: false,
      issues: [{ code: 'reason-needed' }],
    });
    expect(settleHeld(db, { id, settled: 'keep', reason: 'for the wall' }, by)).toMatchObject({ ok: true });
    expect(sellPieces(db, sale, by)).toMatchObject({ ok: false, issues: [{ code: 'pieces-held' }] });
    // Said to be only for eyes, yew may be sold.
    sayUses(db, { designId: 1, base: 1, uses: ['display'], tableware: false }, by);
    expect(heldNotice(db, 1)).toBeNull();
    expect(sellPieces(db, sale, by)).toMatchObject({ ok: true });
  });
  it('holds and lists as well what a use that was only guessed let through', () => {
    const db = olderShop(shape);
    db.run(sql`update batch set species_id = 'hard-maple', origin = 'found' where id = 1`);
    db.run(sql`update shop set facts_version = 99`);
    expect(heldNotice(db, 1)).toBeNull();
    sayUses(db, { designId: 1, base: 1, uses: ['mouth'], tableware: true }, by);
    expect(heldNotice(db, 1)?.detail).toMatchObject({ number: '31-001', gates: expect.arrayContaining(['origin']) });
    expect(openNotices(db).some((one) => one.kind === 'sold-refused')).toBe(true);
  });
  it('reads each design by what was known of it, and asks at its next opening', () => {
    const db = olderShop(shape);
    const of = (name: string) => allDesigns(db).find((one) => one.name === name);
    expect([of('Bread board')?.uses, of('Frame')?.uses]).toEqual([['food-wet', 'knife'], ['food-wet']]);
    // Before the shape that asked for mouths, a rattle could not be told from a frame.
    expect(of('Rattle')?.uses).toEqual(shape >= 5 ? ['mouth', 'toy'] : ['food-wet']);
    expect(allDesigns(db).every((one) => !one.usesSaid)).toBe(true);
  });
  it('keeps the old record word for word, says “check again” of the old cut, and reaches what runs', () => {
    const db = olderShop(shape);
    bringUpToFacts(db, NOW);
    expect(signedRecord(db, 'R31-001')?.text ?? null).toBe(shape >= 7 ? RECORD : null);
    expect(recordOf(db, 2).checks.map((one) => [one.kind, one.pass])).toEqual(shape >= 3 ? [['cut', true]] : []);
    const running = loadBatch(db, findBatchId(db, '31-002') ?? 0, NOW);
    const shipped = REGIMENS.find((one) => one.id === 'thin-drying');
    expect(running?.regimen.steps.map((step) => step.wait)).toEqual(shipped?.steps.map((step) => step.wait));
  });
  it('gives shipped regimens their mended revision, and only offers it beside the shop’s own', () => {
    const db = olderShop(shape);
    bringUpToFacts(db, NOW);
    const now = (id: string) => allRegimens(db).find((one) => one.id === id);
    expect(now('thin-drying')?.number).toBe(2);
    expect(now('soak-wax')).toMatchObject({ number: 2, shipped: shape < 5 });
    const offered = openNotices(db).find((one) => one.kind === 'regimen-offered');
    if (shape < 5) return;
    expect(takeShipped(db, offered?.id ?? 0, by)).toMatchObject({ ok: true });
    expect(now('soak-wax')?.steps).toEqual(REGIMENS.find((one) => one.id === 'soak-wax')?.steps);
    expect(openNotices(db).some((one) => one.kind === 'regimen-offered')).toBe(false);
  });
});
