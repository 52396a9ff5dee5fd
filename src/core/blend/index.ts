export { type Blend, blend } from './blend';
export {
  boughtLine,
  boughtLineId,
  boughtOfLine,
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
export { correct } from './correct';
export {
  basisOf,
  bothRatios,
  DRAFT_BASES,
  type DraftAround,
  type DraftJar,
  type DraftLine,
  draftLines,
  type FormulaDraft,
  jarsOf,
  moveKerf,
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
export { FormulaFile, type FormulaRead, type UnderstoodFormulas, understand } from './file';
export { fill, HOT_BRIM_LIMIT } from './fill';
export { type Gathered, gather, spreadOver } from './gather';
export { type Heat, type HeatLadder, heatConflictWay, isWarmed } from './heat';
export type { LinearProblem, LinearSolver } from './linear';
export { jugMark, MEASURED_AT_C, measures, readJug, shareIfKept } from './measures';
export { FIRST_RESIDUE_G, mostJars, residueFor } from './most';
export { type Drying, dryingOf, heatsRags, keepsMonthsOf, type RagHazard, setsInTin, turnsByItself, worseHazard } from './nature';
export { type Products, products } from './products';
export { forPurpose, PURPOSES, type Purpose } from './purpose';
export { putRight, RIGHTS, type Right, type Righted, type RightLot, rightChoices, rightsOf } from './put-right';
export { ratioFor } from './ratio';
export { HAIR_G, markWith, type Running, running } from './running';
export { isMixedPaint, PAINT_KEEPS_HOURS, thinning } from './thinned';
export { fitThumbs, type WaxFactor } from './thumb';
export { WENT, type Went } from './went';
