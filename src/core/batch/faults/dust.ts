import { fault } from './fault';

/** Dust in it. */
export const dust = fault({ seen: 'where it dries', sandedOut: false, ways: ['level-and-recoat'] });
