import type { Doing, FactKey, InHand, MomentFacts } from './moment';

/** At which doings a caution may bite, and what it asks of each beside what is in hand. */
type At = Readonly<Partial<Record<Doing, readonly FactKey[]>>>;
type Asked<A extends At> = { [D in keyof A]: A[D] extends readonly (infer F)[] ? F : never }[keyof A] & FactKey;

/** A warning, and all that is true of it. What it bites by it must ask for: reading a fact it does not name does not compile. */
export type CautionKind<A extends At> = {
  readonly at: A;
  readonly bites: (moment: InHand & Pick<MomentFacts, Asked<A>>) => boolean;
};

export const caution = <const A extends At>(of: CautionKind<A>): CautionKind<A> => of;
