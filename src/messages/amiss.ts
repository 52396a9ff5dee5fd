import type { Amiss, AmissCause, AmissWay } from '@/core/care';

/** What an owner says is wrong, as the shop calls it. */
export const AMISS_WORDS: Readonly<Record<Amiss, string>> = {
  sticky: 'It is sticky',
  pale: 'It has gone pale',
  fuzzy: 'It is fuzzy',
  cracked: 'It is cracked',
  smells: 'It smells',
};

type CauseWords = {
  /** What tells it apart. */
  readonly look: string;
  readonly cause: string;
  readonly way: string;
};

/** Source: symptoms.md. */
export const CAUSE_WORDS: Readonly<Record<AmissCause, CauseWords>> = {
  surplus: {
    look: 'Thick in grooves and corners, a skin that dents; hard where it is thin',
    cause: 'Too much oil was left on',
    way: 'Rub with the same oil and a fine pad, wipe dry, and again after an hour. Past that: scrape and re-oil thin.',
  },
  cold: {
    look: 'Tacky in the cold and dark, less so in a warm hand',
    cause: 'It cures too slowly: cold, damp, no air',
    way: '20 to 25 °C (68 to 77 °F), light and moving air; wait, and look again in a week.',
  },
  'never-sets': {
    look: 'Tacky everywhere, even where it is thin; a smear on glass stays wet too',
    cause: 'The oil does not set: a kitchen oil over it, or a bad lot',
    way: 'In the workshop, with moving air and gloves, wipe it off with thinner. Air it for a day, then keep it warm a week and wipe again; sand if it stays.',
  },
  'wood-holds': {
    look: 'Only in the dark heartwood',
    cause: 'The wood’s own substances hold the oil back',
    way: 'Wipe with alcohol at the bench; warmth and light, for weeks.',
  },
  'not-settled': {
    look: 'Clear oil on paper, back after each wipe; no string between fingers',
    cause: 'Oil that never dries has not settled, or was put on too thick',
    way: 'Stand it warm and wipe it daily until the paper stays clean.',
  },
  'paste-left': {
    look: 'A thumb leaves a pale smear that can be polished',
    cause: 'Paste that was not buffed off',
    way: 'Warm the room, not the piece; buff with a dry cloth.',
  },
  worn: {
    look: 'Months old, dull; a drop of water soaks in at once',
    cause: 'Worn out',
    way: 'Re-oil it: that is all.',
  },
  dishwasher: {
    look: 'Pale, rough and chalky all over',
    cause: 'A dishwasher: hot lye took the oil and opened the grain',
    way: 'Sand to sound wood, look for open joints, re-oil.',
  },
  'heat-ring': {
    look: 'A milky ring, smooth to the finger',
    cause: 'Heat or water in the wax or the film',
    way: 'Leave it dry for a day; then a little paste, rubbed.',
  },
  bloom: {
    look: 'A haze that goes with a warm cloth',
    cause: 'Too much paste, or its crystals',
    way: 'Buff it warm.',
  },
  mould: {
    look: 'Furry or in round dots, musty; it spreads',
    cause: 'Mould: it was put away wet',
    way: 'Outdoors, with a mask: scrub it, dry it in moving air for days, then sand. In the depth, or where it is soft: no more food on it. Never mix bleach with anything, nor peroxide with vinegar in a closed bottle.',
  },
  'film-lifts': {
    look: 'White with an edge that lifts',
    cause: 'Water under a film',
    way: 'Strip it; it will not close by itself.',
  },
  fibres: {
    look: 'Short hairs all over that lie down when stroked',
    cause: 'Crushed fibres stood up in the wet',
    way: 'Let it dry; 220 to 320 lightly with the grain; re-oil.',
  },
  'turning-grain': {
    look: 'In stripes or round knots, again and again',
    cause: 'Turning grain, soft or spalted wood',
    way: 'Smooth it twice; then it is so.',
  },
  'dried-in-the-house': {
    look: 'From the rim along the grain, weeks after the sale; gone oval',
    cause: 'The wood was wetter than the rooms it came to',
    way: 'No more food in it: replace it. For show it can be steadied, and that is said.',
  },
  'end-checks': {
    look: 'Fine cracks, only at the ends',
    cause: 'The ends dried faster',
    way: 'Cut it off behind the crack, oil the ends first.',
  },
  'runs-on': {
    look: 'A crack that runs on when pressed',
    cause: 'A split: it travels and holds dirt',
    way: 'No more food on it: replace it.',
  },
  heated: {
    look: 'After an oven, a microwave or a dishwasher',
    cause: 'Steam and heat',
    way: 'No more food on it: replace it, and say so on the slip.',
  },
  'glue-line': {
    look: 'Straight, along a joint; opens at the ends in heating time',
    cause: 'A glue line that dried out or never held',
    way: 'Saw it apart and join it anew. No filling on a food board.',
  },
  rancid: {
    look: 'Stale nuts, crayons, frying fat; soft or greasy',
    cause: 'A kitchen oil has gone off, the owner’s or yours',
    way: 'Wash hand-hot with soap, dry, sand, air in the sun; re-oil with one that keeps. If the smell stays, retire it.',
  },
  'still-curing': {
    look: 'Putty or paint, firm to the finger; strongest in a lidded box',
    cause: 'It still cures',
    way: 'Stand it open, warm and light, and wait. No food until it is gone.',
  },
  'food-smell': {
    look: 'Onion, garlic, fish',
    cause: 'Food',
    way: 'Wash, salt and a little water, rinse, dry in air; sand last.',
  },
  thinner: {
    look: 'Thinner',
    cause: 'Sold too soon',
    way: 'Air it, away from any flame. No food until it is gone.',
  },
};

export const AMISS_WAY_WORDS: Readonly<Record<AmissWay, string>> = {
  wait: 'it waits',
  owner: 'its owner can see to it',
  home: 'it comes home',
  retire: 'no more food',
};
