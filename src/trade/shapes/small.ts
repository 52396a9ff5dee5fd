import type { ShapeId, Solid, SolidOf } from '@/core/piece';
import * as board from './board';
import * as box from './box';
import * as disc from './disc';
import type { Drawn } from './paths';
import * as plain from './plain';
import * as ring from './ring';
import * as roundBox from './round-box';
import * as scoop from './scoop';
import * as spoon from './spoon';
import * as tray from './tray';
import * as turned from './turned';

const SMALL: { readonly [S in ShapeId]: (of: SolidOf<S>) => Drawn } = {
  board: board.small,
  spoon: spoon.small,
  scoop: scoop.small,
  box: box.small,
  turned: turned.small,
  disc: disc.small,
  tray: tray.small,
  ring: ring.small,
  'round-box': roundBox.small,
  plain: plain.small,
};

/** A solid thing as it is drawn small. */
export const smallOf = (of: Solid): Drawn => (SMALL[of.shape] as (of: Solid) => Drawn)(of);
