import type { Governs } from '@/core/cure';
import type { PlaceHazard, RegimenStep, Until, VerdictKind } from '@/core/regimen';

/** What a wait's bound goes by in the room. */
export const GOVERNS_WORDS: Readonly<Record<Governs, string>> = {
  none: 'nothing in the room',
  oxidation: 'the oil drying: warmth, dry air and light hurry it',
  evaporation: 'spirit leaving: warmth and dry air hurry it',
  soak: 'sinking in: warmth hurries it',
  gel: 'surplus gumming: warmth hurries it',
  water: 'water leaving: warmth and dry air hurry it',
};

/** Until when coats are given, as it is asked of who looks. */
export const UNTIL_WORDS: Readonly<Record<Until, { readonly name: string; readonly asks: string }>> = {
  'no-dry-spots': { name: 'no dry spots are left', asks: 'Any dry spots left?' },
  'even-sheen': { name: 'the sheen is even', asks: 'Is the sheen even?' },
  shine: { name: 'it shines as wanted', asks: 'Does it shine as you want it?' },
  full: { name: 'it is full by the scale', asks: 'Does it still drink, by the scale?' },
  'paper-clean': { name: 'the paper stays clean', asks: 'Does the paper stay clean?' },
};

/** How wood is looked over, and what to look for. */
export const INSPECTION_WORDS: Readonly<
  Record<NonNullable<RegimenStep['looksBy']>, { readonly name: string; readonly lookFor: string }>
> = {
  'low-light': {
    name: 'a low light across it',
    lookFor: 'One lamp, low at the side, the others out: scratches across the grain, tool marks and missed spots throw a shadow.',
  },
  wetted: {
    name: 'its wetted look',
    lookFor: 'Wipe it with water or spirit and look before it dries: swirls, torn fibre and glue show pale. Let it dry again.',
  },
  fingertips: {
    name: 'fingertips',
    lookFor: 'Draw fingertips over it with closed eyes, along and across: raised fibre catches, a tool mark is felt as a step.',
  },
  sound: {
    name: 'the sound of the fibre',
    lookFor: 'Draw a nail or a dry cloth over it and listen: smooth wood whispers, torn fibre rasps.',
  },
};

/** What is judged of finished work, and its five grades, the poorest first. */
export const VERDICT_KIND_WORDS: Readonly<Record<VerdictKind, { readonly asks: string; readonly scale: readonly string[] }>> = {
  gloss: { asks: 'Gloss', scale: ['dead', 'dull', 'satin', 'bright', 'glass'] },
  colour: { asks: 'Colour', scale: ['spoilt', 'too dark', 'fair', 'good', 'just right'] },
  feel: { asks: 'Feel', scale: ['sticky', 'rough', 'fair', 'smooth', 'silk'] },
  again: { asks: 'Would you do it again so?', scale: ['never', 'rather not', 'perhaps', 'yes', 'always'] },
};

/** What must be minded at a place. */
export const HAZARD_WORDS: Readonly<Record<PlaceHazard, { readonly name: string; readonly says: string }>> = {
  heat: {
    name: 'a stove, heater or lamp close by',
    says: 'Heat dries the near side first and cracks it: turn the work. Nothing with solvent, no cloths.',
  },
  flame: {
    name: 'a flame or spark',
    says: 'Vapour lights: nothing with solvent or spirit within a day of its last wet step, no cloths.',
  },
  sun: { name: 'hot sun', says: 'Turn it once a day; thick or green wood checks, dark finishes grow hot enough to weep.' },
  away: { name: 'out of the shop’s hands', says: 'Nobody here can look, wipe or turn it: only what needs no hand goes there.' },
};
