import { notForMouths, timeGate } from './gate';

/** Every step is done. */
export const steps = timeGate({
  met: ({ stepsLeft }) => stepsLeft === 0,
  maySign: notForMouths,
  shows: ['progress'],
});
