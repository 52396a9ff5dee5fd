export { type Blend, type BlendLine, blend } from './blend';
export { type Correction, correct } from './correct';
export { type Consistency, FEEL_BANDS, waxEquivalentAt } from './feel';
export { type Fill, fill, HOT_BRIM_LIMIT } from './fill';
export type { Heat, HeatLadder } from './heat';
export { allergensOf as allergensIn, type Drying, type RagHazard, worstContact } from './nature';
export { ON_MARK, type Running, running } from './running';
export { BASES, type BlendInput, Line, type Make } from './schema';
