import { z } from 'zod';
import { INGREDIENT_IDS, SPECIES_IDS } from './ids';

/** Families of ingredients, in the order they are shelved. */
export const FAMILIES = [
  'never-dry-oil',
  'culinary-oil',
  'semi-drying-oil',
  'drying-oil',
  'wax',
  'resin',
  'solvent',
  'paint',
  'carrier',
  'additive',
] as const;

/** How close to food a material may come, best first. */
export const CONTACTS = ['food-grade', 'once-cured', 'indirect-only', 'not-for-food'] as const;

/** Whether it sets to a solid, by halves (tacky for months), or never. */
export const DRIES = ['drying', 'semi', 'never'] as const;

/** What it mixes with; lines of two groups part again and must be shaken. */
export const MIX_GROUPS = ['oil', 'spirit', 'water'] as const;

/** The longest a coat of it may lie before its surplus gums, minutes, by how the coat lies. */
const Dwell = z.object({ flooded: z.number().positive(), thin: z.number().positive() });

/** An ingredient as shipped. Densities g/ml at 20 °C, of molten wax at 80 °C; heats J/g; temperatures °C; iodine value g I₂/100 g; keeping in months. */
export const Ingredient = z.object({
  id: z.enum(INGREDIENT_IDS),
  name: z.string(),
  family: z.enum(FAMILIES),
  densityGPerMl: z.number().positive(),
  molarMassGPerMol: z.number().positive(),
  meltC: z.number().nullable(),
  fusionJPerG: z.number().nullable(),
  hardening: z.number().min(0),
  iodineValue: z.number().min(0),
  volatileFraction: z.number().min(0).max(1),
  maxC: z.number().nullable(),
  flashC: z.number().nullable(),
  neverHeat: z.boolean(),
  filmForming: z.boolean(),
  metallicDrier: z.boolean(),
  contact: z.enum(CONTACTS),
  allergens: z.array(z.string()),
  shelfMonths: z.number().int().positive(),
  selfHeating: z.boolean(),
  dries: z.enum(DRIES),
  mixes: z.enum(MIX_GROUPS),
  moltenGPerMl: z.number().positive().nullable(),
  dwellMin: Dwell.nullable(),
  alsoCalled: z.array(z.string()),
  note: z.string(),
});
export type Ingredient = z.infer<typeof Ingredient>;
export type Contact = Ingredient['contact'];
/** The worst of some contact classes; the best there is of none. */
export const worstOf = (classes: readonly Contact[]): Contact =>
  CONTACTS[Math.max(0, ...classes.map((one) => CONTACTS.indexOf(one)))] ?? 'food-grade';
export type Family = Ingredient['family'];

export const POROSITIES = ['closed', 'fine-open', 'open', 'soft'] as const;

/** How fit a wood is for food. `unknown` is never shipped: it is the answer of a maker who cannot say which tree it is. */
export const FOOD_VERDICTS = ['good', 'caution', 'avoid', 'toxic', 'unknown'] as const;
export type FoodVerdict = (typeof FOOD_VERDICTS)[number];

/** Where a piece of wood came from: `felled` is a tree one felled and knows. */
export const ORIGINS = ['bought', 'offcut', 'felled', 'found', 'treated'] as const;
export type Origin = (typeof ORIGINS)[number];

export const PIECE_USES = ['food-wet', 'food-dry', 'hot-food', 'mouth', 'toy', 'knife', 'hands', 'display', 'outdoors'] as const;
export type PieceUse = (typeof PIECE_USES)[number];

/** A wood as shipped: density kg/m³ at 12 % moisture, the verdict on food with its reason, the uses it is kept off, what its dust does. */
export const Species = z.object({
  id: z.enum(SPECIES_IDS),
  name: z.string(),
  botanical: z.string(),
  kind: z.enum(['hardwood', 'softwood', 'grass']),
  porosity: z.enum(POROSITIES),
  densityKgPerM3: z.number().positive(),
  food: z.enum(FOOD_VERDICTS),
  keepOff: z.array(z.enum(PIECE_USES)),
  dust: z.enum(['sensitises', 'poison']).nullable(),
  /** Its own oils hold back what should dry on it. */
  slowsCure: z.boolean(),
  disputed: z.boolean(),
  note: z.string(),
  /** Which tree it is, asked where its name is also given to another. */
  ask: z.string().optional(),
  /** Both sides, where makers disagree. */
  sides: z.object({ for: z.string(), against: z.string() }).optional(),
});
export type Species = z.infer<typeof Species>;
export type Porosity = Species['porosity'];
