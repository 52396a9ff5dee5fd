export { chalkNumber, codeFrom } from './code';
export { compositions, edgesInto, type LotEdge, lotsInto, type TracedLot } from './composition';
