import type { GATES_1, GateId } from '@/core/release';
import { check } from './check';
import { contact } from './contact';
import { cures } from './cures';
import { declared } from './declared';
import { estimate } from './estimate';
import { film } from './film';
import { heat } from './heat';
import { leastTime } from './least-time';
import { nut } from './nut';
import { origin } from './origin';
import { rags } from './rags';
import { steps } from './steps';
import { wood } from './wood';
import type { GateWords } from './words';

export const GATE_WORDS: Readonly<Record<GateId, GateWords>> = {
  steps,
  'least-time': leastTime,
  estimate,
  check,
  wood,
  origin,
  contact,
  film,
  heat,
  cures,
  declared,
  nut,
  rags,
};

/** Gates as the first records named them: they meant other things, and print as they were. */
const GATE_NAMES_1: Readonly<Record<(typeof GATES_1)[number], string>> = {
  steps: 'Every step done',
  'least-time': 'The regimen’s least time has passed',
  estimate: 'The estimate says it is fit',
  check: 'A check passed in the last 48 hours, none failed after',
  wood: 'Wood fit for food, of known origin',
  contact: 'Every ingredient may meet food',
  surface: 'No film under a knife',
  mouthed: 'Fit for a mouth: all contents known, no nut, no film, fully cured',
  rags: 'Its cloths are dealt with',
};

/** A gate's name, as records of a shape name it. */
export const gateName = (id: string, version: 1 | 2 = 2): string =>
  (version === 1 ? GATE_NAMES_1[id as keyof typeof GATE_NAMES_1] : GATE_WORDS[id as GateId]?.name) ?? id;
