import { fault } from './fault';

/** Streak. */
export const streak = fault({ seen: 'on any finish', sandedOut: false, ways: ['rewet-spots', 'level-and-recoat'] });
