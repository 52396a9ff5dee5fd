import { fault } from './fault';

/** Finger or cloth print. */
export const print = fault({ seen: 'where it dries', sandedOut: false, ways: ['level-and-recoat'] });
