import { fault } from './fault';

/** Wrinkle. */
export const wrinkle = fault({ seen: 'where it dries', sandedOut: false, ways: ['sand-off'] });
