import { careClass } from './care-class';

/** A friction polish. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const friction = careClass({
  baseDays: 180,
  treatment: 'friction',
  renewedBy: 'drying',
  never: false,
  dries: false,
  film: true,
  lastsWithoutCare: false,
  heat: 'marks',
  withoutWax: null,
});
