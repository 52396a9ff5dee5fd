import { withoutEnd } from '@/core/quantity';
import type { Geometry, Solid } from './schema';
import { SHAPES } from './shapes';

/** What a maker calls things, and how large such a thing usually is, the longest words first: a word may stand anywhere in what is typed. */
const USUAL: readonly { readonly word: string; readonly of: Solid }[] = Object.values(SHAPES)
  .flatMap((shape) => shape.called.flatMap(({ words, usual }) => words.map((word) => ({ word, of: usual as Solid }))))
  .sort((a, b) => b.word.length - a.word.length);

const NUMBER_WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const A_DOZEN = 12;

/** One line of a list of pieces, as it was understood. */
export type Listed = {
  readonly count: number;
  /** What it is called, in the singular, without its wood. */
  readonly name: string;
  /** The design of the shop that is meant; null where none answers to the name. */
  readonly designId: number | null;
  /** What a thing of that name is about the size of; a shape the first coat must tell where nobody knows. */
  readonly geometry: Geometry;
  readonly woodId: string | null;
};

/** What a list may name: the shop's designs and the woods it knows. */
export type Known = {
  readonly designs: readonly { readonly id: number; readonly name: string; readonly geometry: Geometry }[];
  readonly woods: readonly { readonly id: string; readonly name: string }[];
};

/** A word in the singular, as far as English goes by rule. */
const singular = (word: string): string =>
  /(?:sh|ch|x|ss)es$/i.test(word) ? word.slice(0, -2) : /[^s]s$/i.test(word) ? word.slice(0, -1) : word;

const plainly = (text: string): string => text.toLowerCase().split(/\s+/).map(singular).join(' ');

/** `8`, `eight`, `a`, `a dozen`: how many, and what is left. */
function counted(text: string): { readonly count: number; readonly rest: string } | null {
  const figure = /^(\d{1,3}) ?[x×]? (.+)$/i.exec(text);
  if (figure) return { count: Number(figure[1]), rest: figure[2] ?? '' };
  const dozen = /^(?:a )?dozen (.+)$/i.exec(text);
  if (dozen) return { count: A_DOZEN, rest: dozen[1] ?? '' };
  const [first = '', ...others] = text.split(/\s+/);
  const word = /^an?$/i.test(first) ? 1 : NUMBER_WORDS.indexOf(first.toLowerCase());
  return word > 0 && others.length > 0 ? { count: word, rest: others.join(' ') } : null;
}

/** The wood that is named in some words, the longest name first, and the words without it. */
function woodIn(text: string, woods: Known['woods']): { readonly woodId: string | null; readonly rest: string } {
  const named = [...woods].sort((a, b) => b.name.length - a.name.length);
  for (const { id, name } of named) {
    const at = text.toLowerCase().indexOf(name.toLowerCase());
    const isWord = at >= 0 && !/\p{L}/u.test(text[at - 1] ?? ' ') && !/\p{L}/u.test(text[at + name.length] ?? ' ');
    if (isWord)
      return {
        woodId: id,
        rest: `${text.slice(0, at)} ${text.slice(at + name.length)}`.replace(/\s+/g, ' ').replace(/^ | (?:in|of) ?$| $/g, ''),
      };
  }
  return { woodId: null, rest: text };
}

function readOne(text: string, known: Known): Listed {
  const { count, rest } = counted(text) ?? { count: 1, rest: text };
  const { woodId, rest: called } = woodIn(rest.replace(/^of\s+/i, ''), known.woods);
  const name = plainly(called || rest);
  const design =
    known.designs.find((one) => plainly(one.name) === name) ??
    known.designs.find((one) => plainly(one.name).endsWith(` ${name}`)) ??
    known.designs.find((one) => name.endsWith(` ${plainly(one.name)}`));
  const usual = USUAL.find(({ word }) => name.endsWith(word));
  const geometry: Geometry = design?.geometry ?? (usual ? { shape: 'like', of: usual.of, times: 1 } : { shape: 'unknown' });
  return { count, name, designId: design?.id ?? null, geometry, woodId };
}

/** More lines than this are no small lot. */
const MOST_LINES = 60;
const MOST_LETTERS = 6000;

/**
 * A list of unlike pieces as it is typed or pasted: `3 spoons, 2 plum bowls and a board`, or one to a line. Nothing is refused: what has
 * no name that is known is a thing whose first coat will tell its size.
 */
export const readList = (text: string, known: Known): readonly Listed[] =>
  text
    .slice(0, MOST_LETTERS)
    .replace(/[^\S\n]+/g, ' ')
    .split(/[,;\n&]| and /i)
    .map((line) => withoutEnd(line.replace(/^[\s•*·–-]+/, ''), '. '))
    .filter((line) => line !== '')
    .slice(0, MOST_LINES)
    .map((line) => readOne(line, known));
