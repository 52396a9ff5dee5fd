import { fault } from './fault';

/** Missed spot. */
export const missedSpot = fault({ seen: 'on any finish', sandedOut: false, ways: ['rewet-spots'] });
