import { fault } from './fault';

/** Split. */
export const split = fault({ seen: 'in the wood', sandedOut: false, ways: [] });
