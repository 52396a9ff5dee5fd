export { type FinishFigures, finishCost, minutesTimes, type Paid, paidFor, plannedMin, type RestsOn, wipedShare } from './finish';
export { type LotChoice, type Need, needsLeft, needsOf, stepsFor } from './needs';
export { cost, packCostPerKg, UPKEEPERS, type Upkeeper } from './piece-cost';
export { crossings, largerSaves, spoils } from './years';
