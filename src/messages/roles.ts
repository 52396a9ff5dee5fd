import type { Role } from '@/core/material';
import type { WhyNone } from '@/core/regimen';

/** Each family of materials, with its article. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  'neat-oil': 'an oil as it is',
  'thinned-oil': 'an oil let down with solvent',
  'oil-wax': 'an oil with wax in it',
  'hard-wax-oil': 'a hard-wax oil',
  paste: 'a wax paste',
  'hard-wax': 'a hard wax',
  'resin-seal': 'a resin seal',
  polish: 'a friction polish',
  varnish: 'an oil varnish',
  paint: 'a paint',
  colour: 'a stain or dye',
  filler: 'a filler',
};

/** Families by their ids, as people say them: `an oil as it is or an oil let down with solvent`. */
export const roleWords = (ids: string | number | undefined): string =>
  String(ids ?? '')
    .split(' ')
    .map((id) => ROLE_WORDS[id as Role] ?? id)
    .join(' or ');

/** Why the list of lots for a slot is empty, and what to do. */
export const WHY_NONE_WORDS: Readonly<Record<WhyNone, string>> = {
  'none-in-stock': 'nothing is in the stores yet: receive or pour a lot',
  'all-held': 'every lot that suits is held: lift the hold on its page, or receive another',
  'wrong-role': 'no lot in the stores is of this kind: receive or pour one',
  'wrong-kind': 'lots of this kind are there, but none that dries, feels or sets as this wants',
};
