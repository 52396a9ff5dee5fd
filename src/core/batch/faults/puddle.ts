import { fault } from './fault';

/** Puddle. */
export const puddle = fault({ seen: 'on any finish', sandedOut: false, ways: ['rewet', 'pad-off'] });
