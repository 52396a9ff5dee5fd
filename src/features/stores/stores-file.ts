import 'server-only';
import { isLiquid, nameToIngredient } from '@/core/material';
import { atPath, type Issue, parseAmount, parseMoney, parsePositive } from '@/core/quantity';
import type { NewLot } from '@/data/stores/commands';
import type { Container, KnownLot } from '@/data/stores/queries';
import { storesFile as wording } from '@/messages/screens/stores';
import { type CsvRow, MOST_CELL, MOST_ROWS, readCsv, TOO_MANY_ROWS } from '@/web/csv';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

export type JarInput = {
  readonly name: string;
  readonly capacityMl: number;
  readonly fillFraction: number;
  readonly have: number;
  readonly tareG: number | null;
  readonly priceMinor: number | null;
};
type Status = 'new' | 'same' | 'revision' | 'refused';
/** One row of a stores file as it was understood. */
export type StoresRow = {
  readonly name: string;
  readonly under: string;
  readonly status: Status;
  readonly knownAs: string | null;
  readonly issues: readonly Issue[];
  readonly lot: NewLot | null;
  readonly jar: (JarInput & { readonly id: number | null; readonly version: number }) | null;
};

const DATE = /^\d{4}-\d\d-\d\d$/;
const isDate = (text: string): boolean => {
  const at = DATE.test(text) ? Date.parse(`${text}T00:00:00Z`) : Number.NaN;
  return !Number.isNaN(at) && new Date(at).toISOString().startsWith(text);
};

/** Reads one value, keeping its fault with the row it stands in. */
function taker(at: string, issues: Issue[]) {
  return <T>(
    result: { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue[] },
  ): T | undefined => {
    if (result.ok) return result.value;
    issues.push(...atPath(at, result).issues);
    return undefined;
  };
}

/** Looks names up once each: a list names the same few over and over. */
function namer(): (name: string) => ReturnType<typeof nameToIngredient> {
  const known = new Map<string, ReturnType<typeof nameToIngredient>>();
  return (name) => {
    const found = known.get(name) ?? nameToIngredient(name, '', catalogue());
    known.set(name, found);
    return found;
  };
}

function lotRow(
  row: CsvRow,
  at: string,
  {
    lots,
    currency,
    named,
  }: { readonly lots: readonly KnownLot[]; readonly currency: string; readonly named: ReturnType<typeof namer> },
): StoresRow {
  const issues: Issue[] = [];
  const take = taker(at, issues);
  const known = row.number ? lots.find((lot) => lot.number === row.number) : undefined;
  const base = {
    name: row.ingredient || wording.noIngredient,
    under: [row.amount || `${row.grams ?? ''} g`, row.supplier, row.supplier_code].filter(Boolean).join(', '),
    jar: null,
  };
  if (known) return { ...base, status: 'same', knownAs: known.number, issues, lot: null };
  const ingredient = take(named(row.ingredient ?? ''));
  const amount = row.amount || (row.grams ? `${row.grams} g` : '');
  const parsed = ingredient
    ? take(parseAmount(amount, { densityGPerMl: ingredient.densityGPerMl, liquid: isLiquid(ingredient) }, reads()))
    : undefined;
  for (const cell of Object.values(row))
    if (cell.length > MOST_CELL) issues.push({ code: 'too-long', path: at, with: { most: MOST_CELL, letters: cell.length } });
  const within = row.use_within_days ? take(parsePositive(row.use_within_days)) : null;
  for (const date of [row.opened_on, row.best_before])
    if (date && !isDate(date)) issues.push({ code: 'bad-date', path: at, with: { text: date } });
  const price = row.price ? take(parseMoney(row.price, currency)) : null;
  if (issues.length > 0 || !ingredient || !parsed) return { ...base, status: 'refused', knownAs: null, issues, lot: null };
  const lot = {
    ingredientId: ingredient.id,
    grams: parsed.massG,
    supplier: row.supplier ?? '',
    supplierCode: row.supplier_code ?? '',
    openedOn: row.opened_on || null,
    bestBefore: row.best_before || null,
    useWithinDays: within ?? null,
    priceMinor: price ?? null,
    note: row.note ?? '',
  };
  return { ...base, name: ingredient.name, status: 'new', knownAs: null, issues, lot };
}

function jarRow(row: CsvRow, at: string, jars: readonly Container[], currency: string): StoresRow {
  const issues: Issue[] = [];
  const take = taker(at, issues);
  const capacityMl = take(parsePositive(row.holds_ml ?? ''));
  const percent = take(parsePositive(row.fill_percent || '92'));
  const have = Number(row.have || '0');
  if (!Number.isInteger(have) || have < 0) issues.push({ code: 'not-a-number', path: at, with: { text: row.have ?? '' } });
  if (percent !== undefined && percent > 100) issues.push({ code: 'too-large', path: at, with: { least: 1, most: 100 } });
  if (!row.name) issues.push({ code: 'required', path: at });
  const tareG = row.tare_g ? take(parsePositive(row.tare_g)) : null;
  const priceMinor = row.price ? take(parseMoney(row.price, currency)) : null;
  const base = { name: row.name || wording.noName, under: wording.mlThere(row.holds_ml ?? '', row.have ?? 0), lot: null };
  if (issues.length > 0 || capacityMl === undefined || percent === undefined)
    return { ...base, status: 'refused', knownAs: null, issues, jar: null };
  const known = jars.find((jar) => jar.name === row.name);
  const jar = {
    name: row.name ?? '',
    capacityMl,
    fillFraction: percent / 100,
    have,
    tareG: tareG ?? null,
    priceMinor: priceMinor ?? null,
    id: known?.id ?? null,
    version: known?.version ?? 1,
  };
  if (!known) return { ...base, status: 'new', knownAs: null, issues, jar };
  return { ...base, status: known.have === have ? 'same' : 'revision', knownAs: known.name, issues, jar };
}

/** A CSV of lots (`ingredient`, `amount` or `grams`) or of jars (`name`, `holds_ml`), by its headings. */
export function readStores(
  text: string,
  {
    lots,
    jars,
    currency,
  }: { readonly lots: readonly KnownLot[]; readonly jars: readonly Container[]; readonly currency: string },
): { readonly fault: string | null; readonly rows: readonly StoresRow[] } {
  const { headings, rows } = readCsv(text);
  const has = (...names: readonly string[]): boolean => names.every((name) => headings.includes(name));
  if (rows.length === 0) return { fault: wording.theFileHoldsNo, rows: [] };
  if (rows.length > MOST_ROWS) return { fault: TOO_MANY_ROWS, rows: [] };
  if (has('name', 'holds_ml'))
    return { fault: null, rows: rows.map((row, i) => jarRow(row, wording.row(i + 2), jars, currency)) };
  if (!has('ingredient') || !(has('amount') || has('grams'))) return { fault: wording.theFirstRowShould, rows: [] };
  const named = namer();
  const bought = rows
    .map((row, i) => ({ row, at: wording.row(i + 2) }))
    .filter(({ row }) => !row.kind || row.kind === 'bought' || lots.some((lot) => lot.number === row.number));
  return { fault: null, rows: bought.map(({ row, at }) => lotRow(row, at, { lots, currency, named })) };
}
