import { type Caution, cautionsAt, type Doing, type MomentNow, type Notice } from '@/core/caution';
import { type Catalogue, findIngredient } from '@/core/material';
import { allergen } from './allergen';
import { antioxidant } from './antioxidant';
import { aspiration } from './aspiration';
import { driers } from './driers';
import { dust } from './dust';
import { gasInTin } from './gas-in-tin';
import { hotHeater } from './hot-heater';
import { hotWax } from './hot-wax';
import { isocyanate } from './isocyanate';
import { lathe } from './lathe';
import { limeDust } from './lime-dust';
import { mist } from './mist';
import { mouldWater } from './mould-water';
import { neverHeat } from './never-heat';
import { oilyDust } from './oily-dust';
import { oldPaint } from './old-paint';
import { ragsFlammable } from './rags-flammable';
import { ragsSelfHeat } from './rags-self-heat';
import { rancid } from './rancid';
import { sensitisingDust } from './sensitising-dust';
import { separates } from './separates';
import { solvent } from './solvent';
import { spatter } from './spatter';
import { tacky } from './tacky';
import { toxicWood } from './toxic-wood';
import { twoStage } from './two-stage';
import { undeclared } from './undeclared';
import { unknownWood } from './unknown-wood';
import { warmCabinet } from './warm-cabinet';
import type { CautionWords } from './words';

export type { CautionWords } from './words';

/** Every caution in plain words: what can happen, and what is usually done about it. */
export const CAUTION_WORDS: Readonly<Record<Caution, CautionWords>> = {
  'rags-self-heat': ragsSelfHeat,
  'never-heat': neverHeat,
  isocyanate,
  'gas-in-tin': gasInTin,
  'hot-heater': hotHeater,
  spatter,
  'hot-wax': hotWax,
  'two-stage': twoStage,
  'rags-flammable': ragsFlammable,
  solvent,
  mist,
  aspiration,
  'toxic-wood': toxicWood,
  'old-paint': oldPaint,
  lathe,
  'warm-cabinet': warmCabinet,
  'oily-dust': oilyDust,
  'lime-dust': limeDust,
  'unknown-wood': unknownWood,
  'sensitising-dust': sensitisingDust,
  dust,
  driers,
  undeclared,
  allergen,
  tacky,
  antioxidant,
  rancid,
  'mould-water': mouldWater,
  separates,
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
export function cautionsInWords<D extends Doing>(moment: MomentNow<D>, catalogue: Catalogue): CautionWords[] {
  const found = cautionsAt(moment, catalogue);
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
