/** What is true of a kind of step; everything that asks about one reads it here. */
type StepTraits = {
  /** Hands, minutes to set up and per piece. Source: working estimates for boards of bread size, editable by the maker. */
  readonly setupMin: number;
  readonly perPieceMin: number;
  /** It lays a coat on, drawn from a lot where it has a slot. */
  readonly lays: boolean;
  /** It takes off what a coat left over, and so ends it. */
  readonly ends: boolean;
  /** It cuts the surface: oily dust and paper once there is oil on. */
  readonly abrades: boolean;
};

export const STEP_TRAITS = {
  sand: { setupMin: 2, perPieceMin: 3, lays: false, ends: false, abrades: true },
  wet: { setupMin: 1, perPieceMin: 0.5, lays: false, ends: false, abrades: false },
  coat: { setupMin: 3, perPieceMin: 1.5, lays: true, ends: false, abrades: false },
  wipe: { setupMin: 2, perPieceMin: 1, lays: false, ends: true, abrades: false },
  buff: { setupMin: 2, perPieceMin: 2, lays: false, ends: true, abrades: false },
  scuff: { setupMin: 2, perPieceMin: 1.5, lays: false, ends: false, abrades: true },
  warm: { setupMin: 3, perPieceMin: 0, lays: false, ends: false, abrades: false },
  turn: { setupMin: 0, perPieceMin: 0.5, lays: false, ends: false, abrades: false },
  check: { setupMin: 1, perPieceMin: 0.5, lays: false, ends: false, abrades: false },
  inspect: { setupMin: 1, perPieceMin: 1, lays: false, ends: false, abrades: false },
  colour: { setupMin: 3, perPieceMin: 1.5, lays: true, ends: false, abrades: false },
  fill: { setupMin: 3, perPieceMin: 4, lays: true, ends: false, abrades: false },
  paint: { setupMin: 4, perPieceMin: 3, lays: true, ends: false, abrades: false },
  spray: { setupMin: 8, perPieceMin: 1, lays: true, ends: false, abrades: false },
  press: { setupMin: 1, perPieceMin: 2, lays: true, ends: false, abrades: false },
  wheel: { setupMin: 3, perPieceMin: 2, lays: false, ends: true, abrades: false },
} as const satisfies Readonly<Record<string, StepTraits>>;

/** What hands do in a step. */
export type StepKind = keyof typeof STEP_TRAITS;
export const STEP_KINDS = Object.keys(STEP_TRAITS) as [StepKind, ...StepKind[]];

type Of = { readonly kind: StepKind };
/** Whether a step lays a coat on. */
export const laysCoat = ({ kind }: Of): boolean => STEP_TRAITS[kind].lays;
/** Whether a step lays a coat on that is drawn from a lot. */
export const drawsLot = (step: (Of & { readonly slot: string | null }) | undefined): boolean =>
  step !== undefined && laysCoat(step) && step.slot !== null;
/** Whether a step takes off what a coat left over: a wipe or a buff. */
export const endsCoat = ({ kind }: Of): boolean => STEP_TRAITS[kind].ends;
/** Whether a step cuts the surface: sanding or scuffing. */
export const abrades = ({ kind }: Of): boolean => STEP_TRAITS[kind].abrades;
/** Whether hands touch what is wet: a coat, and what takes it off. It leaves cloths. */
export const handlesWet = (step: Of): boolean => laysCoat(step) || endsCoat(step);
