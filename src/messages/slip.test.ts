import { describe, expect, it } from 'vitest';
import { CARE_CLASSES, LANGUAGES } from '@/core/care';
import { INGREDIENTS } from '@/core/material';
import { REGIMENS } from '@/core/regimen';
import { allergenIn, dateIn, gramsIn, ingredientIn, SLIP_WORDS, shippedIn, woodIn } from './slip';

/** Every path of a tree of words. */
const paths = (value: unknown, at = ''): string[] =>
  typeof value === 'object' && value !== null ? Object.entries(value).flatMap(([key, one]) => paths(one, `${at}.${key}`)) : [at];

describe('words of slips and letters', () => {
  const english = SLIP_WORDS.en;
  it.each(LANGUAGES.filter((language) => language !== 'en'))('are all there in %s, and none is left in English', (language) => {
    const words = SLIP_WORDS[language];
    const named = (tree: typeof words) => paths({ ...tree, ingredients: null, woods: null }).sort();
    expect(named(words)).toEqual(named(english));
    for (const kind of CARE_CLASSES) expect(words.treat[kind]).not.toBe(english.treat[kind]);
    const allergens = [...new Set(INGREDIENTS.flatMap((one) => one.allergens))];
    expect(allergens.every((name) => name in words.allergenNames)).toBe(true);
  });
  it.each(LANGUAGES)('claim nothing that cannot be claimed, in %s', (language) => {
    const words = SLIP_WORDS[language];
    const said = JSON.stringify([words, words.every(30, '4'), words.letter.due('a', 'b', 'c')]);
    expect(said).not.toMatch(/certifi|zertifi|waterproof|wasserdicht|imperm|antibact|antibakt|100 ?%/i);
    expect(words.letter.hold('Löffel', '31-001/1', 'Shed', 'ranzig')).toContain('31-001/1');
  });
  it('name woods, ingredients, allergens, dates and grams in the language', () => {
    expect(woodIn('de', 'pear')).toBe('Birnbaum');
    expect(ingredientIn('fr', 'Beeswax, filtered')).toBe('Cire d’abeille, filtrée');
    expect(ingredientIn('fr', 'Harbourside worktop finish (contents not all declared)')).toContain('Harbourside');
    expect(allergenIn('es', 'tree nut')).toBe('fruto de cáscara');
    expect(dateIn('de', '2031-03-04')).toBe('4. März 2031');
    expect(gramsIn('fr', 4.25)).toMatch(/^4,[23]$/);
    expect(woodIn('en', 'pear')).toBe('Pear');
  });
});

describe('care that ships with a regimen', () => {
  it('is said in the owner’s language, and names what lies on the wood', () => {
    const words = REGIMENS.find((one) => one.id === 'soap')?.ownCare?.words ?? '';
    expect(shippedIn('en', words)?.treat).toBe(words);
    for (const language of LANGUAGES) {
      const said = shippedIn(language, words);
      expect(said?.finish).toBeTruthy();
      if (language !== 'en') expect(said?.treat).not.toBe(words);
    }
    expect(shippedIn('de', 'Rub it with a walnut')).toBeNull();
    expect(shippedIn('de', '')).toBeNull();
  });
});
