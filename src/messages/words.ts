import type { LastReason, Way } from '@/core/batch';
import type { Consistency, Drying, Heat, Purpose, RagHazard, Went } from '@/core/blend';
import type { Upkeep } from '@/core/care';
import type { Heater } from '@/core/caution';
import type { ClothWay } from '@/core/cloths';
import {
  type Catalogue,
  type Contact,
  type Doubt,
  type Family,
  type FoodVerdict,
  findIngredient,
  type Origin,
  type PieceUse,
  type Unsaid,
} from '@/core/material';
import type { Surface } from '@/core/piece';
import type { Mark } from '@/core/regimen';
import type { CostPart } from '@/core/release';
import type { Added, Statement } from '@/core/use';

export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  'never-dry-oil': 'Never-drying oil',
  'culinary-oil': 'Kitchen oil',
  'semi-drying-oil': 'Oil that dries by halves',
  'drying-oil': 'Drying oil',
  wax: 'Wax',
  resin: 'Resin',
  solvent: 'Solvent',
  paint: 'Paint',
  carrier: 'Carrier',
  additive: 'Additive',
};
export const CONTACT_WORDS: Readonly<Record<Contact, string>> = {
  'food-grade': 'sold as food grade',
  'once-cured': 'for food once cured',
  'indirect-only': 'not where food lies',
  'not-for-food': 'not for food',
};
export const FEEL_WORDS: Readonly<Record<Consistency, string>> = {
  liquid: 'runny',
  cream: 'cream',
  'soft-paste': 'soft paste',
  'firm-paste': 'firm paste',
  soap: 'soap-hard',
  bar: 'bar',
  block: 'block',
};
export const DRYING_WORDS: Readonly<Record<Drying, string>> = {
  drying: 'dries and cures',
  never: 'never dries; it settles',
  mixed: 'stays tacky',
};
export const HEAT_WORDS: Readonly<Record<Heat, string>> = {
  none: 'never heat',
  'two-stage': 'two stages: melt, cool, then the solvent',
  cold: 'cold, in the closed jar',
  'water-bath': 'water bath',
  'not-needed': 'no heat needed',
};
export const RAG_WORDS: Readonly<Record<RagHazard, string>> = {
  'self-heating': 'cloths heat themselves: fire',
  flammable: 'cloths burn easily',
  plain: 'cloths laid flat',
};
export const VERDICT_WORDS: Readonly<Record<FoodVerdict, string>> = {
  good: 'fit for food',
  caution: 'makers do not agree that it is fit for food',
  avoid: 'not for food',
  toxic: 'poisonous: not for food, not for toys',
  unknown: 'which tree it is, is not known',
};
export const ORIGIN_WORDS: Readonly<Record<Origin, string>> = {
  bought: 'bought as this wood',
  offcut: 'an offcut of bought wood',
  felled: 'a tree I felled and know',
  found: 'found, or a stranger’s: nobody knows where it was',
  treated: 'treated: pallet, sleeper, old joinery',
};
export const USE_WORDS: Readonly<Record<PieceUse, string>> = {
  'food-wet': 'wet food',
  'food-dry': 'dry food',
  'hot-food': 'hot food',
  mouth: 'a mouth',
  toy: 'a toy',
  knife: 'a knife',
  hands: 'hands',
  display: 'only eyes',
  outdoors: 'outdoors',
};
export const STATEMENT_WORDS: Readonly<Record<Statement, string>> = {
  food: 'fit for food once cured',
  toy: 'fit for toys',
};
export const HEATER_WORDS: Readonly<Record<Heater, string>> = {
  'water-bath': 'water bath',
  'slow-cooker': 'slow cooker',
  microwave: 'microwave',
  hob: 'hob, no water bath',
  'heat-gun': 'heat gun',
  oven: 'oven',
  torch: 'torch',
};
export const COST_WORDS: Readonly<Record<CostPart, string>> = {
  wood: 'Wood',
  blend: 'Blend on it',
  hands: 'Hands',
  jar: 'Jar in the box',
  slip: 'Slip',
};
export const RAG_WAY_WORDS: Readonly<Record<ClothWay, string>> = {
  flat: 'laid flat',
  'under-water': 'under water in a lidded can',
  burnt: 'burnt outdoors',
  'none-left': 'none were left',
};

