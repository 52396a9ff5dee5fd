import type { StepKind } from '@/core/regimen';
import { buff } from './buff';
import { check } from './check';
import { coat } from './coat';
import { colour } from './colour';
import { fill } from './fill';
import { inspect } from './inspect';
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

/** Each kind of work, as it is chosen. */
export const STEP_WORDS: Readonly<Record<StepKind, string>> = {
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
};
