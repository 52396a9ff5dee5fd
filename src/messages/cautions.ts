import { type Caution, type CautionsInput, cautionsFor, type Notice } from '@/core/caution';
import type { Catalogue } from '@/core/material';
import { findIngredient } from '@/core/material';

export type CautionWords = { readonly head: string; readonly text: string };

/** Every caution in plain words: what can happen, and what is usually done about it. */
export const CAUTION_WORDS: Readonly<Record<Caution, CautionWords>> = {
  'rags-self-heat': {
    head: 'Oily cloths can set themselves alight, within hours, with nobody near.',
    text: 'Lay every cloth, paper, pad, glove and brush flat and single on metal, stone or outdoors, or under water in a lidded metal can. Never in a heap, never in a bin. Sanding dust of oiled wood too: empty the bag outdoors.',
  },
  'rags-flammable': {
    head: 'Cloths wet with it burn.',
    text: 'Dry them outdoors, spread out, away from flame, heater and lamp; never burn them wet.',
  },
  'never-heat': {
    head: 'Never heat this.',
    text: 'Solvent, alcohol and resin give off vapour that catches fire, and what is not declared may hold them. No pot, no warm cabinet, no lamp or heater near.',
  },
  'two-stage': {
    head: 'Solvent never goes into the hot pot.',
    text: 'Melt the wax in the oil first. Off the heat, away from any flame, wait until the thermometer is below the mark; then stir the solvent in by hand. It will have set soft: that is right.',
  },
  'hot-wax': {
    head: 'Hot wax scalds, and catches fire.',
    text: 'Water bath with the vessel off the bottom, a thermometer, no open flame, no rolling boil; never let the bath boil dry, never leave it. Lid or fire blanket at hand, and a class F (K) extinguisher if there is one; never water on burning wax. Mitts. Not the kitchen’s pots.',
  },
  'hot-heater': {
    head: 'No water bath holds this heat back.',
    text: 'A slow cooker has no water to limit it, a microwave heats in spots, a hob or a flame runs past every ceiling: by thermometer, in short bursts, stirred, never left, well below the ceiling. Never warm a piece wet with finish by heat gun, oven or torch: it smokes, cracks and catches fire.',
  },
  spatter: {
    head: 'Water in hot oil or wax spits.',
    text: 'No drop of water in the hot pot; face and arms covered. What should hold both is stirred together lukewarm.',
  },
  solvent: {
    head: 'Its vapour catches fire.',
    text: 'Outdoors or with strong ventilation, no flame, spark, heater or lamp. Nitrile gloves. Closed, labelled containers that do not look like drink. Keep from children.',
  },
  aspiration: {
    head: 'May be deadly if swallowed: it runs into the lungs.',
    text: 'Never in a cup or a drinks bottle. If somebody swallowed it, do not make them vomit: call a poison centre or a doctor at once, and have the label at hand.',
  },
  rancid: {
    head: 'It turns rancid in wood.',
    text: 'A kitchen oil, or one that dries only by halves, smells and sticks after some months. Not for a piece that is to keep.',
  },
  antioxidant: {
    head: 'Vitamin E keeps an oil from drying.',
    text: 'With more than two thousandths of it in what stays, the finish stays tacky. Use an oil without it.',
  },
  isocyanate: {
    head: 'The hardener can cause asthma for life.',
    text: 'Gloves, sleeves, a fitted mask made for it and strong ventilation; never spray it, never sand it before it is hard. Nobody who reacts to it works with it.',
  },
  'gas-in-tin': {
    head: 'With water or alcohol it makes gas: a closed tin bursts.',
    text: 'Mix it for the hour, with nothing damp, and never close a mixed tin. What is left sets open, on metal, outdoors.',
  },
  mist: {
    head: 'What is sprayed hangs in the air.',
    text: 'A fitted mask against vapour and mist, goggles, extraction, and no flame or spark. Paper and filters wet with a drying oil heat themselves: lay them flat outdoors the same day.',
  },
  driers: {
    head: 'Holds metal driers.',
    text: 'Gloves, also against its dust. Not for what meets food, unless its supplier states in writing that this finish may; never under a knife, in a mouth or on a toy.',
  },
  allergen: { head: 'Holds an allergen.', text: 'Buyers are told on the slip; keep cloths and baths apart.' },
  undeclared: {
    head: 'Not all contents are declared.',
    text: 'Take its cloths for ones that set themselves alight and its vapour for one that burns. Ask the supplier for the data sheet; the slip says that contents are not all declared.',
  },
  lathe: {
    head: 'At the lathe: paper, never cloth.',
    text: 'Slow, no loose ends, no rings. Either gloves with the lathe stopped, or bare hands with paper while it turns.',
  },
  dust: { head: 'Wood dust harms lungs; hardwood dust can cause cancer.', text: 'Mask and extraction.' },
  'oily-dust': {
    head: 'Dust of oiled wood heats itself like a cloth.',
    text: 'Out of the bag and the extractor the same day, outdoors or under water; never left in a heap.',
  },
  'old-paint': {
    head: 'An old, unknown finish may hold lead.',
    text: 'Before it is known, no dry sanding, scraping or heat: a heat gun turns lead into fume. Home swabs miss much: ask a laboratory, or treat it as lead. Mask for fine dust, no children near, dust bagged as your place rules.',
  },
  'unknown-wood': {
    head: 'Nobody knows this wood: treat its dust as poisonous.',
    text: 'Fitted mask, sleeves and extraction; stop at the first itch or wheeze; burn none of it.',
  },
  'sensitising-dust': {
    head: 'The dust of this wood makes many allergic.',
    text: 'Mask, sleeves and extraction even for a short while; stop at the first itch or wheeze.',
  },
  'lime-dust': {
    head: 'Lime burns eyes, skin and lungs, dry and wet.',
    text: 'Mask while it is dust; goggles and gloves when it is wet too. Splashes: rinse for 15 minutes, then a doctor. Mixed, it keeps a day or two in the cold, labelled, out of children’s reach.',
  },
  'toxic-wood': {
    head: 'This wood is poisonous.',
    text: 'Not for food, not for toys, not for anything held in a mouth. Mask and gloves; burn none of it.',
  },
  'warm-cabinet': {
    head: 'A warm cabinet lights vapour.',
    text: 'Nothing with solvent within a day of its last coat, no cloths, at most 40 °C (104 °F), and its lamp guarded.',
  },
  'mould-water': {
    head: 'With water in it, it goes mouldy within weeks.',
    text: 'Make little, keep it cold, use it within the month, throw it away at the first smell.',
  },
  tacky: {
    head: 'Part dries, part never does: it stays tacky.',
    text: 'Nine tenths of the oil must dry, or nine tenths must never dry. Never recommended for a piece.',
  },
  separates: { head: 'It separates.', text: 'Shake or stir it before each use, and again while you work.' },
};

