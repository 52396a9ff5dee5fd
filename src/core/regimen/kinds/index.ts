import type { Doing } from '@/core/caution';
import { buff } from './buff';
import { check } from './check';
import { coat } from './coat';
import { colour } from './colour';
import { fill } from './fill';
import { inspect } from './inspect';
import type { StepKindTraits } from './kind';
import { paint } from './paint';
import { press } from './press';
import { sand } from './sand';
import { scuff } from './scuff';
import { spray } from './spray';
import { turn } from './turn';
import { warm } from './warm';
import { wet } from './wet';
import { wheel } from './wheel';
import { wipe } from './wipe';

export const STEP_TRAITS = {
  sand,
  wet,
  coat,
  wipe,
  buff,
  scuff,
  warm,
  turn,
  check,
  inspect,
  colour,
  fill,
  paint,
  spray,
  press,
  wheel,
} as const satisfies Readonly<Record<string, StepKindTraits>>;

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
/** What hands do in a step of a kind, as cautions ask; null where nothing bites by itself. */
export const doingOf = ({ kind }: Of): Doing | null => STEP_TRAITS[kind].doing;
