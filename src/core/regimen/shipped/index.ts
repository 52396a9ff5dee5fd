import { Regimen } from '../schema';
import { bare } from './bare';
import { bath } from './bath';
import { dayBuild } from './day-build';
import { friction } from './friction';
import { handleOnly } from './handle-only';
import { insideOutside } from './inside-outside';
import { longSoak } from './long-soak';
import { oneCan } from './one-can';
import { paintedRim } from './painted-rim';
import { pasteOnly } from './paste-only';
import { resinAlone } from './resin-alone';
import { saturate } from './saturate';
import { sealOil } from './seal-oil';
import { soakWax } from './soak-wax';
import { soap } from './soap';
import { sparing } from './sparing';
import { thinDrying } from './thin-drying';
import { thinThenNeat } from './thin-then-neat';
import { twoPart } from './two-part';
import { warmCure } from './warm-cure';
import { waxStick } from './wax-stick';
import { weekMonth } from './week-month';
import { weepThrough } from './weep-through';
import { wipingBuild } from './wiping-build';

/** Every regimen the house ships, the house's own choices first. Dwells depend on what the slot's material allows (blend/nature). */
export const REGIMENS: readonly Regimen[] = [
  soakWax,
  thinDrying,
  longSoak,
  bath,
  dayBuild,
  saturate,
  oneCan,
  sparing,
  friction,
  wipingBuild,
  sealOil,
  warmCure,
  bare,
  waxStick,
  pasteOnly,
  thinThenNeat,
  weekMonth,
  weepThrough,
  resinAlone,
  soap,
  handleOnly,
  insideOutside,
  twoPart,
  paintedRim,
].map((regimen) => Regimen.parse(regimen));
