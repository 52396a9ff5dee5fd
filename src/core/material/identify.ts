import { z } from 'zod';
import { check } from '@/core/contract';
import { fail, ok, type Result, atPath } from '@/core/quantity';
import { findIngredient, INGREDIENTS, ingredientOf } from './ingredients';
import { ownNow } from './own';
import shipped from './names.json';
import type { Ingredient } from './schema';

/** Why a thing is no material for this work. */
export const REFUSALS = ['fuel', 'machine-oil', 'biocide', 'candle', 'perfume', 'poison'] as const;
export type Refusal = (typeof REFUSALS)[number];

const ids = z.array(z.string());
/** How names on tins are read. Source: labels of the trade; identity comes from the ingredients, not the name on the tin. */
const NAMES = z
  .object({
    exact: z.record(z.string(), z.string()),
    ask: z.record(z.string(), ids),
    refuse: z.record(z.string(), z.enum(REFUSALS)),
    refuseWords: z.array(z.tuple([ids, z.enum(REFUSALS)])),
    bought: ids,
  })
  .parse(shipped);

/**
 * What is in a tin of some name: one ingredient; several it may be (`ask`, sorted; one alone still asks whether it is that, with nothing
 * added), with `bought` where it is most likely a bought finish; no material for this work; or nothing the house knows.
 */
export type Identified =
  | { readonly id: string }
  | { readonly id: null; readonly ask: readonly string[]; readonly bought?: true }
  | { readonly id: null; readonly refuse: Refusal }
  | { readonly id: null };

/** Lower case without accents, marks as spaces, one spelling of what is spelt in two ways. */
export const plainName = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Mn}/gu, '')
    .replace(/[-_/.,'’%]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/\bpolymerized\b/g, 'polymerised');

const byPlainName = new Map(INGREDIENTS.flatMap((one) => [one.id, one.name].map((name) => [plainName(name), one.id] as const)));

/**
 * What is in the tin that says so (calc.md, 13). Several liquids share a name: then it asks, and never guesses.
 * @example identify({ name: 'Boiled linseed oil' }) // → { id: null, ask: ['linseed-boiled-driers', 'linseed-heat-bodied'] }
 */
export function identify(input: unknown): Result<Identified> {
  const checked = check(z.object({ name: z.string().max(300) }), input);
  if (!checked.ok) return checked;
  const name = checked.value.name.trim();
  if (findIngredient(name)) return ok({ id: name });
  const plain = plainName(name);
  if (plain === '') return fail('required', 'name');
  const words = new Set(plain.split(' '));
  const refused = NAMES.refuseWords.find(([some]) => some.some((word) => words.has(word)));
  if (refused) return ok({ id: null, refuse: refused[1] });
  const ask = Object.hasOwn(NAMES.ask, plain) ? NAMES.ask[plain] : undefined;
  if (ask) return ok({ id: null, ask: [...ask].sort(), ...(NAMES.bought.includes(plain) ? { bought: true as const } : {}) });
  const refuse = Object.hasOwn(NAMES.refuse, plain) ? NAMES.refuse[plain] : undefined;
  if (refuse) return ok({ id: null, refuse });
  const exact = Object.hasOwn(NAMES.exact, plain) ? NAMES.exact[plain] : byPlainName.get(plain);
  return ok(exact ? { id: exact } : { id: null });
}

/** Thinners that are offered near a name only when they were named themselves: one must not be taken for another. */
const NEVER_NEAR: ReadonlySet<string> = new Set(['turpentine']);

/** Ingredients whose names lie near some text, to be offered and never taken. */
export function nearNames(text: string): readonly string[] {
  const plain = plainName(text);
  if (plain.length < 3) return [];
  return INGREDIENTS.filter(
    (one) =>
      [one.name, one.id, ...one.alsoCalled].some((name) => plainName(name).includes(plain)) &&
      !(NEVER_NEAR.has(one.id) && /substitute|ersatz|mineral/.test(plain)),
  ).map((one) => one.id);
}

/** What a thing is that is no material for this work. */
export const REFUSAL_KINDS: Readonly<Record<Refusal, string>> = {
  fuel: 'a fuel',
  'machine-oil': 'an oil for machines',
  biocide: 'a wood preservative',
  candle: 'candle stuff, with dye or scent',
  perfume: 'oil with perfume',
  poison: 'a poison',
};

/** The one ingredient a name in a file stands for; an issue where it may be several, is none, or is no material for this work. */
export function nameToIngredient(name: string, path: string): Result<Ingredient> {
  // The shop's own, by id or by name, typed exactly: its maker knows what is in it.
  const own = ownNow().find((one) => one.id === name || plainName(one.name) === plainName(name));
  if (own) return ok(own);
  const found = identify({ name });
  if (!found.ok) return atPath(path, found);
  const { value } = found;
  if (value.id !== null) return ok(ingredientOf(value.id));
  if ('refuse' in value) return fail('no-material', path, { name, why: REFUSAL_KINDS[value.refuse] });
  if ('ask' in value) return fail('ambiguous-name', path, { name, may: value.ask.map((id) => ingredientOf(id).name).join('; ') });
  return fail('unknown-ingredient', path, { id: name });
}
