export { type LotChoice, type Need, needsLeft, needsOf, stepsFor } from './needs';
export { cost } from './piece-cost';
