import { describe, expect, it } from 'vitest';
import { blend } from '@/core/blend';
import { SHIPPED } from '@/core/material';
import { contentUse, jarNotForFood, keepBelowC } from '.';

const made = (parts: Record<string, number>) => {
  const found = blend(
    {
      lines: Object.entries(parts).map(([ingredient, share]) => ({ ingredient, parts: share })),
      make: { massG: 100 },
    },
    SHIPPED,
  );
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  return found.value;
};

describe('what a label says of its contents', () => {
  it.each([
    ['polish', { 'shellac-flake': 2, 'ethanol-pure': 6, 'walnut-oil-raw': 1 }],
    ['resin', { 'shellac-flake': 1, 'ethanol-pure': 4 }],
    ['paint', { 'milk-paint-powder': 1, water: 1 }],
    ['tacky', { 'tung-oil': 1, 'mineral-oil': 1 }],
    ['solvent', { 'ethanol-pure': 1, water: 0.01 }],
    ['varnish', { 'wiping-varnish': 3, 'citrus-solvent': 1 }],
    ['hard-wax', { beeswax: 3, 'carnauba-wax': 2, 'mineral-oil': 1 }],
    ['oil-never', { 'mineral-oil': 9, beeswax: 0.05 }],
    ['oil-drying', { 'tung-oil': 1, 'citrus-solvent': 1 }],
    ['paste-never', { 'mineral-oil': 3.5, beeswax: 1 }],
    ['paste-drying', { 'walnut-oil-raw': 3.5, beeswax: 1 }],
  ])('is how the very contents are used: %s', (use, parts) => expect(contentUse(made(parts as never), SHIPPED).use).toBe(use));
  it('lets what dries lie no longer than its oil bears', () => {
    const { minutes } = contentUse(made({ 'tung-oil': 1, 'citrus-solvent': 1 }), SHIPPED);
    expect(minutes).toBeGreaterThan(0);
    expect(minutes).toBeLessThanOrEqual(15);
    const paste = made({ 'walnut-oil-raw': 3.5, beeswax: 1 });
    expect(contentUse(paste, SHIPPED).minutes).toBe(Math.min(60, paste.maxDwellMin.thin ?? 60));
  });
  it.each([
    ['a soft paste runs at the heat of a car', { 'mineral-oil': 4, beeswax: 1 }, 40],
    ['an oil cannot melt', { 'mineral-oil': 1 }, null],
    ['a block of hard wax bears it', { 'carnauba-wax': 1 }, null],
  ])('says below what it is kept: %s', (_, parts, below) => expect(keepBelowC(made(parts as never))).toBe(below));
  it('says “Not for food” where its contents are not, whatever they look like, unless the supplier states it', () => {
    const says = (parts: Record<string, number>, undeclared = false, statement: readonly ('food' | 'toy')[] = []) =>
      jarNotForFood(made(parts), undeclared, statement);
    expect(says({ 'mineral-oil': 3.5, beeswax: 1 })).toBe(false);
    expect(says({ 'linseed-boiled-driers': 1, beeswax: 0.1 })).toBe(true);
    expect(says({ 'mineral-oil': 1, beeswax: 0.2 }, true)).toBe(true);
    expect(says({ 'mineral-oil': 1, beeswax: 0.2 }, true, ['food'])).toBe(false);
  });
});
