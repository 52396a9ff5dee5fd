import { z } from 'zod';

/** Families of ingredients, in the order they are shelved. */
export const FAMILIES = [
  'never-dry-oil',
  'culinary-oil',
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

/** An ingredient as shipped. Densities g/ml at 20 °C; heats J/g; temperatures °C; iodine value g I₂/100 g; keeping in months. */
export const Ingredient = z.object({
  id: z.string(),
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

/** A wood as shipped: density kg/m³ at 12 % moisture, and the verdict on food with its reason. */
export const Species = z.object({
  id: z.string(),
  name: z.string(),
  botanical: z.string(),
  kind: z.enum(['hardwood', 'softwood', 'grass']),
  porosity: z.enum(POROSITIES),
  densityKgPerM3: z.number().positive(),
  food: z.enum(['good', 'caution', 'avoid']),
  disputed: z.boolean(),
  note: z.string(),
  /** What must be asked where its name is also given to another wood. */
  ask: z.string().optional(),
  /** Both sides, where makers disagree. */
  sides: z.object({ for: z.string(), against: z.string() }).optional(),
});
export type Species = z.infer<typeof Species>;
export type Porosity = Species['porosity'];
