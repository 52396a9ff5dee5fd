import { careClass } from './care-class';

/** A wax, or oil and wax, that never dries. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const oilWax = careClass({
  baseDays: 45,
  treatment: 'oil-wax',
  renewedBy: 'never',
  never: true,
  dries: false,
  film: false,
  lastsWithoutCare: false,
  heat: 'marks',
  withoutWax: 'never-dry',
});
