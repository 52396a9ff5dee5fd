import type { Caution } from '@/core/caution';

type CautionWords = { readonly head: string; readonly text: string };

/** Every caution in plain words: what can happen, and what is usually done about it. */
export const CAUTION_WORDS: Readonly<Record<Caution, CautionWords>> = {
  'rags-self-heat': {
    head: 'Oily cloths can set themselves alight.',
    text: 'Lay every cloth, paper, pad, glove and brush flat and single on metal, stone or outdoors, or under water in a lidded metal can. Never in a heap, never in a bin. Oil-soaked dust counts.',
  },
  'never-heat': {
    head: 'Never heat this.',
    text: 'Solvent, alcohol and resin give off vapour that takes fire. No pot, no warm cabinet, no lamp or heater near.',
  },
  'heat-conflict': {
    head: 'It must be poured hotter than one part bears.',
    text: 'Melt the harder wax first in part of the oil, let it fall below the ceiling, then add the rest; otherwise it sets grainy.',
  },
  'hot-wax': {
    head: 'Hot wax and oil burn.',
    text: 'Water bath with the vessel off the bottom, a thermometer, no open flame, no rolling boil, never dry, never left. Lid and dry-powder extinguisher at hand; never water on burning wax. Mitts. Not the kitchen’s pots.',
  },
  solvent: {
    head: 'Vapour and fire.',
    text: 'Outdoors or with strong ventilation, no flame or spark. Nitrile gloves. Closed, labelled containers that do not look like drink. Keep from children.',
  },
  'metal-driers': { head: 'Holds metal driers.', text: 'Gloves; not for anything that meets food.' },
  film: { head: 'It forms a film.', text: 'A knife chips a film into the food. Rims and display faces only.' },
  'mixed-drying': {
    head: 'Part dries, part never does: it stays tacky.',
    text: 'Make it nine tenths of the one or of the other. Never recommended for a piece.',
  },
  'more-solvent-than-oil': { head: 'More solvent than oil.', text: 'Too thin to leave a finish; use no more solvent than oil.' },
  'nut-or-other-allergen': {
    head: 'Holds an allergen.',
    text: 'It follows the bath, the cloth, the blend and the piece to the buyer’s slip.',
  },
  lathe: { head: 'At the lathe: paper, never cloth.', text: 'Slow, no loose ends, no rings, no gloves while it turns.' },
  'lime-powder': {
    head: 'The powder holds lime.',
    text: 'No dust, no eyes: goggles and mask until it is wet. Keeps a day or two, chilled, out of reach.',
  },
  dust: { head: 'Dust.', text: 'Mask and extraction; some woods are harmful to breathe.' },
  'wood-for-food': {
    head: 'This wood beside food is questioned.',
    text: 'Read what is said of it, and choose another for food if in doubt.',
  },
  'plain-rags': {
    head: 'Oily cloths.',
    text: 'This oil does not heat itself, but lay them flat all the same: never heaped, hot-washed or tumble-dried.',
  },
  'food-safe-is-a-claim': {
    head: '“Food safe” is a claim.',
    text: 'What stands here is evidence and what is not known. Rules for what touches food, for weights and for labels differ by place: follow your local code and the supplier’s sheet, and in doubt ask a qualified laboratory or adviser.',
  },
};
