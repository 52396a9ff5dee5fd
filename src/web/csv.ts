import 'server-only';
import Papa from 'papaparse';
import { csv as wording } from '@/messages/screens/web';

type Cell = string | number | null;
export type CsvRow = Readonly<Record<string, string>>;

/** Rows as CSV that a table program opens without running anything in it. */
export const toCsv = (rows: readonly Readonly<Record<string, Cell>>[]): string =>
  rows.length === 0 ? '' : `${Papa.unparse([...rows], { escapeFormulae: true, newline: '\r\n' })}\r\n`;

/** What guards a cell that begins like a formula is taken off again. */
const unguard = (text: string): string => text.replace(/^'(?=[=+\-@\t\r])/, '').trim();

/** A list of lots or formulas is never longer. */
export const MOST_ROWS = 1000;
/** Nor is its text, letters: what is longer is refused before it is read. */
export const MOST_LIST = 500_000;
/** No cell of such a list says more. */
export const MOST_CELL = 2000;
/** What is said of a list that is longer, or of a cell that cannot be one. */
export const TOO_MANY_ROWS = wording.moreThanRowsAre(MOST_ROWS);

/** No heading is longer: what has none this near its beginning is no table, and is not looked at further. */
const LONGEST_HEADING = 4000;

const headingOf = (text: string): string => text.slice(0, LONGEST_HEADING + 1).split(/[\r\n]/, 1)[0] ?? '';
const isTable = (text: string): boolean => headingOf(text).length <= LONGEST_HEADING;

/** The mark that parts the cells of a heading: what it holds most of. */
function markOf(text: string): string {
  const heading = headingOf(text);
  return [',', ';', '\t', '|'].reduce((most, mark) => (heading.split(mark).length > heading.split(most).length ? mark : most));
}

/** Rows of a CSV with a heading, whatever mark parts its cells; headings in small letters. */
export function readCsv(text: string): { readonly headings: readonly string[]; readonly rows: readonly CsvRow[] } {
  if (!isTable(text)) return { headings: [], rows: [] };
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    delimiter: markOf(text),
    // One more than is taken, so that more can be told.
    preview: MOST_ROWS + 1,
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
  !isTable(text)
    ? []
    : Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter: markOf(text), skipEmptyLines: 'greedy' }).data;

/** A file to keep. */
export const download = (name: string, type: string, body: string | Uint8Array): Response =>
  new Response(typeof body === 'string' ? body : Buffer.from(body), {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` },
  });
export const csvFile = (name: string, rows: readonly Readonly<Record<string, Cell>>[]): Response =>
  download(name, 'text/csv; charset=utf-8', toCsv(rows));
