import { careClass } from './care-class';

/** A film: only looked at. Source: practice.md, the schools; the days and the treatment are working estimates. */
export const film = careClass({
  baseDays: 365,
  treatment: null,
  renewedBy: 'drying',
  never: false,
  dries: false,
  film: true,
  lastsWithoutCare: false,
  heat: 'marks',
  withoutWax: null,
});
