import { z } from 'zod';
import { check } from '@/core/contract';
import { atPath, fail, ok, type Result } from '@/core/quantity';
import { type Catalogue, findIngredient, ingredientOf, SHIPPED } from './catalogue';
import { INGREDIENTS } from './ingredients';
import shipped from './names.json';
import type { Ingredient } from './schema';

/** Why a thing is no material for this work: the names of the reasons, each with its words. */
export const REFUSAL_KINDS = shipped.reasons;
export type Refusal = keyof typeof REFUSAL_KINDS;
export const REFUSALS = Object.keys(REFUSAL_KINDS) as [Refusal, ...Refusal[]];

const ids = z.array(z.string());
/** How names on tins are read. Source: labels of the trade; identity comes from the ingredients, not the name on the tin. */
const NAMES = z
  .object({
    exact: z.record(z.string(), z.string()),
    ask: z.record(z.string(), ids),
    refuse: z.record(z.string(), z.enum(REFUSALS)),
    refuseWords: z.array(z.tuple([ids, z.enum(REFUSALS)])),
    /** Words that refuse where one stands right before oil, fluid or spirit: lamp oil, and not lamp black. */
    refuseBefore: z.array(z.tuple([ids, z.enum(REFUSALS)])),
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
    .replace(/ß/g, 'ss')
    .replace(/[-_/.,'’%]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/polymerized/g, 'polymerised');

const byFullName = new Map(INGREDIENTS.map((one) => [plainName(one.name), one.id] as const));
const byPlainName = new Map(INGREDIENTS.flatMap((one) => [one.id, one.name].map((name) => [plainName(name), one.id] as const)));

/**
 * What is in the tin that says so (calc.md, 13). Several liquids share a name: then it asks, and never guesses.
 * @example identify({ name: 'Boiled linseed oil' }) // → { id: null, ask: ['linseed-boiled-driers', 'linseed-heat-bodied'] }
 */
export function identify(input: unknown): Result<Identified> {
  const checked = check(z.object({ name: z.string().max(300) }), input);
  if (!checked.ok) return checked;
  const { name } = checked.value;
  if (findIngredient(name, SHIPPED)) return ok({ id: name });
  const plain = plainName(name);
  if (!/[\p{L}\p{N}]/u.test(plain)) return fail('required', 'name');
  const ask = Object.hasOwn(NAMES.ask, plain) ? NAMES.ask[plain] : undefined;
  const whole = byFullName.get(plain);
  if (whole && !ask) return ok({ id: whole });
  const refused = refusedBy(plain.split(' '));
  if (refused) return ok({ id: null, refuse: refused });
  if (ask) return ok({ id: null, ask: [...ask].sort(), ...(NAMES.bought.includes(plain) ? { bought: true as const } : {}) });
  const refuse = Object.hasOwn(NAMES.refuse, plain) ? NAMES.refuse[plain] : undefined;
  if (refuse) return ok({ id: null, refuse });
  const exact = Object.hasOwn(NAMES.exact, plain) ? NAMES.exact[plain] : byPlainName.get(plain);
  return ok(exact ? { id: exact } : { id: null });
}

/** What a word before it makes no material of. */
const LIQUIDS: readonly string[] = ['oil', 'oils', 'fluid', 'fluids', 'spirit', 'spirits'];

/** The reason one of its words refuses a name for: any of some words anywhere, or one of others right before a liquid. */
function refusedBy(words: readonly string[]): Refusal | undefined {
  const anywhere = NAMES.refuseWords.find(([some]) => some.some((word) => words.includes(word)));
  if (anywhere) return anywhere[1];
  const before = words.filter((_, i) => LIQUIDS.includes(words[i + 1] ?? ''));
  return NAMES.refuseBefore.find(([some]) => some.some((word) => before.includes(word)))?.[1];
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

/** The one ingredient a name in a file stands for; an issue where it may be several, is none, or is no material for this work. */
export function nameToIngredient(name: string, path: string, catalogue: Catalogue): Result<Ingredient> {
  // The shop's own, by id or by name, typed exactly: its maker knows what is in it.
  const own = catalogue.own.find((one) => one.id === name || plainName(one.name) === plainName(name));
  if (own) return ok(own);
  const found = identify({ name });
  if (!found.ok) return atPath(path, found);
  const { value } = found;
  if (value.id !== null) return ok(ingredientOf(value.id, SHIPPED));
  if ('refuse' in value) return fail('no-material', path, { name, why: REFUSAL_KINDS[value.refuse] });
  if ('ask' in value)
    return fail('ambiguous-name', path, { name, may: value.ask.map((id) => ingredientOf(id, SHIPPED).name).join('; ') });
  return fail('unknown-ingredient', path, { id: name });
}
