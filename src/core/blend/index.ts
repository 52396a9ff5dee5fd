export { type Blend, type BlendLine, blend, natureOf } from './blend';
export {
  type Bought,
  boughtLine,
  boughtLineId,
  boughtOfLine,
  declaredOf,
  densityOfBought,
  driesByNothing,
  filmOfBought,
  LABEL_UNSAID,
  type LabelUnsaid,
  natureOfBought,
  sharesOfBought,
  UNDECLARED,
  withUndeclared,
} from './bought';
export {
  basisOf,
  bothRatios,
  DRAFT_BASES,
  type DraftAround,
  type DraftBasis,
  type DraftJar,
  type DraftLine,
  draftLines,
  type FormulaDraft,
  jarsOf,
  type KeptLine,
  moveKerf,
  type Needed,
  neededOf,
  otherBasis,
  ratioOf,
  reckon,
  setGrams,
  setShare,
  type SizeBy,
  withFractions,
} from './draft';
export { ratioFor } from './ratio';
export { putRight, type Right, type Righted, RIGHTS, type RightLot, rightChoices, rightsOf } from './put-right';
export { type Cheapest, cheapest, cheapestToUse, type Wanted } from './cheapest';
export { type Correction, correct } from './correct';
export { type Consistency, FEEL_BANDS, FEELS, waxEquivalentAt } from './feel';
export { type Fill, fill, HOT_BRIM_LIMIT } from './fill';
export { FIRST_RESIDUE_G, type Most, mostJars, residueFor } from './most';
export { type Heat, heatConflictWay, type HeatLadder, isWarmed } from './heat';
export type { LinearAnswer, LinearProblem, LinearSolver } from './linear';
export {
  allergensOf as allergensIn,
  ANTIOXIDANT_FROM,
  type Drying,
  dryingOf,
  heatsRags,
  keepsMonthsOf,
  setsInTin,
  turnsByItself,
  type RagHazard,
  worseHazard,
  worstContact,
} from './nature';
export { type Products, products } from './products';
export { HAIR_G, markWith, ON_MARK, type Running, running } from './running';
export { BASES, type BlendInput, FormulaLine, type Make, type ProductsInput, type SolveInput } from './schema';
export { addForFeel, forPurpose, PURPOSE_FEEL, PURPOSES, type Purpose } from './purpose';
export {
  type AsMeasured,
  densityAsMeasured,
  isPieces,
  type JugMark,
  type JugRead,
  jugMark,
  levelsOf,
  MEASURED_AT_C,
  measureLine,
  type Measures,
  measures,
  readJug,
  shareIfKept,
} from './measures';
export { fitThumbs, type ThumbTest, type WaxFactor } from './thumb';
export { isMixedPaint, PAINT_KEEPS_HOURS, type Thinning, thinning } from './thinned';
export { type Gathered, type GatherLot, gather, spreadOver } from './gather';
export { densityAt, everyUnit } from './convert';
export { FormulaFile, type KnownFormula, type Read, sameBlend, type UnderstoodFormulas, understand } from './file';
export { WENT, type Went } from './went';
