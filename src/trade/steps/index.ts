import type { StepKind } from '@/core/regimen';
import { buff } from './buff';
import { check } from './check';
import { coat } from './coat';
import { colour } from './colour';
import { fill } from './fill';
import type { Glyph } from './glyph';
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

/** What is drawn for a step: one shape for each kind of hand-work. */
export const GLYPHS: Readonly<Record<StepKind, Glyph>> = {
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
