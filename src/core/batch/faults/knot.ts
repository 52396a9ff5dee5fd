import { fault } from './fault';

/** Knot. */
export const knot = fault({ seen: 'in the wood', sandedOut: false, ways: [] });