/** A caution in words; one of an allergen names what it is. */
export function sayCaution(caution: Caution, allergens: readonly string[] = []): CautionWords {
  const words = CAUTION_WORDS[caution];
  return caution === 'allergen' && allergens.length > 0 ? { ...words, head: `Holds ${allergens.join(', ')}.` } : words;
}

/** What stands beside the cautions by a rule of its own. */
export const NOTICE_WORDS: Readonly<Record<Notice, CautionWords>> = {
  'film-under-knife': {
    head: 'It forms a film.',
    text: 'A knife chips a film into the food. Outsides and display faces only.',
  },
  'heat-in-two-goes': {
    head: 'To pour, it must be hotter than one of its ingredients can take.',
    text: 'Melt the harder wax first in part of the oil, let it fall below the ceiling, then add the rest.',
  },
  'heat-less-wax': {
    head: 'Its wax is not even clear below the ceiling.',
    text: 'It will set grainy. Use less of the hardest wax, or an oil that bears more heat.',
  },
  'more-solvent-than-oil': {
    head: 'More solvent than oil.',
    text: 'Too thin to leave a finish; use no more solvent than oil.',
  },
  'small-parts': {
    head: 'For a child or a mouth.',
    text: 'Look for small parts that come off and can be swallowed. This tool does not certify: toy rules apply where you sell.',
  },
  'food-safe-is-a-claim': {
    head: '“Food safe” is a claim.',
    text: 'What stands here is evidence and what is not known. Rules for what touches food, for weights, labels and chemicals differ by place: follow your local code and the supplier’s sheet, and in doubt ask a qualified laboratory or adviser.',
  },
};

/** The cautions of a moment in words, the gravest first; an allergen is named by what is in hand. */
export function cautionsInWords(moment: CautionsInput, catalogue: Catalogue): CautionWords[] {
  const found = cautionsFor(moment, catalogue);
  const allergens = [...new Set(moment.ingredients.flatMap((id) => findIngredient(id, catalogue)?.allergens ?? []))].sort();
  return found.ok ? found.value.map((caution) => sayCaution(caution, allergens)) : [];
}

export const noticesInWords = (notices: readonly Notice[]): CautionWords[] => notices.map((notice) => NOTICE_WORDS[notice]);

/** What may warm a piece that lies wet, asked where it lies: hot air is one rule, whatever blows it. */
export const WARMING = {
  vapour:
    'Nothing warms it now: its vapour catches fire. No heat gun, hair dryer, oven, microwave, lamp or heater near, and no warm cabinet for a day.',
  dries:
    'Only a warm room or the warm cabinet, at most 40 °C. No heat gun, hair dryer, oven or microwave: the coat wrinkles, smokes and can catch fire.',
} as const;
