import { describe, expect, it } from 'vitest';
import { blend } from '@/core/blend';
import { SHIPPED } from '@/core/material';
import { CAUTION_WORDS, NOTICE_WORDS, sayCaution } from '@/messages/cautions';
import { cautions, noticesOfBlend, noticesOfPiece } from '.';
import { cautionsFor } from './caution';
import { CAUTIONS } from './cautions';
import type { CautionsInput } from './cautions/moment';
import { NOTICES } from './notices';

const at = (input: Partial<CautionsInput>) => {
  const found = cautionsFor({ doing: 'coating', ingredients: [], drying: 'drying', ...input }, SHIPPED);
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  return found.value;
};

describe('cautions', () => {
  it('stand the gravest first, and give none where the rule gives none', () => {
    expect(at({ ingredients: ['tung-oil'] })[0]).toBe('rags-self-heat');
    expect(at({ ingredients: ['mineral-oil'], drying: 'never' })).toEqual([]);
    const many = at({ ingredients: ['isocyanate-hardener', 'tung-oil', 'citrus-solvent'], place: 'lathe', undeclared: true });
    expect(many).toEqual(CAUTIONS.filter((one) => many.includes(one)));
    expect(many[0]).toBe('rags-self-heat');
  });
  it('tell a pot of wax with thinner from what is never heated', () => {
    expect(at({ doing: 'heating', ingredients: ['beeswax', 'citrus-solvent'] })).toEqual(
      expect.arrayContaining(['two-stage', 'solvent']),
    );
    expect(at({ doing: 'heating', ingredients: ['beeswax', 'citrus-solvent'] })).not.toContain('never-heat');
    expect(at({ doing: 'heating', ingredients: ['beeswax', 'ethanol-pure'] })).toContain('never-heat');
    expect(at({ doing: 'heating', ingredients: ['beeswax', 'water'] })).toContain('spatter');
    expect(at({ doing: 'heating', ingredients: ['beeswax', 'mineral-oil'], heater: 'microwave' })).toContain('hot-heater');
  });
  it('know the lathe, the cabinet, and that turning a piece over is no turning', () => {
    expect(at({ ingredients: ['shellac-flake'], place: 'lathe' })).toContain('lathe');
    expect(at({ doing: 'wiping', ingredients: ['tung-oil'], place: 'warm cabinet' })).toContain('warm-cabinet');
    expect(at({ doing: 'sanding', ingredients: ['tung-oil'], oiledBefore: true })).toContain('oily-dust');
    expect(at({ doing: 'sanding', ingredients: [], restoring: true, unknownFinish: true })).toEqual(
      expect.arrayContaining(['old-paint', 'oily-dust']),
    );
  });
  it('of unknown contents take the cloths for the worst', () => {
    expect(at({ undeclared: true, drying: 'never' })).toEqual(expect.arrayContaining(['rags-self-heat', 'undeclared']));
  });
  it('refuse an ingredient that does not exist', () =>
    expect(cautions({ doing: 'coating', ingredients: ['unobtainium'], drying: 'never' }, SHIPPED)).toMatchObject({
      ok: false,
      issues: [{ code: 'unknown-ingredient', path: 'ingredients.0' }],
    }));
  it('all have words, none of them a promise, and an allergen is named', () => {
    expect(Object.keys(CAUTION_WORDS).sort()).toEqual([...CAUTIONS].sort());
    expect(Object.keys(NOTICE_WORDS).sort()).toEqual([...NOTICES].sort());
    for (const { head, text } of [...CAUTIONS.map((one) => sayCaution(one, ['tree nut'])), ...Object.values(NOTICE_WORDS)])
      expect(`${head} ${text}`).not.toMatch(/certified|waterproof|100 ?% safe|antibacterial/i);
    expect(sayCaution('allergen', ['tree nut', 'bee product']).head).toBe('Holds tree nut, bee product.');
    // What puts a fire out stands before what spoils a pot.
    const { text } = CAUTION_WORDS['hot-wax'];
    expect(text.indexOf('Lid or fire blanket')).toBeGreaterThan(-1);
    expect(text.indexOf('Lid or fire blanket')).toBeLessThan(text.indexOf('class F'));
  });
});

describe('notices', () => {
  const of = (parts: Record<string, number>) => {
    const made = blend(
      {
        lines: Object.entries(parts).map(([ingredient, share]) => ({ ingredient, parts: share })),
        make: { massG: 1 },
      },
      SHIPPED,
    );
    if (!made.ok) throw new Error('fails');
    return noticesOfBlend(made.value, SHIPPED);
  };
  it('tell the two ways of a heat conflict apart', () => {
    // 88 °C to pour under a ceiling of 85: clear itself lies below it in the first, above it in the second.
    expect(of({ beeswax: 1.1, 'carnauba-wax': 1.5 })).toEqual(['heat-in-two-goes']);
    expect(of({ beeswax: 0.02, 'carnauba-wax': 4 })).toContain('heat-in-two-goes');
    expect(of({ 'carnauba-wax': 9, 'linseed-boiled-driers': 1 })).toEqual(expect.arrayContaining(['heat-less-wax']));
  });
  it('allow the scale one hundredth of the blend before more solvent than oil is said', () => {
    expect(of({ 'tung-oil': 100, 'citrus-solvent': 101 })).toEqual([]);
    expect(of({ 'tung-oil': 100, 'citrus-solvent': 104 })).toEqual(['more-solvent-than-oil']);
    expect(of({ 'safflower-oil': 100, 'citrus-solvent': 90 })).toEqual([]);
  });
  it('stand by a piece for what it is', () => {
    expect(noticesOfPiece(['knife'], true, false)).toEqual(['film-under-knife']);
    expect(noticesOfPiece(['toy'], false, true)).toEqual(['small-parts', 'food-safe-is-a-claim']);
    expect(noticesOfPiece(['display'], true, false)).toEqual([]);
  });
});
