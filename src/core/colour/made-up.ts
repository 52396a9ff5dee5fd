import { type Bearing, CARD, cardMiddles, type Pixels } from './board';
import { encoded, GREY_CARD } from './colour';
import { type Corners, homography, type Point, rectangle } from './homography';

type Light = readonly [number, number, number];

/** A picture to be made up: what is true of it is known. */
export type MadeUp = {
  readonly board: Bearing;
  /** What each field throws back, linear light 0–1, and the share of it that glares. */
  readonly fields: readonly { readonly reflects: Light; readonly glare: number }[];
  /** The lamp, as a gain of each linear channel. */
  readonly lamp: Light;
  /** By how much the light is less at the far end from the lamp, 0–0.2; it falls with the square of the distance. */
  readonly falloff: number;
  readonly width: number;
  readonly height: number;
  readonly corners: Corners;
  readonly seed: number;
};

/** A linear channel as a byte, as a sensor strays. */
const byteOf = (light: number, stray: number): number => Math.round(stray + encoded(Math.min(1, light)));

/** A number between 0 and 1 for a place, always the same: a hash, not a generator. */
function noise(x: number, y: number, seed: number): number {
  let h = Math.imul(x | 0, 0x27d4eb2d) ^ Math.imul(y | 0, 0x165667b1) ^ Math.imul(seed | 0, 0x9e3779b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return ((h ^ (h >>> 16)) >>> 0) / 2 ** 32;
}

const BENCH: Light = [0.1, 0.11, 0.1];
const TAPE: Light = [0.5, 0.46, 0.3];
/** How much a wood's grain varies around its mean. */
const GRAIN = 0.1;
/** How far a sensor's bytes stray to both sides together. */
const STRAY = 4;

/** What lies at a place of the board or beside it; null for a glare. */
function surfaceAt([x, y]: Point, { board, fields, seed }: MadeUp): Light | null {
  const { lengthMm, widthMm } = board;
  const onCard = cardMiddles(board).some(([cx, cy]) => Math.max(Math.abs(x - cx), Math.abs(y - cy)) <= CARD.sideMm / 2);
  if (onCard) return [GREY_CARD, GREY_CARD, GREY_CARD];
  if (x < 0 || y < 0 || x > lengthMm || y > widthMm) return BENCH;
  const at = board.fields.findIndex(({ fromMm, lengthMm: long }) => x >= fromMm && x < fromMm + long);
  const field = fields[at];
  if (!field) return TAPE;
  if (noise(Math.floor(x / 3.5 + 7 * noise(Math.floor(y * 1.4), 0, seed)), Math.floor(y * 1.4), seed + 1) < field.glare)
    return null;
  // Streaks along the board and single fibres, around a mean that is the field's own.
  const streak = noise(Math.floor(y * 0.9 + 1.3 * Math.sin(x / 37 + seed)), 3, seed) - 0.5;
  const grain = 1 + GRAIN * (noise(Math.floor(x / 3), Math.floor(y * 3), seed) - 0.5) + GRAIN * streak;
  return [field.reflects[0] * grain, field.reflects[1] * grain, field.reflects[2] * grain];
}

/** The light of a lamp that stands beyond the top left of the board, 1 there and `1 − falloff` at the far corner, by the square of the distance. */
function lightAt([x, y]: Point, { board, falloff }: MadeUp): number {
  if (falloff <= 0) return 1;
  const reach = Math.hypot(board.lengthMm, board.widthMm);
  // From `1/d²` at the near corner to `1/(d + reach)²` at the far one: d by the falloff.
  const d = reach / (Math.sqrt(1 / (1 - falloff)) - 1);
  const along = (x * board.lengthMm + y * board.widthMm) / reach;
  return (d / (d + along)) ** 2;
}

/** Makes a picture up: a board with its fields and cards, seen aslant under a lamp. What a reading should find is known to the last figure. */
export function madeUpPicture(of: MadeUp): Pixels {
  const { board, lamp, width, height, corners } = of;
  const toBoard = homography(corners, rectangle(board.lengthMm, board.widthMm));
  if (!toBoard.ok) throw new Error('the corners of a made-up picture are crossed');
  const data = new Uint8ClampedArray(4 * width * height);
  for (let py = 0; py < height; py++)
    for (let px = 0; px < width; px++) {
      const at = toBoard.value([px + 0.5, py + 0.5]);
      const surface = surfaceAt(at, of);
      const light = lightAt(at, of);
      const from = 4 * (py * width + px);
      for (const i of [0, 1, 2] as const)
        data[from + i] =
          surface === null ? 255 : byteOf(surface[i] * lamp[i] * light, STRAY * (noise(px, 3 * py + i, of.seed + 9) - 0.5));
      data[from + 3] = 255;
    }
  return { data, width, height };
}
