import { z } from 'zod';
import { INGREDIENT_IDS, SPECIES_IDS } from './ids';
import { CONTACTS, DRIES, FAMILIES, FOOD_VERDICTS, MIX_GROUPS, PIECE_USES, POROSITIES } from './kinds';

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
/** An ingredient as it is known; one of the shop's own has an id of its own and the same facts. */
export type Ingredient = Omit<z.infer<typeof Ingredient>, 'id'> & {
  readonly id: string;
  /** Of one of the shop's own: the house's ingredient it is like. */
  readonly like?: string;
};

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
/** A wood as the house knows it; one of the shop's own has an id of its own and the same facts. */
export type Species = Omit<z.infer<typeof Species>, 'id'> & {
  readonly id: string;
  /** Of one of the shop's own: the house's wood it is like. */
  readonly like?: string;
  /** Its name in other languages, where the shop gave one. */
  readonly names?: Readonly<Partial<Record<'en' | 'de' | 'fr' | 'es', string>>>;
};

/** What a maker says of a wood of their own; all else is as in the one it is like. */
export const OwnWoodFacts = z.object({
  name: z.string().min(1).max(80),
  botanical: z.string().max(120),
  food: z.enum(FOOD_VERDICTS),
  keepOff: z.array(z.enum(PIECE_USES)),
  note: z.string().max(400),
  /** Which tree it is, where its name is given to another too; empty: nobody need ask. */
  ask: z.string().max(200),
  /** Its name on slips in other languages; a language that is missing says the name as it is. */
  names: z.partialRecord(z.enum(['en', 'de', 'fr', 'es']), z.string().max(80)),
});
export type OwnWoodFacts = z.output<typeof OwnWoodFacts>;
