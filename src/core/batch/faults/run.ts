import { fault } from './fault';

/** Run. */
export const run = fault({ seen: 'where it dries', sandedOut: false, ways: ['level-and-recoat'] });
