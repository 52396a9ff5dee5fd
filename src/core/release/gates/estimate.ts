import { notForMouths, timeGate } from './gate';

/** The estimate says it is fit. */
export const estimate = timeGate({
  met: ({ fitness }) => fitness.estimate,
  maySign: notForMouths,
  shows: ['air'],
});