/** Who looks after a piece, said of its owner. */
export const UPKEEP_WORDS: Readonly<Record<Upkeep, string>> = {
  're-oils': 're-oils it',
  'will-not': 'will not look after it',
  unknown: 'is not known',
};

export const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  feed: 'Feed oil',
  salve: 'Salve',
  'board-paste': 'Board paste',
  'firm-paste': 'Firm paste',
  'tool-block': 'Tool block',
  'hard-polish': 'Hard polish',
};
const LIMIT_WORDS: Readonly<Record<string, string>> = {
  waxEquivalent: 'the hardness',
  contact: 'how near to food it may come',
  avoidAllergens: 'the allergens left out',
  drying: 'whether it dries',
  volatile: 'how much may leave as it dries',
  noHeatConflict: 'pouring below the ceiling',
  dries: 'that something in it dries',
  thinner: 'no more solvent than oil',
  mixes: 'that its parts mix without being shaken',
  usable: 'that it can be made, keeps, and does not stay tacky',
};
/** A limit of the solver as people say it. */
export function limitWords(limit: string, catalogue: Catalogue): string {
  const [kind, id = ''] = limit.split('.');
  const name = findIngredient(id, catalogue)?.name.toLowerCase() ?? id;
  if (kind === 'stock') return `how much ${name} there is`;
  if (kind === 'ranges') return `the share of ${name}`;
  return LIMIT_WORDS[limit] ?? limit;
}
export const LOT_CHECK_WORDS = {
  thumbnail: {
    name: 'Thumbnail, for beeswax',
    how: 'At 18 to 24 °C (64 to 75 °F), beside a piece known to be pure: push the nail along it. Pure wax makes it judder and skip; wax with oil in it lets it sweep, a smooth peel comes off and it dents. It finds oil, not paraffin or stearin.',
    pass: 'judders and skips',
    fail: 'sweeps and peels',
  },
  /** Asked no more: what it passed, a smooth peel, speaks for oil in the wax. */
  cut: { name: 'Cut', how: '', pass: 'peeled: check again with the thumbnail', fail: 'crumbled' },
  smell: { name: 'Smell', how: 'As it should smell, nothing sharp or stale.', pass: 'right', fail: 'off' },
  colour: { name: 'Colour', how: 'Held against the last lot in daylight.', pass: 'as before', fail: 'differs' },
  clear: { name: 'Clear', how: 'No cloud, no sediment.', pass: 'clear', fail: 'cloudy' },
  strained: { name: 'Strained', how: 'Through a fine cloth, dust and fibre out.', pass: 'strained', fail: 'still dirty' },
} as const;
/** What is in or on a piece beside wood, glue and finish. */
export const ADDED_WORDS: Readonly<Record<Added, string>> = {
  filler: 'filler',
  casting: 'casting resin',
  dye: 'dye or stain',
  burning: 'burnt drawing',
  metal: 'metal inlay',
  magnet: 'magnets',
  feet: 'rubber feet',
};
/** Where what is missing of a mix with solvent went. */
export const WENT_WORDS: Readonly<Record<Went, string>> = { '': 'choose', used: 'used', air: 'gone into the air' };
/** A lot in doubt, in a word or two, and what it may still be used for. */
export const DOUBT_WORDS: Readonly<Record<Doubt, { readonly short: string; readonly use: string }>> = {
  smell: {
    short: 'smells off',
    use: 'An oil that smells sharp or stale has begun to turn. Nothing that meets food, nothing new: it may still go on tools. Hold it, and open another.',
  },
  thumbnail: {
    short: 'not pure by the thumbnail',
    use: 'There is oil or another wax in it. Nothing that is sold as beeswax, nothing that meets food until its supplier has answered: it may still go on saws and tools. Hold it, and ask.',
  },
};
export const WHY_WORDS = {
  receive: 'came in',
  pour: 'poured',
  coat: 'coated with',
  bath: 'bath',
  fill: 'filled into tins',
  sale: 'sold',
  count: 'counted',
  loss: 'lost',
  correction: 'corrected',
} as const;

