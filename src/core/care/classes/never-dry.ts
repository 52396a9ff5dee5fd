import { careClass } from './care-class';

/** An oil that never dries. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const neverDry = careClass({
  baseDays: 30,
  treatment: 'flood-oil',
  renewedBy: 'never',
  never: true,
  dries: false,
  film: false,
  lastsWithoutCare: false,
  heat: null,
  withoutWax: null,
});
