import { caution } from './caution';

/** What is sprayed hangs in the air. */
export const mist = caution({
  at: { spraying: [] },
  bites: (m) => m.doing === 'spraying',
});
