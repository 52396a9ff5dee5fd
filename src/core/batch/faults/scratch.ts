import { fault } from './fault';

/** Scratch. */
export const scratch = fault({ seen: 'in the wood', sandedOut: true, ways: ['smooth-and-oil'] });
