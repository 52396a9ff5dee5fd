import 'server-only';
import { takeSide } from '../guide/rules';
import { by, DAY, type DemoScene, INES, must, WREN } from './scene';

/** What the shed holds with, and why. */
const SIDES = [
  ['oak', 'no', 'Two oak boards came back with black rings under a cheese wire.', WREN, 210],
  ['driers', 'never', 'One kind of cloth to watch is enough for two people.', INES, 190],
  ['sun', 'no', 'A cherry bowl came in from the wall with the shadow of a leaf on it.', WREN, 160],
  ['toys', 'bare', 'We have no papers for a paint, and rattles sell bare.', INES, 120],
  ['weight-or-volume', 'weight', 'Three pastes from one recipe, the winter before last.', WREN, 95],
  ['bath', 'never-drying', 'The walnut trough went rancid in August; never again.', INES, 60],
] as const;

/** The shed's own rules on what makers disagree on. */
export function takeSides({ db, nowMs }: DemoScene): void {
  for (const [question, school, reason, who, daysAgo] of SIDES)
    must(takeSide(db, { question, school, reason }, by(who, nowMs - daysAgo * DAY)));
}
