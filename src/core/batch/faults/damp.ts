import { fault } from './fault';

/** Damp wood. */
export const damp = fault({ seen: 'in the wood', sandedOut: false, ways: [] });
