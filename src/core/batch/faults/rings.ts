import { fault } from './fault';

/** Rings from buffing too soon. */
export const rings = fault({ seen: 'where it dries', sandedOut: false, ways: ['harden-and-recoat'] });