/** Why no more coats are given. */
export const LAST_WORDS: Readonly<Record<LastReason | 'label', string>> = {
  full: 'it takes no more',
  paper: 'the paper stays clean',
  sheen: 'the sheen is right',
  out: 'out of finish',
  other: 'another reason',
  label: 'by its label',
};

export const SURFACE_WORDS: Readonly<Record<Surface, string>> = {
  underside: 'underside',
  top: 'top face',
  edges: 'edges',
  'end-grain': 'end grain',
  groove: 'groove',
  hole: 'handle hole',
  engraving: 'engraving',
  outside: 'outside',
  inside: 'inside',
  foot: 'foot',
  rim: 'rim',
  'bowl-inside': 'inside of the bowl',
  'bowl-outside': 'back of the bowl',
  handle: 'handle',
  lid: 'lid',
  recess: 'walls of the recess',
  everywhere: 'all of it',
};

export const WAY_WORDS: Readonly<Record<Way, string>> = {
  rewet: 'Re-wet, scrub and wipe',
  'pad-off': 'Fine pad and solvent-free oil',
  'rewet-spots': 'Re-wet the dry spots',
  'smooth-and-oil': 'Smooth with 220 and re-oil',
  'recoat-face': 'Recoat that face',
  'harden-and-recoat': 'Let it harden, then recoat',
  'sand-again': 'Sand it again, before any coat',
  'sand-out': 'Sand it out from 120 and re-oil',
  'level-and-recoat': 'Let it harden, level, recoat',
  'clear-bloom': 'Clear it with a pass of spirit',
  'sand-off': 'Sand that face off, begin it anew',
  'wipe-daily': 'Wipe daily until the paper stays clean',
};

export const MARK_WORDS: Readonly<Record<Mark, string>> = {
  dull: 'dull and dry',
  stain: 'stain',
  scar: 'knife scars',
  burn: 'burn',
  crack: 'crack',
  mould: 'mould',
  warp: 'warped',
  smell: 'smells',
  sticky: 'sticky',
  'open-joint': 'open joint',
  'film-worn': 'worn film',
  'old-paint': 'old paint',
};

/** What no sanding mends, or what must be known before any. */
export const MARK_ADVICE: Readonly<Partial<Record<Mark, string>>> = {
  crack:
    'A crack stays, and holds what cannot be washed out: it meets no food any more. Say so to its owner, kindly, before you begin; it may go on as something to look at.',
  mould:
    'Outdoors, with a mask: brush it off, scrub with hot soapy water, dry it standing in moving air for days before you sand. Where it goes deep the piece meets no food any more.',
  warp: 'Before any sanding: damp the hollow side, do not soak it, lay it hollow side down on something flat, weigh it down, dry it slowly for days. It may come back: say so.',
  smell:
    'Find out which: paint means it has not cured, so stand it in light and moving air and wait; old fat means the oil has turned, so wash it hot with soap, dry it, and retire it where the smell stays. No food until it is gone.',
  sticky:
    'It is not sanded: it clogs. Rub it off with a fine pad and a little of the same oil, wipe dry; where it stays so, wipe it off with thinner, air it for a day, then keep it warm for a week.',
  'open-joint':
    'An open joint holds what cannot be washed out: no food until it is glued again with a glue whose maker says food, or it stays something to look at. Say so to its owner before you begin.',
  'film-worn': 'Where the film still holds all over, dull and recoat it with the same; where it peels, take it off.',
  'old-paint':
    'Old paint may hold lead: it is not sanded, scraped dry or burnt off here. Have it tested; where it does, leave it to those who are licensed for it, as the rules of the place say.',
};

/** What the sheet of an ingredient of the shop's own may leave out. */
export const UNSAID_WORDS: Readonly<Record<Unsaid, string>> = {
  contact: 'whether it may meet food',
  flash: 'its flash point',
  iodine: 'its iodine value',
  allergens: 'its allergens',
  ceiling: 'how hot it may get',
};
