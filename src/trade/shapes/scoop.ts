import type { Where } from './picture';

export { Large, small } from './spoon';

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = {
  'bowl-outside': [0.14, 0.66],
  handle: [0.68, 0.45],
  'bowl-inside': [0.18, 0.45],
  'end-grain': [0.95, 0.45],
};
