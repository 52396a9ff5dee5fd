import 'server-only';
import Papa from 'papaparse';

type Cell = string | number | null;
export type CsvRow = Readonly<Record<string, string>>;

/** Rows as CSV that a table program opens without running anything in it. */
export const toCsv = (rows: readonly Readonly<Record<string, Cell>>[]): string =>
  rows.length === 0 ? '' : `${Papa.unparse([...rows], { escapeFormulae: true, newline: '\r\n' })}\r\n`;

/** What guards a cell that begins like a formula is taken off again. */
const unguard = (text: string): string => text.replace(/^'(?=[=+\-@\t\r])/, '').trim();

/** Rows of a CSV with a heading, whatever mark parts its cells; headings in small letters. */
export function readCsv(text: string): { readonly headings: readonly string[]; readonly rows: readonly CsvRow[] } {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (heading) => heading.trim().toLowerCase(),
  });
  const rows = parsed.data.map((row) =>
    Object.fromEntries(Object.entries(row).map(([key, value]) => [key, unguard(String(value ?? ''))])),
  );
  return { headings: parsed.meta.fields ?? [], rows };
}

/** Every cell of a CSV as text, the heading first, whatever mark parts them. */
export const readCells = (text: string): string[][] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' }).data;

/** A file to keep. */
export const download = (name: string, type: string, body: string | Uint8Array): Response =>
  new Response(typeof body === 'string' ? body : Buffer.from(body), {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` },
  });
export const csvFile = (name: string, rows: readonly Readonly<Record<string, Cell>>[]): Response =>
  download(name, 'text/csv; charset=utf-8', toCsv(rows));
