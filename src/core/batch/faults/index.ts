import type { Way } from '../ways-back';
import { bark } from './bark';
import { cutThrough } from './cut-through';
import { damp } from './damp';
import { drySpots } from './dry-spots';
import { dust } from './dust';
import type { FaultKind } from './fault';
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
import { wrinkle } from './wrinkle';

/** What can be seen amiss on a surface while the work goes on. */
export const FAULT_KINDS = {
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
} as const satisfies Readonly<Record<string, FaultKind>>;
export type Fault = keyof typeof FAULT_KINDS;
export const FAULTS = Object.keys(FAULT_KINDS) as [Fault, ...Fault[]];

/** The faults that can be seen on what a piece was finished with; before any finish is on, those of the wood. */
export const faultsFor = (dries: boolean, coated = true): readonly Fault[] =>
  FAULTS.filter((id) => {
    const { seen } = FAULT_KINDS[id];
    return (coated || seen === 'in the wood') && (dries || seen !== 'where it dries');
  });

/** Past this long a gummed surplus no longer softens in oil alone, minutes. Source: practice.md. */
export const GUMMED_PAST_MIN = 24 * 60;

/** The ways back for a fault, the one that suits first: past a day gummed surplus wants the pad; before any finish is on, sanding is all. */
export function waysBackFor(fault: Fault, overdueMin: number, coated = true): readonly Way[] {
  const { sandedOut, ways } = FAULT_KINDS[fault];
  if (!coated) return sandedOut ? ['sand-again'] : [];
  return fault === 'gummed' && overdueMin > GUMMED_PAST_MIN ? [...ways].reverse() : ways;
}
