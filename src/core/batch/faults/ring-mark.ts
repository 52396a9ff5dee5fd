import { fault } from './fault';

/** Ring from a wet or hot foot. */
export const ringMark = fault({ seen: 'on any finish', sandedOut: false, ways: ['smooth-and-oil'] });
