import { gate } from './gate';
import { food, meetsNoMouth } from './piece';

/** It sets, and does not stay tacky. */
export const cures = gate({
  applies: food,
  met: ({ finish }) => finish.drying !== 'mixed',
  maySign: meetsNoMouth,
  keepsFoodOff: 'never',
  shows: ['drying'],
});
