import { careClass } from './care-class';

/** A hard-wax oil. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const hardWax = careClass({
  baseDays: 365,
  treatment: 'hard-wax',
  renewedBy: 'drying',
  never: false,
  dries: false,
  film: false,
  lastsWithoutCare: true,
  heat: 'stands',
  withoutWax: null,
});
