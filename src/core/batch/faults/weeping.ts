import { fault } from './fault';

/** Weeping. */
export const weeping = fault({ seen: 'on any finish', sandedOut: false, ways: ['wipe-daily'] });
