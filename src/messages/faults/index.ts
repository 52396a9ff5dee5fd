import type { Fault } from '@/core/batch';
import { bark } from './bark';
import { cutThrough } from './cut-through';
import { damp } from './damp';
import { drySpots } from './dry-spots';
import { dust } from './dust';
import { gummed } from './gummed';
import { knot } from './knot';
import { missedSpot } from './missed-spot';
import { print } from './print';
import { puddle } from './puddle';
import { raisedFibre } from './raised-fibre';
import { rancid } from './rancid';
import { ringMark } from './ring-mark';
import { rings } from './rings';
import { run } from './run';
import { scratch } from './scratch';
import { split } from './split';
import { streak } from './streak';
import { toolMark } from './tool-mark';
import { tornFibre } from './torn-fibre';
import { weeping } from './weeping';
import { whiteBloom } from './white-bloom';
import type { FaultWords } from './words';
import { wrinkle } from './wrinkle';

/** What can be seen amiss, and what to do where no step of the batch mends it. */
export const FAULT_WORDS: Readonly<Record<Fault, FaultWords>> = {
  scratch,
  'tool-mark': toolMark,
  'torn-fibre': tornFibre,
  'raised-fibre': raisedFibre,
  bark,
  knot,
  damp,
  split,
  gummed,
  'dry-spots': drySpots,
  'missed-spot': missedSpot,
  streak,
  puddle,
  run,
  dust,
  print,
  wrinkle,
  'ring-mark': ringMark,
  rings,
  'cut-through': cutThrough,
  'white-bloom': whiteBloom,
  weeping,
  rancid,
};
