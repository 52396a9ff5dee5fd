import { describe, expect, it } from 'vitest';
import { blend } from '@/core/blend';
import { INGREDIENTS, ingredientOf, SPECIES } from '@/core/material';
import { CAUTION_WORDS } from '@/messages';
import { CAUTIONS, cautionsFor, type Scene } from '.';

function scene(parts: Record<string, number>, doing: Scene['doing']): Scene {
  const made = blend({
    lines: Object.entries(parts).map(([ingredient, share]) => ({ ingredient, parts: share })),
    make: { massG: 1 },
  });
  if (!made.ok) throw new Error('fails');
  return { ingredients: Object.keys(parts).map(ingredientOf), blend: made.value, doing };
}

describe('cautions', () => {
  it('alarm at a drying oil, and lay the others flat', () => {
    expect(cautionsFor(scene({ 'tung-oil': 1 }, 'coating'))[0]).toBe('rags-self-heat');
    expect(cautionsFor(scene({ 'mineral-oil': 1 }, 'coating'))).toEqual(['plain-rags']);
  });
  it('bite where hot wax, solvent, driers, film and lime are', () => {
    expect(cautionsFor(scene({ beeswax: 1, 'mineral-oil': 4 }, 'heating'))).toEqual(['hot-wax', 'nut-or-other-allergen']);
    expect(cautionsFor(scene({ 'tung-oil': 1, 'citrus-solvent': 2 }, 'blending'))).toEqual(
      expect.arrayContaining(['never-heat', 'solvent', 'more-solvent-than-oil']),
    );
    expect(cautionsFor(scene({ 'wiping-varnish': 1 }, 'coating'))).toEqual(expect.arrayContaining(['metal-driers', 'film']));
    expect(cautionsFor(scene({ 'milk-paint-powder': 1, water: 1 }, 'blending'))).toContain('lime-powder');
    expect(cautionsFor(scene({ 'tung-oil': 1, 'mineral-oil': 1 }, 'blending'))).toContain('mixed-drying');
    expect(cautionsFor({ ingredients: [], doing: 'releasing', woodForFood: 'avoid' })).toEqual([
      'wood-for-food',
      'food-safe-is-a-claim',
    ]);
  });
  it('all have words, none of them a promise', () => {
    expect(Object.keys(CAUTION_WORDS).sort()).toEqual([...CAUTIONS].sort());
    for (const { head, text } of Object.values(CAUTION_WORDS))
      expect(`${head} ${text}`).not.toMatch(/certified|waterproof|100 ?% safe|antibacterial/i);
  });
});

describe('the shipped materials', () => {
  it.each(INGREDIENTS.map((one) => [one.id, one] as const))('%s hangs together', (_, one) => {
    expect(one.densityGPerMl).toBeGreaterThan(0.7);
    expect(one.densityGPerMl).toBeLessThan(1.1);
    expect((one.meltC === null) === (one.fusionJPerG === null)).toBe(true);
    expect(one.family === 'wax').toBe(one.hardening > 0);
    if (one.family === 'wax') expect(one.meltC).not.toBeNull();
    if (one.family === 'drying-oil') expect(one.selfHeating).toBe(true);
    expect(one.note.length).toBeGreaterThan(5);
  });
  it('are the ones of the trade, by their ids', () => {
    expect([INGREDIENTS.length, SPECIES.length]).toEqual([
      new Set(INGREDIENTS.map((one) => one.id)).size,
      new Set(SPECIES.map((one) => one.id)).size,
    ]);
    expect(SPECIES.filter((one) => one.food !== 'good').every((one) => one.note.length > 5)).toBe(true);
  });
});
