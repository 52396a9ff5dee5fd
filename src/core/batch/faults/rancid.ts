import { fault } from './fault';

/** Rancid smell. */
export const rancid = fault({ seen: 'on any finish', sandedOut: false, ways: [] });
