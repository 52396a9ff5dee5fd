export { type LotChoice, type Need, needsLeft, needsOf, stepsFor } from './needs';
