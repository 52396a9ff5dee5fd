import type { Way } from '../ways-back';

/** What can be seen amiss on a surface, and all that is true of it. */
export type FaultKind = {
  /** Where it can be seen: in the wood itself, before any finish is on; only on what dries; or on any finish. */
  readonly seen: 'in the wood' | 'where it dries' | 'on any finish';
  /** Whether sanding mends it before any finish is on. */
  readonly sandedOut: boolean;
  /** What is offered for it, the likeliest first; none where the way back is no step of this batch. */
  readonly ways: readonly Way[];
};

export const fault = (of: FaultKind): FaultKind => of;
