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
export { type Cheapest, cheapest, cheapestToUse, type Wanted } from './cheapest';
export { densityAt, everyUnit } from './convert';
export { type Correction, correct } from './correct';
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
  type SizeBy,
  setGrams,
  setShare,
  withFractions,
} from './draft';
export { type Consistency, FEEL_BANDS, FEELS, waxEquivalentAt } from './feel';
export { FormulaFile, type KnownFormula, type Read, sameBlend, type UnderstoodFormulas, understand } from './file';
export { type Fill, fill, HOT_BRIM_LIMIT } from './fill';
export { type Gathered, type GatherLot, gather, spreadOver } from './gather';
export { type Heat, type HeatLadder, heatConflictWay, isWarmed } from './heat';
export type { LinearAnswer, LinearProblem, LinearSolver } from './linear';
export {
  type AsMeasured,
  densityAsMeasured,
  isPieces,
  type JugMark,
  type JugRead,
  jugMark,
  levelsOf,
  MEASURED_AT_C,
  type Measures,
  measureLine,
  measures,
  readJug,
  shareIfKept,
} from './measures';
export { FIRST_RESIDUE_G, type Most, mostJars, residueFor } from './most';
export {
  ANTIOXIDANT_FROM,
  allergensOf as allergensIn,
  type Drying,
  dryingOf,
  heatsRags,
  keepsMonthsOf,
  type RagHazard,
  setsInTin,
  turnsByItself,
  worseHazard,
  worstContact,
} from './nature';
export { type Products, products } from './products';
export { addForFeel, forPurpose, PURPOSE_FEEL, PURPOSES, type Purpose } from './purpose';
export { putRight, RIGHTS, type Right, type Righted, type RightLot, rightChoices, rightsOf } from './put-right';
export { ratioFor } from './ratio';
export { HAIR_G, markWith, ON_MARK, type Running, running } from './running';
export { BASES, type BlendInput, FormulaLine, type Make, type ProductsInput, type SolveInput } from './schema';
export { isMixedPaint, PAINT_KEEPS_HOURS, type Thinning, thinning } from './thinned';
export { fitThumbs, type ThumbTest, type WaxFactor } from './thumb';
export { WENT, type Went } from './went';
