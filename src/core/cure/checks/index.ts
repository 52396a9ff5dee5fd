import type { CheckTraits, CureMode } from './check';
import { smell } from './smell';
import { touch } from './touch';
import { towel } from './towel';
import { waterBead } from './water-bead';

export const CHECK_TRAITS = {
  towel,
  smell,
  touch,
  'water-bead': waterBead,
} as const satisfies Readonly<Record<string, CheckTraits>>;
export type CheckKind = keyof typeof CHECK_TRAITS;
export const CHECK_KINDS = Object.keys(CHECK_TRAITS) as [CheckKind, ...CheckKind[]];

/** The checks that can open a release, by how a finish sets. */
export const openingChecks = (mode: CureMode): readonly CheckKind[] =>
  CHECK_KINDS.filter((kind) => CHECK_TRAITS[kind].opens.includes(mode));
