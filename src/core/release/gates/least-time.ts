import { notForMouths, timeGate } from './gate';

/** The regimen's least time has passed. */
export const leastTime = timeGate({
  met: ({ fitness }) => fitness.leastTime,
  maySign: notForMouths,
  shows: ['rest'],
});
