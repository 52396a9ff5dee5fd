import 'server-only';
import Papa from 'papaparse';
import { csv as wording } from '@/messages/screens/web';

type Cell = string | number | null;
export type CsvRow = Readonly<Record<string, string>>;

/** Writes rows as CSV; cells that begin like a formula are guarded, so that a table program runs none. */
export const toCsv = (rows: readonly Readonly<Record<string, Cell>>[]): string =>
  rows.length === 0 ? '' : `${Papa.unparse([...rows], { escapeFormulae: true, newline: '\r\n' })}\r\n`;

/** Takes the guard off a cell that begins like a formula. */
const unguard = (text: string): string => text.replace(/^'(?=[=+\-@\t\r])/, '').trim();

/** The most rows that are read. */
export const MOST_ROWS = 1000;
/** The most letters of a whole file: a longer one is refused before it is parsed. */
export const MOST_LIST = 500_000;
/** The most letters of a cell. */
export const MOST_CELL = 2000;
/** The issue of a file with too many rows, or a cell that is too long. */
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
