import type { Doing } from '@/core/caution';

/** What is true of a kind of step; everything that asks about one reads it here. One that leaves anything out does not compile. */
export type StepKindTraits = {
  /** Hands, minutes to set up and per piece. Source: working estimates for boards of bread size, editable by the maker. */
  readonly setupMin: number;
  readonly perPieceMin: number;
  /** It lays a coat on, drawn from a lot where it has a slot. */
  readonly lays: boolean;
  /** It takes off what a coat left over, and so ends it. */
  readonly ends: boolean;
  /** It cuts the surface: oily dust and paper once there is oil on. */
  readonly abrades: boolean;
  /** What hands do in it, as cautions ask; null where nothing bites by itself. */
  readonly doing: Doing | null;
};

export const stepKind = (of: StepKindTraits): StepKindTraits => of;
