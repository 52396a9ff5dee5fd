import { fault } from './fault';

/** Raised fibre. */
export const raisedFibre = fault({ seen: 'in the wood', sandedOut: true, ways: ['smooth-and-oil'] });
