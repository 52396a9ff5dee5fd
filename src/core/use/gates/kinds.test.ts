import { describe, expect, it } from 'vitest';
import { USE_GATE_KINDS, USE_GATES } from '.';
import { gate, SHOWN } from './gate';
import { wood } from './wood';

describe('a gate', () => {
  it('rests on something that is shown, and every fact that may be shown stands beside one', () => {
    for (const id of USE_GATES) expect(USE_GATE_KINDS[id].shows.length, id).toBeGreaterThan(0);
    expect(new Set(USE_GATES.flatMap((id) => USE_GATE_KINDS[id].shows))).toEqual(new Set(SHOWN));
  });
  it('does not compile without its evidence, or without saying who may sign and whether food is off for good', () => {
    const { shows: _, ...unshown } = wood;
    // @ts-expect-error: nothing stands beside it
    gate(unshown);
    // @ts-expect-error: no fact is no evidence
    gate({ ...wood, shows: [] });
    const { maySign: __, ...unsigned } = wood;
    // @ts-expect-error: nobody says who may sign
    gate(unsigned);
    const { keepsFoodOff: ___, ...open } = wood;
    // @ts-expect-error: nobody says whether food is off for good
    expect(gate(open)).toEqual(open);
  });
});
