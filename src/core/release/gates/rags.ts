import { timeGate } from './gate';

/** Its cloths are dealt with; nobody signs for cloths. */
export const rags = timeGate({
  met: ({ ragsOpen }) => ragsOpen === 0,
  maySign: () => false,
  shows: ['cloths'],
});
