import { careClass } from './care-class';

/** A drying oil with wax. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const dryingOilWax = careClass({
  baseDays: 180,
  treatment: 'oil-wax',
  renewedBy: 'drying',
  never: false,
  dries: true,
  film: false,
  lastsWithoutCare: true,
  heat: null,
  withoutWax: 'drying-oil',
});
