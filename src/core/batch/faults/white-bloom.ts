import { fault } from './fault';

/** White bloom. */
export const whiteBloom = fault({ seen: 'where it dries', sandedOut: false, ways: ['clear-bloom', 'sand-off'] });
