import { answersTo, type Catalogue, type Family, findIngredient } from '@/core/material';
import { fail, ok, parsePositive, type Result, typedText } from '@/core/quantity';

/** One part of a ratio as it was typed; `of` is what it is said to be of, where that is said. */
type Part = { readonly amount: string; readonly of: string | null };

/** Words of a part that name a whole family. */
const FAMILY_WORDS: Readonly<Record<string, readonly Family[]>> = {
  wax: ['wax'],
  oil: ['never-dry-oil', 'culinary-oil', 'semi-drying-oil', 'drying-oil'],
  resin: ['resin'],
  solvent: ['solvent'],
  thinner: ['solvent'],
};

/** The figures at the end of some words, with the marks between them. */
function figuresAtEnd(words: string): string {
  let at = words.length;
  while (at > 0 && /[\d.,/ ]/.test(words.charAt(at - 1))) at--;
  return words
    .slice(at)
    .trim()
    .replace(/^[,\s]+/, '');
}

/** `1 part wax, 4 parts of oil`: amounts, and what each is of, up to the next mark, figure or joining word. */
function spokenIn(text: string): Part[] {
  const said = [...text.matchAll(/parts?/gi)];
  return said.flatMap((one, i): Part[] => {
    const before = text.slice(i === 0 ? 0 : (said[i - 1]?.index ?? 0), one.index);
    const after = text
      .slice(one.index + one[0].length)
      .trim()
      .replace(/^of /i, '');
    const end = after.search(/[,;:+\d]|\band\b|\bto\b/i);
    const of = (end < 0 ? after : after.slice(0, end)).trim().toLowerCase();
    const amount = figuresAtEnd(before.trimEnd());
    return amount === '' || of === '' ? [] : [{ amount, of }];
  });
}

/** `1 : 3.5`, `1 to 4`, `1:4:2`, `1 part wax, 4 parts oil` in its parts. */
function partsIn(asTyped: string): Result<readonly Part[]> {
  const typed = typedText(asTyped);
  if (!typed.ok) return typed;
  const spoken = spokenIn(typed.value);
  const parts: readonly Part[] =
    spoken.length > 0 ? spoken : typed.value.split(/:|\bto\b/i).map((part) => ({ amount: part.trim(), of: null }));
  for (const { amount } of parts) {
    const parsed = parsePositive(amount);
    if (!parsed.ok) return parsed;
  }
  return ok(parts);
}

/** Whether an ingredient is what a part is said to be of: by one of its names, or by its family. */
function isOf(ingredient: string, word: string, catalogue: Catalogue): boolean {
  const known = findIngredient(ingredient, catalogue);
  if (!known) return false;
  return (
    (FAMILY_WORDS[word.replace(/(?<=.)(es|s)$/, '')] ?? FAMILY_WORDS[word])?.includes(known.family) ?? answersTo(known, word)
  );
}

/**
 * A ratio as people write it, as the parts of a formula's lines in their order. Parts that say what they are of go where that is; one that
 * fits no line, or two, is asked about rather than guessed.
 * @param ingredients of the lines, in their order
 * @returns the amounts as they were typed
 */
export function ratioFor(text: string, ingredients: readonly string[], catalogue: Catalogue): Result<string[]> {
  const parts = partsIn(text);
  if (!parts.ok) return parts;
  if (parts.value.length !== ingredients.length)
    return fail('ratio-lines', '', { parts: parts.value.length, lines: ingredients.length });
  const amounts: (string | undefined)[] = ingredients.map(() => undefined);
  for (const [i, { amount, of }] of parts.value.entries()) {
    if (of === null) amounts[i] = amount;
    else {
      const fits = ingredients.flatMap((one, line) => (isOf(one, of, catalogue) ? [line] : []));
      const [line] = fits;
      if (line === undefined || fits.length > 1 || amounts[line] !== undefined) return fail('ratio-word', '', { word: of });
      amounts[line] = amount;
    }
  }
  return ok(amounts.map((amount) => amount ?? ''));
}
