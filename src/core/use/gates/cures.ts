import { gate } from './gate';
import { food, soft } from './piece';

/** It sets, and does not stay tacky. */
export const cures = gate({
  applies: food,
  met: ({ finish }) => finish.drying !== 'mixed',
  maySign: soft,
  keepsFoodOff: 'never',
  shows: ['drying'],
});
