import type { Blend } from '@/core/blend';
import type { Language } from '@/core/care';
import { contentUse, jarNotForFood, keepBelowC } from '@/core/label';
import type { Catalogue } from '@/core/material';
import { gramsPer, type Reads, say } from '@/core/quantity';
import type { Statement } from '@/core/use';
import { label as wording } from '@/messages/screens/print';
import { allergensIn, dateIn, type LabelCaution, namesIn, SLIP_WORDS } from '@/messages/slip';

/** A grid of labels on a sheet, mm. */
export type Grid = {
  readonly id: string;
  readonly name: string;
  readonly page: readonly [number, number];
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  readonly gapX: number;
  readonly gapY: number;
};

/** Two usual sheets; any other is written down in millimetres. */
export const GRIDS: readonly Grid[] = [
  {
    id: 'a4-3x8',
    name: wording.a4In,
    page: [210, 297],
    columns: 3,
    rows: 8,
    width: 70,
    height: 37,
    left: 0,
    top: 0.5,
    gapX: 0,
    gapY: 0,
  },
  {
    id: 'letter-2x5',
    name: wording.usLetterIn,
    page: [215.9, 279.4],
    columns: 2,
    rows: 5,
    width: 101.6,
    height: 50.8,
    left: 4.0,
    top: 12.7,
    gapX: 4.7,
    gapY: 0,
  },
];

/** Whether a grid of the shop's own lies within its page. */
export const fitsPage = ({ page, columns, rows, width, height, left, top, gapX, gapY }: Grid): boolean =>
  columns >= 1 &&
  rows >= 1 &&
  width >= 20 &&
  height >= 15 &&
  left >= 0 &&
  top >= 0 &&
  left + columns * width + (columns - 1) * gapX <= page[0] + 0.6 &&
  top + rows * height + (rows - 1) * gapY <= page[1] + 0.6;

/** Everything a label says, once and in one language: the sheet, the picture and the screen read it from here. */
export type Label = {
  readonly language: Language;
  readonly title: string;
  readonly number: string;
  readonly net: string;
  /** Number and dates on one line; a date is never broken over two. */
  readonly dates: string;
  readonly contents: readonly [heading: string, says: string];
  /** Allergens, with what is not declared. */
  readonly allergens: string;
  /** “Not for food”, where its contents are not; empty elsewhere. */
  readonly notForFood: string;
  readonly use: string;
  readonly cautions: string;
  readonly shop: string;
  readonly code: string;
};

/** Net mass in both systems of units, rounded down: a label never says more than is in the jar. */
export function netWords(grams: number, reads: Reads, net = 'net'): string {
  const down = (value: number, digits: number): string =>
    (Math.floor(value * 10 ** digits + 1e-9) / 10 ** digits).toFixed(digits);
  const metric = grams >= 1000 ? `${down(grams / 1000, 2)} kg` : grams >= 100 ? `${down(grams, 0)} g` : `${down(grams, 1)} g`;
  const ounces = grams / gramsPer('oz');
  const pounds = ounces >= 16 ? `${Math.floor(ounces / 16)} lb ${down(ounces % 16, 1)} oz` : `${down(ounces, 2)} oz`;
  return `${reads.mass === 'oz' ? `${pounds} / ${metric}` : `${metric} / ${pounds}`} ${net}`;
}

/** What a label is made from. */
export type LabelFacts = {
  readonly language: Language;
  readonly title: string;
  readonly number: string;
  readonly netG: number;
  readonly contents: readonly string[];
  readonly undeclared: readonly string[];
  readonly statements: readonly Statement[];
  /** Cautions of a label, as the core gives them, the gravest first. */
  readonly cautions: readonly LabelCaution[];
  readonly nature: Blend;
  readonly madeOn: string;
  readonly bestBefore: string | null;
  readonly shop: string;
};

