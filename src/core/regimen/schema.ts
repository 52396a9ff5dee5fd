import { z } from 'zod';
import { CARE_CLASSES } from '@/core/care';
import { CHECK_KINDS, GOVERNS } from '@/core/cure';
import { ROLES } from '@/core/material';
import { FINISH_CLASSES, SURFACES } from '@/core/piece';
import { Wait } from '@/core/plan';
import { STEP_KINDS } from './kinds';

/** How a coat lies; it bounds the dwell. */
export const LIES = ['flooded', 'thin'] as const;
/** Places of the shop, by what they are for. */
export const PLACE_KINDS = ['bench', 'lathe', 'rack', 'bath', 'sill', 'warm cabinet', 'elsewhere'] as const;
/** What must be minded at a place: a stove or a lamp nearby, a flame, hot sun, and that it is out of the shop's hands. */
export const PLACE_HAZARDS = ['heat', 'flame', 'sun', 'away'] as const;
export type PlaceHazard = (typeof PLACE_HAZARDS)[number];

/** What a maker judges of finished work. */
export const VERDICT_KINDS = ['gloss', 'colour', 'feel', 'again'] as const;
export type VerdictKind = (typeof VERDICT_KINDS)[number];

/** How wood is looked over in a step of inspection. */
export const INSPECTIONS = ['low-light', 'wetted', 'fingertips', 'sound'] as const;

/** What may govern a wait's longest: drying wood spoils nothing. */
export const GOVERNS_ABOVE = GOVERNS.filter((one) => one !== 'water');

/** What a step says beside its hands, its wait and its material; each may be left out. */
export const StepDetail = z.object({
  /** What its wait's bounds go by in the room; null: as its kind and its material say. */
  governs: z
    .object({ min: z.enum(GOVERNS), max: z.enum(GOVERNS_ABOVE) })
    .nullable()
    .default(null),
  /** It is called for only where the place is colder than this, °C. */
  whenBelowC: z.number().min(-20).max(60).nullable().default(null),
  /** The surfaces it treats; none named: all of them. */
  surfaces: z.array(z.enum(SURFACES)).default([]),
  /** The house's own wait over what label and chemistry say, and why. */
  house: z
    .object({ wait: Wait, why: z.string().min(1) })
    .nullable()
    .default(null),
  /** How it looks the wood over. */
  looksBy: z.enum(INSPECTIONS).nullable().default(null),
  /** The grit it cuts with, where it cuts with one. */
  grit: z.int().min(10).max(9999).optional(),
});
export type StepDetail = z.output<typeof StepDetail>;

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
  ...StepDetail.shape,
});
export type RegimenStep = z.output<typeof RegimenStep>;

/** How a slot's material must feel: poured, rubbed in as a paste, or either. */
export const SLOT_FEELS = ['liquid', 'paste', 'any'] as const;

/** Until when coats of a material are given: what the wood, the light, the scale or the paper says. */
export const UNTILS = ['no-dry-spots', 'even-sheen', 'shine', 'full', 'paper-clean'] as const;
export type Until = (typeof UNTILS)[number];

/** A material a regimen takes, and what it must be by drying and feel. */
export const Slot = z.object({
  slot: z.string().min(1),
  name: z.string().min(1),
  wants: z
    .array(z.enum(['never', 'drying']))
    .min(1)
    .max(2),
  feel: z.enum(SLOT_FEELS).default('any'),
  /** The families of materials it takes; empty: those its coats stand for. */
  roles: z.array(z.enum(ROLES)).default([]),
  /** The regimen counts on an oil that is fit within so many hours at 20 °C; null: any. */
  quickHours: z.number().positive().nullable().default(null),
  /** Its coats are not counted out: at least and at most so many, until. The steps give the number that is reckoned with. */
  repeat: z
    .object({ from: z.int().min(1).max(20), to: z.int().min(1).max(20), until: z.enum(UNTILS) })
    .refine(({ from, to }) => from <= to, { params: { code: 'wait-order' }, path: ['to'] })
    .nullable()
    .default(null),
  /** Ids of what is stirred into it just before it is laid on, and never stands in a tin with it. */
  adds: z.array(z.string()).default([]),
  hint: z.string().default(''),
});
export type Slot = z.output<typeof Slot>;

/** A care of the house's own: days between looks, null where none is due, and what to do then. */
export const OwnCare = z.object({ days: z.int().min(1).max(3650).nullable(), words: z.string().max(400) });
export type OwnCare = z.output<typeof OwnCare>;

/** An ordered finishing plan of one school. `careClass` is what its owner will meet. */
export const Regimen = z.object({
  id: z.string().min(1),
  name: z.string().min(1),
  school: z.string().min(1),
  gains: z.string(),
  costs: z.string(),
  careClass: z.enum(CARE_CLASSES),
  knifeSurface: z.boolean(),
  /** How its owner keeps it, where that is not as its care class says: days between looks, and what to do then. */
  ownCare: OwnCare.nullable().default(null),
  /** Why the house does not keep to the usual order; empty where it does. */
  ownWay: z.string().default(''),
  slots: z.array(Slot),
  steps: z.array(RegimenStep).min(1),
});
export type Regimen = z.output<typeof Regimen>;
/** A regimen as it is written down: what has a usual value may be left out. */
export type WrittenRegimen = z.input<typeof Regimen>;
export type PlaceKind = (typeof PLACE_KINDS)[number];
