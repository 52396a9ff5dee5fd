import { allergen } from './allergen';
import { antioxidant } from './antioxidant';
import { aspiration } from './aspiration';
import type { CautionKind } from './caution';
import { driers } from './driers';
import { dust } from './dust';
import { gasInTin } from './gas-in-tin';
import { hotHeater } from './hot-heater';
import { hotWax } from './hot-wax';
import { isocyanate } from './isocyanate';
import { lathe } from './lathe';
import { limeDust } from './lime-dust';
import { mist } from './mist';
import type { Doing, FactKey, InHand, MomentFacts } from './moment';
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

/** Every warning a moment may need, the gravest first; the texts live in src/messages. */
export const CAUTION_KINDS = {
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
} as const;
export type Caution = keyof typeof CAUTION_KINDS;
export const CAUTIONS = Object.keys(CAUTION_KINDS) as readonly Caution[];

type AskedOf<C extends Caution, D extends Doing> = {
  [K in D & keyof (typeof CAUTION_KINDS)[C]['at']]: (typeof CAUTION_KINDS)[C]['at'][K] extends readonly (infer F)[] ? F : never;
}[D & keyof (typeof CAUTION_KINDS)[C]['at']];
/** What the cautions of a doing ask for beside what is in hand. */
export type FactsAt<D extends Doing> = { [C in Caution]: AskedOf<C, D> }[Caution] & FactKey;
/** A doing with every fact its cautions ask for: one that leaves a fact out does not compile. */
export type MomentAt<D extends Doing> = { readonly doing: D } & Pick<MomentFacts, FactsAt<D>> & Partial<MomentFacts>;

/** The cautions that bite, the gravest first. */
export const bitingAt = (moment: InHand & MomentFacts): readonly Caution[] =>
  CAUTIONS.filter((id) => {
    const { at, bites } = CAUTION_KINDS[id] as CautionKind<Partial<Record<Doing, readonly FactKey[]>>>;
    return at[moment.doing] !== undefined && bites(moment);
  });
