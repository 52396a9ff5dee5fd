import { careClass } from './care-class';

/** Bare wood: nothing to renew. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const bare = careClass({
  baseDays: null,
  treatment: null,
  renewedBy: 'drying',
  never: false,
  dries: false,
  film: false,
  lastsWithoutCare: false,
  heat: 'stands',
  withoutWax: null,
});
