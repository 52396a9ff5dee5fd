import { describe, expect, it } from 'vitest';
import { ingredientOf, SHIPPED } from '@/core/material';
import { a0Of } from '.';

const needs = (parts: Readonly<Record<string, number>>, slow = false) =>
  a0Of(
    Object.entries(parts).map(([id, w]) => ({ ingredient: ingredientOf(id, SHIPPED), w })),
    SHIPPED,
    slow,
  );

describe('the hours a material needs', () => {
  it('are those of its slowest drying line that is a tenth of what stays', () => {
    expect(needs({ 'tung-oil': 0.9, 'linseed-raw-solvent': 0.1 })?.source).toBe('raw-linseed');
    expect(needs({ 'tung-oil': 0.91, 'linseed-raw-solvent': 0.09 })?.source).toBe('tung-oil');
    expect(needs({ 'tung-oil': 0.5, 'linseed-boiled-driers': 0.5 })).toMatchObject({ source: 'tung-oil', hours: 240 });
  });
  it('are reckoned without wax, and without what leaves as it dries', () => {
    // Of the tenth that stays beside the solvent it is more than a tenth.
    expect(needs({ 'tung-oil': 0.45, 'linseed-raw-solvent': 0.055, 'citrus-solvent': 0.495 })?.source).toBe('raw-linseed');
    // Wax makes the rest no larger.
    expect(needs({ 'tung-oil': 0.45, 'linseed-raw-solvent': 0.055, beeswax: 0.495 })?.source).toBe('raw-linseed');
    expect(needs({ 'tung-oil': 0.945, 'linseed-raw-solvent': 0.055 })?.source).toBe('tung-oil');
  });
  it('of a polish of resin and oil are a polish’s at least; of resin alone the resin’s', () => {
    expect(needs({ 'shellac-flake': 0.2, 'ethanol-denatured': 0.8 })).toMatchObject({ source: 'shellac', hours: 48 });
    expect(needs({ 'shellac-flake': 0.3, 'mineral-oil': 0.3 / 9, 'ethanol-denatured': 0.6 })).toMatchObject({
      source: 'friction',
      hours: 168,
    });
    // Less than a tenth of oil makes no polish.
    expect(needs({ 'shellac-flake': 0.3, 'mineral-oil': 0.033, 'ethanol-denatured': 0.6 })?.source).toBe('shellac');
    expect(needs({ 'shellac-flake': 0.3, 'tung-oil': 0.3, 'ethanol-denatured': 0.4 })?.source).toBe('tung-oil');
  });
  it('are more on a wood that holds back what dries, and no more where it settles or leaves', () => {
    expect(needs({ 'tung-oil': 1 }, true)?.hours).toBe(360);
    expect(needs({ 'mineral-oil': 1 }, true)?.hours).toBe(24);
    expect(needs({ 'shellac-flake': 0.2, 'ethanol-denatured': 0.8 }, true)?.hours).toBe(48);
  });
});
