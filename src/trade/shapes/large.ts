import type { ReactNode } from 'react';
import type { ShapeId, Solid, SolidOf } from '@/core/piece';
import * as board from './board';
import * as box from './box';
import * as disc from './disc';
import type { Paint, Where } from './picture';
import * as plain from './plain';
import * as ring from './ring';
import * as roundBox from './round-box';
import * as scoop from './scoop';
import * as spoon from './spoon';
import * as tray from './tray';
import * as turned from './turned';

type Large<S extends ShapeId> = (of: SolidOf<S> & Paint) => ReactNode;

/** Drawn to scale with its sizes; what has no such drawing stands as it looks small, larger. */
const LARGE: { readonly [S in ShapeId]: Large<S> | null } = {
  board: board.Large,
  spoon: spoon.Large,
  scoop: scoop.Large,
  box: box.Large,
  turned: turned.Large,
  disc: null,
  tray: null,
  ring: null,
  'round-box': null,
  plain: null,
};

/** A solid thing drawn large; null where it has no drawing of its own. */
export const largeOf = (of: Solid, paint: Paint): ReactNode =>
  (LARGE[of.shape] as Large<ShapeId> | null)?.({ ...of, ...paint } as never) ?? null;

export const WHERE: Readonly<Record<ShapeId, Where>> = {
  board: board.where,
  spoon: spoon.where,
  scoop: scoop.where,
  box: box.where,
  turned: turned.where,
  disc: disc.where,
  tray: tray.where,
  ring: ring.where,
  'round-box': roundBox.where,
  plain: plain.where,
};
