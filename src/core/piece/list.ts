import { withoutEnd } from '@/core/quantity';
import type { Geometry, Solid } from './schema';

/** What a maker calls things, and how large such a thing usually is; a word it goes by may stand anywhere in what is typed. */
const USUAL: readonly { readonly words: readonly string[]; readonly of: Solid }[] = [
  {
    words: ['spoon', 'spreader', 'spatula', 'ladle', 'fork', 'server'],
    of: {
      shape: 'spoon',
      bowlLengthMm: 70,
      bowlWidthMm: 48,
      bowlDepthMm: 14,
      handleLengthMm: 210,
      handleWidthMm: 18,
      handleThickMm: 10,
    },
  },
  {
    words: ['scoop'],
    of: {
      shape: 'scoop',
      bowlLengthMm: 80,
      bowlWidthMm: 60,
      bowlDepthMm: 35,
      wallMm: 5,
      handleLengthMm: 80,
      handleWidthMm: 20,
      handleThickMm: 14,
    },
  },
  {
    words: ['bowl', 'dish'],
    of: {
      shape: 'turned',
      outer: [
        [45, 0],
        [100, 40],
        [110, 80],
      ],
      inner: [
        [40, 10],
        [92, 45],
        [102, 80],
      ],
    },
  },
  {
    words: ['cup', 'goblet', 'mug', 'vase', 'pot'],
    of: {
      shape: 'turned',
      outer: [
        [30, 0],
        [40, 50],
        [42, 90],
      ],
      inner: [
        [25, 8],
        [34, 50],
        [36, 90],
      ],
    },
  },
  {
    words: ['plate', 'platter', 'round board', 'trivet', 'coaster'],
    of: { shape: 'disc', diameterMm: 250, thickMm: 20, grain: 'long' },
  },
  {
    words: ['tray'],
    of: { shape: 'tray', lengthMm: 400, widthMm: 250, thickMm: 28, recessLengthMm: 360, recessWidthMm: 210, recessDepthMm: 14 },
  },
  { words: ['board', 'chopper'], of: { shape: 'board', lengthMm: 380, widthMm: 230, thickMm: 22, grain: 'long' } },
  { words: ['box', 'chest', 'caddy'], of: { shape: 'box', lengthMm: 160, widthMm: 110, heightMm: 80, wallMm: 8, lid: true } },
  { words: ['ring', 'teether'], of: { shape: 'ring', outerMm: 70, barMm: 12 } },
  { words: ['stool', 'seat'], of: { shape: 'plain', areaMm2: 600_000, endGrainShare: 0.1 } },
  {
    words: ['handle', 'knob', 'pin', 'peg', 'spurtle', 'muddler'],
    of: {
      shape: 'turned',
      outer: [
        [12, 0],
        [15, 60],
        [12, 130],
      ],
    },
  },
];

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
  const usual = USUAL.find(({ words }) => words.some((word) => name === word || name.endsWith(word)));
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
