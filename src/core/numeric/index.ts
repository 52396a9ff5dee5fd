export { normalFrom, randomFrom } from './chance';
export { leastSquares, solveLinear } from './linear';
export { mean, median, sum, weightedMean } from './middle';
