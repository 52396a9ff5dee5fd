import type { JudgedPiece } from './piece';

/** What stands beside a gate on the release screen, for who signs: the facts it rests on. */
export const SHOWN = ['woods', 'origin', 'contents', 'papers', 'film', 'drying', 'declared', 'allergens'] as const;
export type Shown = (typeof SHOWN)[number];

/** A gate in which time does not enter, and all that is true of it. One that leaves anything out does not compile. */
export type UseGateKind = {
  readonly applies: (piece: JudgedPiece) => boolean;
  readonly met: (piece: JudgedPiece) => boolean;
  /** Whether a maker may sign for it with a reason, where it is not met. */
  readonly maySign: (piece: JudgedPiece) => boolean;
  /** Whether, unmet, it takes food away for good, whoever signs. */
  readonly keepsFoodOff: 'always' | 'unless signed' | 'never';
  /** What it rests on, shown beside it: at least one fact. */
  readonly shows: readonly [Shown, ...Shown[]];
};

export const gate = (of: UseGateKind): UseGateKind => of;