/** What a lot's label must say: contents in descending order, the lowest net mass that was measured. */
export function labelOf(source: LabelFacts, reads: Reads, catalogue: Catalogue): Label {
  const { language, title, number, netG, contents, undeclared, statements, cautions, nature, madeOn, bestBefore, shop } = source;
  const words = SLIP_WORDS[language];
  const { use, minutes } = contentUse(nature, catalogue);
  const keep = keepBelowC(nature);
  const until = bestBefore === null ? words.label.unknown : dateIn(language, bestBefore);
  const date = (text: string): string => text.replaceAll(' ', '\u00a0');
  const allergens = allergensIn(language, nature.allergens, undeclared).replace(/\.$/, '');
  const notForFood = jarNotForFood(nature, undeclared.length > 0, statements) ? words.notForFood : '';
  return {
    language,
    title,
    number,
    net: netWords(netG, reads, words.label.net),
    dates: `${number} ${words.label.made} ${date(dateIn(language, madeOn))} ${words.label.bestBefore} ${date(until)}`,
    contents: [words.label.contents, namesIn(language, contents)],
    allergens,
    notForFood,
    use: words.use[use](minutes),
    cautions: [
      ...cautions.map((one) => words.cautions[one]),
      ...(keep === null ? [] : [words.label.keepBelow(say(keep, '°C', reads, 0).replace(' ', '\u00a0'))]),
      words.label.notToSwallow,
    ].join(' '),
    shop,
    code: `${number} ${title}. ${notForFood ? `${notForFood}! ` : ''}${words.label.bestBefore} ${until}. ${allergens}.`,
  };
}

/** Widths of the shipped font: on average a letter takes this share of its size. Measured over English text, on the wide side. */
const LETTER_EM = 0.545;
const BOLD_EM = 0.6;
const LEADING = 1.22;
const MM_PT = 72 / 25.4;
export const PAD_MM = 2.2;
/** The smallest and the largest type a label is set in, pt. */
export const TYPE_PT = { least: 4.2, most: 9 } as const;

const linesOf = (text: string, widthPt: number, sizePt: number, em: number): number => {
  const perLine = Math.max(1, Math.floor(widthPt / (sizePt * em)));
  // Words are not broken, so a line ends early by part of a word; one that is longer than a line does not fit at this size.
  let [lines, used] = [1, 0];
  for (const word of text.split(' ')) {
    const need = word.length + (used > 0 ? 1 : 0);
    if (used > 0 && used + need > perLine) {
      lines++;
      used = word.length;
    } else used += need;
    if (word.length > perLine) return Number.POSITIVE_INFINITY;
  }
  return lines;
};

/** How large the code stands beside the text, mm. */
export const codeMm = (height: number): number => Math.min(22, Math.max(12, height * 0.42));

/** The largest type at which all of a label fits its space; null when even the least does not, so that nothing is ever clipped. */
export function typeFor(label: Label, { width, height }: Pick<Grid, 'width' | 'height'>): number | null {
  const inner = (width - 2 * PAD_MM) * MM_PT;
  const beside = inner - (codeMm(height) + 1.5) * MM_PT;
  const room = (height - 2 * PAD_MM) * MM_PT;
  for (let size = TYPE_PT.most; size >= TYPE_PT.least; size -= 0.2) {
    const titlePt = size * 1.5;
    const head = linesOf(label.title, beside, titlePt, BOLD_EM) * titlePt * 1.12;
    const top =
      head +
      (label.notForFood ? linesOf(label.notForFood, beside, size * 1.3, BOLD_EM) * size * 1.3 * LEADING : 0) +
      (linesOf(label.net, beside, size, BOLD_EM) + linesOf(label.dates, beside, size, LETTER_EM)) * size * LEADING;
    const rest = [label.contents.join(': '), label.allergens, `${label.use} ${label.cautions}`, label.shop].reduce(
      (sum, text) => sum + linesOf(text, inner, size, LETTER_EM) * size * LEADING,
      0,
    );
    if (Math.max(top, codeMm(height) * MM_PT) + rest <= room) return Number(size.toFixed(1));
  }
  return null;
}

/** The most labels made at a time. */
const MOST_LABELS = 500;

/** What is wrong with how many labels are asked for and where they begin; null when nothing is. */
export function sheetFault(grid: Pick<Grid, 'columns' | 'rows'>, count: number, from: number): string | null {
  const places = grid.columns * grid.rows;
  if (!Number.isInteger(count) || count < 1 || count > MOST_LABELS) return wording.writeHowManyAs(MOST_LABELS);
  if (!Number.isInteger(from) || from < 1 || from > places) return wording.theSheetHasPlaces(places);
  return null;
}
