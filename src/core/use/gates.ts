import { z } from 'zod';
import { check, MOST, shortText } from '@/core/contract';
import { ALLERGENS_NOT_DECLARED, CONTACTS, FOOD_VERDICTS, ORIGINS, PIECE_USES, type PieceUse } from '@/core/material';
import { ok, type Result } from '@/core/quantity';

/** Uses in which a piece meets food or a mouth. */
export const FOOD_USES: readonly PieceUse[] = ['food-wet', 'food-dry', 'hot-food', 'mouth', 'toy', 'knife'];

/** What a supplier's paper may say of a finish. */
export const STATEMENTS = ['food', 'toy'] as const;
export type Statement = (typeof STATEMENTS)[number];

/** From this wax equivalent a finish melts under a hot pot. Source: the band of feel from which it is no liquid. */
export const MELTS_FROM_WAX = 0.06;

export const GatesInput = z.object({
  use: z.array(z.enum(PIECE_USES)).min(1),
  /** Whether it could pass for tableware. */
  tableware: z.boolean().default(true),
  wood: z.object({
    food: z.enum(FOOD_VERDICTS),
    keepOff: z.array(z.enum(PIECE_USES)).default(['mouth', 'toy']),
    origin: z.enum(ORIGINS),
  }),
  finish: z.object({
    contact: z.enum(CONTACTS),
    /** Nobody said whether it builds a film: then it counts as one. */
    filmForming: z.union([z.boolean(), z.literal('unknown')]),
    drying: z.enum(['drying', 'never', 'mixed']),
    waxEquivalent: z.number().min(0).max(100),
    allergens: z.array(shortText).max(MOST.lines),
    undeclared: z.boolean(),
    statement: z.array(z.enum(STATEMENTS)).default([]),
  }),
});
export type GatesInput = z.input<typeof GatesInput>;
type Piece = z.output<typeof GatesInput>;

/** The gates in which time does not enter, in the order they are looked at. */
export const USE_GATES = ['wood', 'origin', 'contact', 'film', 'heat', 'cures', 'declared', 'nut'] as const;
export type UseGateId = (typeof USE_GATES)[number];

/** One gate: whether it is met, and whether a maker may sign for it with a reason; nothing that is met wants signing. */
export type UseGate = { readonly id: UseGateId; readonly met: boolean; readonly maySign: boolean };

/** What a piece may be sold for, and whether its slip, page and label must say "Not for food". */
export type UseGates = { readonly gates: readonly UseGate[]; readonly notForFood: boolean };

const meets = ({ use }: Piece, ...some: readonly PieceUse[]): boolean => some.some((one) => use.includes(one));
export const meetsFood = (use: readonly PieceUse[]): boolean => FOOD_USES.some((one) => use.includes(one));
const food = ({ use }: Piece): boolean => meetsFood(use);
/** Neither mouth nor toy: what is unmet may then be signed for. */
const soft = (piece: Piece): boolean => !meets(piece, 'mouth', 'toy');
/** A toy that meets no other food but a mouth, with its supplier's statement for toys: a toy is mouthed. */
const cleared = ({ use, finish }: Piece): boolean =>
  finish.statement.includes('toy') &&
  use.includes('toy') &&
  use.every((one) => one === 'toy' || one === 'mouth' || !FOOD_USES.includes(one));
/** Whether what lies there is not made for food to lie on. */
export const isFar = ({ contact }: Pick<Piece['finish'], 'contact'>): boolean =>
  contact === 'indirect-only' || contact === 'not-for-food';
const isUndeclared = ({ finish }: Piece): boolean =>
  finish.undeclared || finish.allergens.some((one) => one.toLowerCase() === ALLERGENS_NOT_DECLARED);
/** Its supplier states that this very finish is fit for food, and it is put to nothing that asks more. */
const onPaper = (piece: Piece): boolean => piece.finish.statement.includes('food') && !meets(piece, 'mouth', 'toy', 'knife');

/** Words that are no tree nut, struck out before one is looked for; butternut and nutmeg are caught, on the safe side. */
const NO_NUT = /coconut|tung nut/gi;
const NUT = /nut|almond|pecan|pistachio|cashew|macadamia|filbert/i;
/** Whether an allergen, in free words, is a nut. */
export const isNut = (allergen: string): boolean => NUT.test(allergen.replace(NO_NUT, ''));

