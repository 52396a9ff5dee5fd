import { timeGate } from './gate';

/** Checks passed; nobody signs for one that did not. */
export const check = timeGate({
  met: ({ fitness }) => fitness.check,
  maySign: () => false,
  shows: ['checks'],
});
