import { fault } from './fault';

/** Bark or a check. */
export const bark = fault({ seen: 'in the wood', sandedOut: false, ways: [] });