type Rule = {
  readonly applies: (piece: Piece) => boolean;
  readonly met: (piece: Piece) => boolean;
  readonly maySign: (piece: Piece) => boolean;
};

const wood: Rule = {
  applies: (piece) => food(piece) || (piece.wood.food === 'toxic' && meets(piece, 'hands')),
  met: ({ wood: { food: verdict, keepOff }, use }) =>
    verdict === 'good' || (verdict === 'caution' && !keepOff.some((one) => use.includes(one))),
  maySign: (piece) => {
    if (piece.wood.food === 'toxic') return !food(piece);
    // What a wood is kept off for toys it is kept off for mouths: whichever was hit, neither is signed for.
    return (piece.wood.food === 'caution' && !piece.wood.keepOff.includes('toy')) || soft(piece);
  },
};

const origin: Rule = {
  applies: (piece) => food(piece) || (piece.wood.origin === 'treated' && meets(piece, 'hands')),
  met: ({ wood: { origin: from } }) => from !== 'found' && from !== 'treated',
  maySign: (piece) => !food(piece) || (piece.wood.origin === 'found' && soft(piece)),
};

const contact: Rule = {
  applies: food,
  met: (piece) => !isFar(piece.finish) || cleared(piece) || onPaper(piece),
  maySign: (piece) => soft(piece) && !meets(piece, 'knife'),
};

const film: Rule = {
  applies: (piece) => meets(piece, 'knife', 'mouth', 'toy', 'food-wet', 'hot-food'),
  met: (piece) => piece.finish.filmForming === false || cleared(piece),
  maySign: (piece) => !meets(piece, 'knife'),
};

const heat: Rule = {
  applies: (piece) => meets(piece, 'hot-food'),
  met: ({ finish: { filmForming, drying, waxEquivalent } }) =>
    filmForming === false && drying !== 'never' && waxEquivalent < MELTS_FROM_WAX,
  // A cup with a film is spoilt by what is drunk from it.
  maySign: (piece) => piece.finish.filmForming === false || !meets(piece, 'mouth'),
};

const cures: Rule = { applies: food, met: ({ finish }) => finish.drying !== 'mixed', maySign: soft };

const declared: Rule = {
  applies: food,
  met: (piece) => !isUndeclared(piece) || cleared(piece) || (piece.finish.statement.includes('food') && !meets(piece, 'toy')),
  maySign: soft,
};

const nut: Rule = {
  applies: (piece) => meets(piece, 'toy'),
  met: (piece) => !piece.finish.allergens.some(isNut) && (!isUndeclared(piece) || cleared(piece)),
  maySign: () => false,
};

/** Each gate's rule; a new one is a name above and a rule here. */
const RULES: Readonly<Record<UseGateId, Rule>> = { wood, origin, contact, film, heat, cures, declared, nut };

/** Gates that, unmet, take food away for good, whoever signs. */
const KEEP_FOOD_OFF: readonly UseGateId[] = ['wood', 'origin', 'contact'];

function isNotForFood(piece: Piece, gates: readonly UseGate[]): boolean {
  const open = gates.filter((gate) => !gate.met);
  if (open.some(({ id, maySign }) => KEEP_FOOD_OFF.includes(id) || (id === 'declared' && !maySign))) return true;
  if (food(piece) || !piece.tableware) return false;
  return (
    (isFar(piece.finish) && !onPaper(piece)) ||
    isUndeclared(piece) ||
    ['avoid', 'toxic', 'unknown'].includes(piece.wood.food) ||
    piece.wood.origin === 'found' ||
    piece.wood.origin === 'treated'
  );
}

/**
 * What a piece may be sold for, as far as time does not enter (calc.md, 14). Signing lets it be sold; it does not take "Not for food" away.
 * @param input its uses, its wood and where that came from, and the finish of the surface that meets the use
 */
export function gates(input: unknown): Result<UseGates> {
  const checked = check(GatesInput, input);
  if (!checked.ok) return checked;
  const piece = checked.value;
  const found = USE_GATES.filter((id) => RULES[id].applies(piece)).map((id): UseGate => {
    const met = RULES[id].met(piece);
    return { id, met, maySign: !met && RULES[id].maySign(piece) };
  });
  return ok({ gates: found, notForFood: isNotForFood(piece, found) });
}
