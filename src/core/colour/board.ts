import { fail, ok, type Result } from '@/core/quantity';
import { GREY_CARD, type Lab, labOf, linear } from './colour';
import { type Corners, homography, type Point, rectangle } from './homography';

/** A picture as it is unfolded: four bytes a pixel, row by row from the top left; sRGB. */
export type Pixels = { readonly data: ArrayLike<number>; readonly width: number; readonly height: number };
/** A board that bears fields side by side along its length, mm. */
export type Bearing = {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly fields: readonly { readonly fromMm: number; readonly lengthMm: number }[];
};

/** Where the four alike pieces of grey card lie: beside the long sides, at the corners; and how large they are, mm. House rule. */
export const CARD = { inMm: 10, outMm: 15, sideMm: 14 } as const;
/** So much of a field and of a card is looked at, from its middle: tape, edges and blurs stay out. */
const LOOKED_AT = 0.7;
/** Dots along each side of what is looked at. */
const DOTS = 48;
/** A channel this high is as good as clipped. Source: working estimate for eight bits. */
export const CLIPPED_FROM = 250;
/** A card darker than this in one channel, linear, is lost in what a sensor strays by. Source: working estimate. */
const BLACK_TO = 0.002;
/** Cards of one light do not differ more than this; if they do, a corner is set wrongly or a shadow lies on one. */
const CARDS_APART = 1.8;

type Light = readonly [number, number, number];
/** What was read of one field: its colour under even light, and the share of its dots that are as good as clipped. */
export type FieldRead = { readonly lab: Lab; readonly bright: number };
export type BoardRead = { readonly fields: readonly FieldRead[]; readonly cards: readonly Light[] };

/** Middles of the cards, in the order of the corners. */
export const cardMiddles = ({ lengthMm, widthMm }: Pick<Bearing, 'lengthMm' | 'widthMm'>): Corners => [
  [CARD.inMm, -CARD.outMm],
  [lengthMm - CARD.inMm, -CARD.outMm],
  [lengthMm - CARD.inMm, widthMm + CARD.outMm],
  [CARD.inMm, widthMm + CARD.outMm],
];

type Box = { readonly middle: Point; readonly width: number; readonly height: number };

/** Every dot of a box of the board: where it lies, and its three bytes; null where the picture ends before. */
function dotsOf({ data, width, height }: Pixels, toPicture: (point: Point) => Point, { middle, ...box }: Box) {
  const dots: { readonly at: Point; readonly rgb: Light }[] = [];
  for (let i = 0; i < DOTS; i++)
    for (let k = 0; k < DOTS; k++) {
      const at: Point = [
        middle[0] + box.width * LOOKED_AT * ((i + 0.5) / DOTS - 0.5),
        middle[1] + box.height * LOOKED_AT * ((k + 0.5) / DOTS - 0.5),
      ];
      const [x, y] = toPicture(at).map(Math.floor) as [number, number];
      if (x < 0 || y < 0 || x >= width || y >= height) return null;
      const from = 4 * (y * width + x);
      dots.push({ at, rgb: [data[from] ?? 0, data[from + 1] ?? 0, data[from + 2] ?? 0] });
    }
  return dots;
}
type Dots = NonNullable<ReturnType<typeof dotsOf>>;

const CHANNELS = [0, 1, 2] as const;
const meanLight = (lights: readonly Light[]): Light =>
  CHANNELS.map((i) => lights.reduce((sum, one) => sum + one[i], 0) / lights.length) as unknown as Light;
const lightOf = (rgb: Light): Light => [linear(rgb[0]), linear(rgb[1]), linear(rgb[2])];
const isBright = (rgb: Light): boolean => Math.max(...rgb) >= CLIPPED_FROM;

/** What a card would throw back anywhere on the board, by its four corners: even along each side. */
function evenLight(cards: readonly Light[], { lengthMm, widthMm }: Bearing) {
  const [nw, ne, se, sw] = cards as readonly [Light, Light, Light, Light];
  return ([x, y]: Point): Light => {
    const u = (x - CARD.inMm) / (lengthMm - 2 * CARD.inMm);
    const v = (y + CARD.outMm) / (widthMm + 2 * CARD.outMm);
    return CHANNELS.map((i) => (1 - v) * ((1 - u) * nw[i] + u * ne[i]) + v * ((1 - u) * sw[i] + u * se[i])) as unknown as Light;
  };
}

/** The four cards as linear light, or why they cannot be believed. */
function cardsOf(found: readonly (Dots | null)[]): Result<readonly Light[]> {
  if (found.some((dots) => dots === null)) return fail('corners-outside', 'corners');
  const cards = (found as readonly Dots[]).map((dots) => meanLight(dots.map(({ rgb }) => lightOf(rgb))));
  if ((found as readonly Dots[]).some((dots) => dots.filter(({ rgb }) => isBright(rgb)).length > dots.length / 10))
    return fail('card-clipped', 'picture');
  if (cards.some((card) => card.some((one) => one <= BLACK_TO))) return fail('card-black', 'picture');
  const apart = Math.max(
    ...CHANNELS.map((i) => Math.max(...cards.map((card) => card[i])) / Math.min(...cards.map((card) => card[i]))),
  );
  return apart > CARDS_APART ? fail('cards-unlike', 'corners', { times: apart }) : ok(cards);
}

/**
 * Reads the fields of a board in a picture: the board is found by its corners, the light evened channel by channel by four alike grey
 * cards (calc.md, 19), the colour is the mean of what is not clipped, the gloss the share of what is.
 * @param corners of the board in pixels, in the order of `Corners`
 */
export function readBoard(pixels: Pixels, corners: Corners, board: Bearing, cardReflectance = GREY_CARD): Result<BoardRead> {
  const { lengthMm, widthMm } = board;
  if (!(lengthMm > 2 * CARD.inMm && widthMm > 0)) return fail('must-be-positive', 'lengthMm');
  const toPicture = homography(rectangle(lengthMm, widthMm), corners);
  if (!toPicture.ok) return toPicture;
  const look = (box: Box): Dots | null => dotsOf(pixels, toPicture.value, box);
  const side = CARD.sideMm;
  const cards = cardsOf(cardMiddles(board).map((middle) => look({ middle, width: side, height: side })));
  if (!cards.ok) return cards;
  const card = evenLight(cards.value, board);
  const fields: FieldRead[] = [];
  for (const field of board.fields) {
    const middle: Point = [field.fromMm + field.lengthMm / 2, widthMm / 2];
    const dots = look({ middle, width: field.lengthMm, height: widthMm });
    if (!dots) return fail('corners-outside', 'corners');
    const bright = dots.filter(({ rgb }) => isBright(rgb)).length / dots.length;
    // A glare says nothing of the colour beneath it, unless there is nothing else.
    const matt = bright < 0.9 ? dots.filter(({ rgb }) => !isBright(rgb)) : dots;
    const even = meanLight(
      matt.map(({ at, rgb }) => {
        const [light, here] = [lightOf(rgb), card(at)];
        return CHANNELS.map((i) => (light[i] * cardReflectance) / here[i]) as unknown as Light;
      }),
    );
    const clipped = CHANNELS.map((i) => Math.min(1, even[i])) as unknown as Light;
    fields.push({ lab: labOf(clipped), bright });
  }
  return ok({ fields, cards: cards.value });
}
