import { fault } from './fault';

/** Gummed surplus. */
export const gummed = fault({ seen: 'where it dries', sandedOut: false, ways: ['rewet', 'pad-off'] });
