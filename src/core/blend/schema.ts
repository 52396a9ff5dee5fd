import { z } from 'zod';
import { CONTACTS } from '@/core/material';

export const Line = z.object({ ingredient: z.string(), parts: z.number().positive() });
export type Line = z.infer<typeof Line>;

export const BASES = ['mass', 'volume'] as const;
const gramsById = z.record(z.string(), z.number().min(0));

/** How much to make: one of a mass, a volume, all that some stock allows (`others: 'enough'`: what is not named counts as unlimited), or so many filled containers. */
export const Make = z.union([
  z.strictObject({ massG: z.number().positive() }),
  z.strictObject({ volumeMl: z.number().positive() }),
  z.strictObject({ from: z.record(z.string(), z.number().positive()), others: z.literal('enough').optional() }),
  z.strictObject({
    containers: z.object({ capacityMl: z.number().positive(), fill: z.number().positive().max(1), count: z.int().positive() }),
  }),
]);
export type Make = z.infer<typeof Make>;

export const BlendInput = z.object({
  lines: z.array(Line).min(1),
  basis: z.enum(BASES).default('mass'),
  make: Make,
  ambientC: z.number().min(-40).max(60).default(20),
  prices: gramsById.optional(),
  /** The shop's own hardening of some waxes, from its thumb tests; the shipped values stand for the rest. */
  hardening: gramsById.optional(),
});
export type BlendInput = z.input<typeof BlendInput>;

export const FillInput = z.object({
  massG: z.number().positive(),
  lossG: z.number().min(0).default(0),
  densityGPerMl: z.number().positive(),
  sizes: z
    .array(
      z.object({ id: z.string(), capacityMl: z.number().positive(), fill: z.number().positive().max(1), have: z.int().min(0) }),
    )
    .min(1),
  pourC: z.number().optional(),
  waxFraction: z.number().min(0).max(1).default(0),
});
export type FillInput = z.input<typeof FillInput>;

const fraction = z.number().min(0).max(1);
const fractions = z.record(z.string(), fraction);
const part = z.object({ massG: z.number().positive(), fraction });

export const CorrectInput = z.discriminatedUnion('mode', [
  z.object({ mode: z.literal('overpour'), lines: z.array(Line).min(1), basis: z.enum(BASES).default('mass'), poured: gramsById }),
  z.object({ mode: z.literal('retarget'), massG: z.number().positive(), fractions, target: fractions, add: z.string() }),
  z.object({ mode: z.literal('marry'), a: part, b: part, target: fraction, wantG: z.number().positive().optional() }),
  z.object({
    mode: z.literal('topup'),
    grossG: z.number().min(0),
    tareG: z.number().min(0),
    originalNetG: z.number().positive(),
    usedG: z.number().min(0),
    volatile: z.object({ id: z.string(), fraction }),
  }),
  z.object({ mode: z.literal('let-down'), concentrateG: z.number().positive(), fractions, target: fractions }),
]);
export type CorrectInput = z.input<typeof CorrectInput>;

/** A span of numbers, lower first. */
const span = (most: number) =>
  z
    .tuple([z.number().min(0).max(most), z.number().min(0).max(most)])
    .refine(([low, high]) => low <= high, 'the lower bound comes first');

export const SolveInput = z.object({
  ingredients: z.array(z.string()).min(1).max(40),
  prices: gramsById,
  limits: z
    .object({
      waxEquivalent: span(10).optional(),
      contact: z.enum(CONTACTS).optional(),
      avoidAllergens: z.array(z.string()).optional(),
      drying: z.enum(['drying', 'never']).optional(),
      ranges: z.record(z.string(), span(1)).optional(),
      volatile: span(1).optional(),
      noHeatConflict: z.boolean().optional(),
      totalG: z.number().positive().optional(),
      stock: gramsById.optional(),
    })
    .default({}),
});
export type SolveInput = z.input<typeof SolveInput>;

export const ProductsInput = z.object({
  stock: gramsById,
  jars: z.record(z.string(), z.int().min(0)),
  products: z
    .array(
      z.object({
        id: z.string(),
        fractions: z.record(z.string(), fraction),
        netG: z.number().positive(),
        jar: z.string(),
        worth: z.number().min(0),
        most: z.int().min(0).optional(),
      }),
    )
    .min(1)
    .max(60),
});
export type ProductsInput = z.input<typeof ProductsInput>;
