import { fault } from './fault';

/** Dry spots. */
export const drySpots = fault({ seen: 'on any finish', sandedOut: false, ways: ['rewet-spots'] });
