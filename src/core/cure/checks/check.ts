/** How a finish sets: by oxygen, by sinking in and being wiped, or by its solvent leaving. */
export const CURE_MODES = ['oxidise', 'settle', 'evaporate'] as const;
export type CureMode = (typeof CURE_MODES)[number];

/** A check of the cure, and all that is true of it. */
export type CheckTraits = {
  /** How often it passes too early (fp) or fails too late (fn), by how a finish sets. Source: working estimates. */
  readonly errs: Readonly<Record<CureMode, { readonly fp: number; readonly fn: number }>>;
  /** The finishes whose release it can open, by how they set. */
  readonly opens: readonly CureMode[];
};

export const checkKind = (of: CheckTraits): CheckTraits => of;
