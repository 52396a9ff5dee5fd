import 'server-only';
import { createCanvas, GlobalFonts, type SKRSContext2D } from '@napi-rs/canvas';
import { FONT_FILES } from './fonts';

export type Weight = (typeof FONT_FILES)[number]['fontWeight'];
/** Type the pen measures in: large, so that rounding to its grid does not count. */
const EM = 100;
let pen: SKRSContext2D | null = null;

/** How wide the widest word of a text is in the shipped font, as a share of its size. */
export function widestWord(text: string, weight: Weight): number {
  if (!pen) {
    for (const { src } of FONT_FILES) GlobalFonts.registerFromPath(src, 'Archivo');
    pen = createCanvas(1, 1).getContext('2d');
  }
  pen.font = `${weight} ${EM}px Archivo`;
  const measured = pen;
  return Math.max(0, ...text.split(' ').map((word) => measured.measureText(word).width)) / EM;
}
