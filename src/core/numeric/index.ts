export { normalFrom, randomFrom } from './chance';
export { leastSquares, solveLinear } from './linear';
export { mean, median, middle, sum, weightedMean } from './middle';
