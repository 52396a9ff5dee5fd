import { fault } from './fault';

/** Torn fibre. */
export const tornFibre = fault({ seen: 'in the wood', sandedOut: true, ways: ['sand-out', 'smooth-and-oil'] });
