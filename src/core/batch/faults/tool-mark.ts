import { fault } from './fault';

/** Tool mark. */
export const toolMark = fault({ seen: 'in the wood', sandedOut: true, ways: ['sand-out'] });
