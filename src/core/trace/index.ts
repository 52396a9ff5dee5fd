export { CODE_ALPHABET, CODE_LENGTH, chalkNumber, codeFrom } from './code';
export { compositionOf, type LotEdge, lotsInto, type TracedLot } from './composition';
