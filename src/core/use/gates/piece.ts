import { z } from 'zod';
import { MOST, shortText } from '@/core/contract';
import { ALLERGENS_NOT_DECLARED, CONTACTS, FOOD_VERDICTS, ORIGINS, PIECE_USES, type PieceUse } from '@/core/material';

/** Uses in which a piece meets food or a mouth. */
export const FOOD_USES: readonly PieceUse[] = ['food-wet', 'food-dry', 'hot-food', 'mouth', 'toy', 'knife'];

/** What a supplier's paper may say of a finish. */
export const STATEMENTS = ['food', 'toy'] as const;
export type Statement = (typeof STATEMENTS)[number];

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
export type JudgedPiece = z.output<typeof GatesInput>;

export const meets = ({ use }: JudgedPiece, ...some: readonly PieceUse[]): boolean => some.some((one) => use.includes(one));
export const meetsFood = (use: readonly PieceUse[]): boolean => FOOD_USES.some((one) => use.includes(one));
export const food = ({ use }: JudgedPiece): boolean => meetsFood(use);
/** Neither mouth nor toy: what is unmet may then be signed for. */
export const meetsNoMouth = (piece: JudgedPiece): boolean => !meets(piece, 'mouth', 'toy');
/** A toy that meets no other food but a mouth, with its supplier's statement for toys: a toy is mouthed. */
export const cleared = ({ use, finish }: JudgedPiece): boolean =>
  finish.statement.includes('toy') &&
  use.includes('toy') &&
  use.every((one) => one === 'toy' || one === 'mouth' || !FOOD_USES.includes(one));
/** Whether what lies there is not made for food to lie on. */
export const isFar = ({ contact }: Pick<JudgedPiece['finish'], 'contact'>): boolean =>
  contact === 'indirect-only' || contact === 'not-for-food';
export const isUndeclared = ({ finish }: JudgedPiece): boolean =>
  finish.undeclared || finish.allergens.some((one) => one.toLowerCase() === ALLERGENS_NOT_DECLARED);
/** Its supplier states that this very finish is fit for food, and it is put to nothing that asks more. */
export const onPaper = (piece: JudgedPiece): boolean =>
  piece.finish.statement.includes('food') && !meets(piece, 'mouth', 'toy', 'knife');
