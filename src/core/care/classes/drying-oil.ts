import { careClass } from './care-class';

/** A drying oil. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const dryingOil = careClass({
  baseDays: 180,
  treatment: 'thin-oil',
  renewedBy: 'drying',
  never: false,
  dries: true,
  film: false,
  lastsWithoutCare: true,
  heat: 'stands',
  withoutWax: null,
});
