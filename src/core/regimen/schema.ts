import { z } from 'zod';
import { FINISH_CLASSES } from '@/core/piece';
import { CHECK_KINDS } from '@/core/cure';
import { CARE_CLASSES } from '@/core/care';
import { Wait } from '@/core/plan';
import { ROLES } from '@/core/material';
import { STEP_KINDS } from './kinds';

/** How a coat lies; it bounds the dwell. */
export const LIES = ['flooded', 'thin'] as const;
/** Places of the shop, by what they are for. */
export const PLACE_KINDS = ['bench', 'lathe', 'rack', 'bath', 'sill', 'warm cabinet'] as const;

/**
 * One step: its hands (minutes to set up and per piece), the wait after it, the material it takes (`slot`),
 * and the check it is repeated until. `action` is what to do, `done` what the button says when it is done.
 */
export const RegimenStep = z.object({
  id: z.string().min(1),
  kind: z.enum(STEP_KINDS),
  action: z.string().min(1),
  done: z.string().min(1),
  setupMin: z.number().min(0),
  perPieceMin: z.number().min(0),
  wait: Wait,
  slot: z.string().nullable().default(null),
  lies: z.enum(LIES).nullable().default(null),
  coatClass: z.enum(FINISH_CLASSES).nullable().default(null),
  coat: z.int().positive().nullable().default(null),
  until: z.enum(CHECK_KINDS).nullable().default(null),
  /** How often a step that is repeated until its check passes is reckoned with, and how long after it comes again, minutes. */
  expect: z.int().min(1).max(20).default(1),
  againMin: z.number().min(0).default(0),
  place: z.enum(PLACE_KINDS).nullable().default(null),
  optional: z.boolean().default(false),
  note: z.string().default(''),
  /** What the tin's label says where the house does otherwise; `note` gives the reason. */
  labelRule: z.string().default(''),
});
export type RegimenStep = z.output<typeof RegimenStep>;

/** How a slot's material must feel: poured, rubbed in as a paste, or either. */
export const SLOT_FEELS = ['liquid', 'paste', 'any'] as const;

/** A material a regimen takes, and what it must be by drying and feel. */
export const Slot = z.object({
  slot: z.string().min(1),
  name: z.string().min(1),
  wants: z.array(z.enum(['never', 'drying'])).min(1),
  feel: z.enum(SLOT_FEELS).default('any'),
  /** The families of materials it takes; empty: those its coats stand for. */
  roles: z.array(z.enum(ROLES)).default([]),
  /** The regimen counts on an oil that is fit within so many hours at 20 °C; null: any. */
  quickHours: z.number().positive().nullable().default(null),
  hint: z.string().default(''),
});
export type Slot = z.output<typeof Slot>;

/** An ordered finishing plan of one school. `careClass` is what its owner will meet. */
export const Regimen = z.object({
  id: z.string().min(1),
  name: z.string().min(1),
  school: z.string().min(1),
  gains: z.string(),
  costs: z.string(),
  careClass: z.enum(CARE_CLASSES),
  knifeSurface: z.boolean(),
  slots: z.array(Slot),
  steps: z.array(RegimenStep).min(1),
});
export type Regimen = z.output<typeof Regimen>;
/** A regimen as it is written down: what has a usual value may be left out. */
export type Written = z.input<typeof Regimen>;
export type PlaceKind = (typeof PLACE_KINDS)[number];
