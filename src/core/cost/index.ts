export { type LotChoice, type Need, needsLeft, needsOf, stepsFor } from './needs';
export { cost, packCostPerKg, type PieceCost, UPKEEPERS, type Upkeeper } from './piece-cost';
export { type CostLine, costAfter, type Crossing, crossings, largerSaves, spoils } from './years';
