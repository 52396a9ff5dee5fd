import { z } from 'zod';
import { above, atLeastNone, byName, MOST, shortText } from '@/core/contract';
import { CONTACTS } from '@/core/material';

export const FormulaLine = z.object({ ingredient: shortText, parts: above(MOST.parts) });
export type FormulaLine = z.infer<typeof FormulaLine>;

export const BASES = ['mass', 'volume'] as const;
const gramsById = byName(atLeastNone(MOST.grams));

/** How much to make: one of a mass, a volume, all that some stock allows (`others: 'enough'`: what is not named counts as unlimited), or so many filled containers. */
export const Make = z.union([
  z.strictObject({ massG: above(MOST.grams) }),
  z.strictObject({ volumeMl: above(MOST.millilitres) }),
  z.strictObject({ from: byName(above(MOST.grams)), others: z.literal('enough').optional() }),
  z.strictObject({
    containers: z.object({
      capacityMl: above(MOST.millilitres),
      fill: z.number().positive().max(1),
      count: z.int().positive().max(MOST.count),
    }),
  }),
]);
export type Make = z.infer<typeof Make>;

export const BlendInput = z.object({
  lines: z.array(FormulaLine).min(1).max(MOST.lines),
  basis: z.enum(BASES).default('mass'),
  make: Make,
  ambientC: z.number().min(-40).max(100).default(20),
  prices: gramsById.optional(),
  /** The shop's own hardening of some waxes, from its thumb tests; the shipped values stand for the rest. */
  hardening: gramsById.optional(),
});
export type BlendInput = z.input<typeof BlendInput>;

export const FillInput = z.object({
  massG: above(MOST.grams),
  lossG: atLeastNone(MOST.grams).default(0),
  densityGPerMl: above(MOST.gramsPerMl),
  sizes: z
    .array(
      z.object({
        id: shortText,
        capacityMl: above(MOST.millilitres),
        fill: z.number().positive().max(1),
        have: z.int().min(0).max(MOST.count),
      }),
    )
    .min(1)
    .max(MOST.lines),
  pourC: z.number().min(-40).max(300).optional(),
  waxFraction: z.number().min(0).max(1).default(0),
});
export type FillInput = z.input<typeof FillInput>;

const fraction = z.number().min(0).max(1);
const fractions = byName(fraction);
const part = z.object({ massG: above(MOST.grams), fraction });

export const CorrectInput = z.discriminatedUnion('mode', [
  z.object({
    mode: z.literal('overpour'),
    lines: z.array(FormulaLine).min(1).max(MOST.lines),
    basis: z.enum(BASES).default('mass'),
    poured: gramsById,
  }),
  z.object({ mode: z.literal('retarget'), massG: above(MOST.grams), fractions, target: fractions, add: shortText }),
  z.object({ mode: z.literal('marry'), a: part, b: part, target: fraction, wantG: above(MOST.grams).optional() }),
  z.object({
    mode: z.literal('topup'),
    grossG: atLeastNone(MOST.grams),
    tareG: atLeastNone(MOST.grams),
    originalNetG: above(MOST.grams),
    usedG: atLeastNone(MOST.grams),
    volatile: z.object({ id: shortText, fraction }),
  }),
  z.object({ mode: z.literal('let-down'), concentrateG: above(MOST.grams), fractions, target: fractions }),
]);
export type CorrectInput = z.input<typeof CorrectInput>;

/** A span of numbers, lower first. */
const span = (most: number) =>
  z
    .tuple([z.number().min(0).max(most), z.number().min(0).max(most)])
    .refine(([low, high]) => low <= high, 'the lower bound comes first');

export const SolveInput = z.object({
  ingredients: z.array(shortText).min(1).max(40),
  prices: gramsById,
  limits: z
    .object({
      waxEquivalent: span(10).optional(),
      contact: z.enum(CONTACTS).optional(),
      avoidAllergens: z.array(shortText).max(MOST.lines).optional(),
      drying: z.enum(['drying', 'never']).optional(),
      ranges: byName(span(1)).optional(),
      volatile: span(1).optional(),
      noHeatConflict: z.boolean().optional(),
      totalG: above(MOST.grams).optional(),
      stock: gramsById.optional(),
    })
    .default({}),
});
export type SolveInput = z.input<typeof SolveInput>;

export const ProductsInput = z.object({
  stock: gramsById,
  jars: byName(z.int().min(0).max(MOST.count)),
  products: z
    .array(
      z.object({
        id: shortText,
        fractions: byName(fraction),
        netG: above(MOST.grams),
        jar: shortText,
        worth: atLeastNone(MOST.price),
        most: z.int().min(0).max(MOST.count).optional(),
      }),
    )
    .min(1)
    .max(60),
});
export type ProductsInput = z.input<typeof ProductsInput>;
