import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { INGREDIENTS, SHIPPED } from '../material';
import { cautionsAt, type MomentAt } from '.';
import { cautionsFor } from './caution';
import { CAUTION_KINDS, CAUTIONS } from './cautions';
import { caution } from './cautions/caution';
import { DOINGS, type Doing, type FactKey, HEATERS, type MomentFacts } from './cautions/moment';

const NO_FACTS: MomentFacts = {
  place: null,
  heater: null,
  wood: null,
  woodSensitises: false,
  oiledBefore: false,
  restoring: false,
  unknownFinish: false,
};
const askedAt = (doing: Doing): ReadonlySet<FactKey> =>
  new Set(CAUTIONS.flatMap((id) => (CAUTION_KINDS[id].at as Partial<Record<Doing, readonly FactKey[]>>)[doing] ?? []));

describe('what cautions ask of a moment', () => {
  const facts: fc.Arbitrary<MomentFacts> = fc.record({
    place: fc.constantFrom(null, 'warm cabinet', 'lathe', 'bench'),
    heater: fc.constantFrom(null, ...HEATERS),
    wood: fc.constantFrom(null, 'good' as const, 'toxic' as const, 'unknown' as const),
    woodSensitises: fc.boolean(),
    oiledBefore: fc.boolean(),
    restoring: fc.boolean(),
    unknownFinish: fc.boolean(),
  });
  const hand = fc.record({
    ingredients: fc.uniqueArray(fc.constantFrom(...INGREDIENTS.map((one) => one.id)), { maxLength: 3 }),
    drying: fc.constantFrom('drying' as const, 'never' as const, 'mixed' as const),
  });
  /* Heat at a piece that is being restored is warned of wherever it stands, also where nobody is asked for a heater. */
  const bites = (doing: Doing, inHand: object, of: MomentFacts) => {
    const found = cautionsFor({ doing, ...inHand, ...of } as Parameters<typeof cautionsFor>[0], SHIPPED);
    if (!found.ok) throw new Error(JSON.stringify(found.issues));
    return found.value.filter((id) => id !== 'old-paint');
  };
  it.each(DOINGS)('at %s is all they bite by', (doing) => {
    const asked = askedAt(doing);
    fc.assert(
      fc.property(hand, facts, (inHand, told) => {
        const needed = Object.fromEntries(Object.entries(told).filter(([key]) => asked.has(key as FactKey)));
        expect(bites(doing, inHand, { ...NO_FACTS, ...needed })).toEqual(bites(doing, inHand, told));
      }),
    );
  });
});

describe('a moment', () => {
  it('does not compile without a fact its cautions ask for', () => {
    const inHand = { ingredients: [], drying: 'never' as const };
    const wood: MomentAt<'releasing'> = { doing: 'releasing', wood: 'toxic' };
    expect(cautionsAt({ ...inHand, ...wood }, SHIPPED)).toEqual({ ok: true, value: ['toxic-wood'] });
    // @ts-expect-error: nobody says of what wood it is
    cautionsAt({ ...inHand, doing: 'releasing' }, SHIPPED);
    const dust = { wood: 'good', woodSensitises: false, restoring: false, unknownFinish: false, place: null } as const;
    // @ts-expect-error: nobody says whether it was oiled before
    cautionsAt({ ...inHand, ...dust, doing: 'sanding' }, SHIPPED);
    // @ts-expect-error: nobody says where it lies
    cautionsAt({ ...inHand, doing: 'coating', heater: null, restoring: false, unknownFinish: false }, SHIPPED);
    // @ts-expect-error: a caution bites by nothing it does not ask for
    caution({ at: { heating: ['heater'] }, bites: ({ place }) => place === null });
  });
});
