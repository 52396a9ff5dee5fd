import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import { type Geometry, surfacesOf } from '@/core/piece';
import { type Choosable, gatesAhead, type PlannedPiece } from './ahead';
import { type FinishLayer, finishOf, withAdded } from './finish';
import { isBySurface, slotMeets, surfacesMeeting, whereSlotLies, withoutSurface } from './meets';
import { strictest } from './wood';

const profile = (wide: number) => [
  [wide / 2, 0],
  [wide, 60],
];
const bowl = { shape: 'turned', outer: profile(90), inner: profile(80) } as unknown as Geometry;
const solid = { shape: 'turned', outer: profile(90), inner: [] } as unknown as Geometry;
const massive = { shape: 'turned', outer: profile(90) } as unknown as Geometry;
const board = { shape: 'board', lengthMm: 400, widthMm: 250, thickMm: 24, grain: 'long' } as unknown as Geometry;
const spoon = {
  shape: 'spoon',
  bowlLengthMm: 60,
  bowlWidthMm: 40,
  bowlDepthMm: 12,
  handleLengthMm: 220,
  handleWidthMm: 16,
  handleThickMm: 10,
} as unknown as Geometry;
const box = { shape: 'box', lengthMm: 200, widthMm: 120, heightMm: 80, wallMm: 8, lid: true } as unknown as Geometry;
const treats = (slot: string | null, ...surfaces: string[]) => ({ slot, surfaces }) as never;

describe('the surfaces that meet a use', () => {
  it('are all of them but what only hands and tables meet', () => {
    const off = (piece: Geometry, uses: readonly ('food-wet' | 'mouth' | 'toy' | 'display' | 'knife')[]) => {
      const met = surfacesMeeting(piece, uses);
      return surfacesOf(piece).filter((one) => !met.includes(one));
    };
    expect(off(bowl, ['food-wet']).sort()).toEqual(
      ['foot', 'outside'].filter((one) => surfacesOf(bowl).includes(one as never)).sort(),
    );
    expect(off(spoon, ['food-wet'])).toEqual(['handle']);
    expect(off(box, ['food-wet'])).not.toContain('inside');
    expect(off(box, ['food-wet']).length).toBeGreaterThan(0);
    expect(off(board, ['food-wet', 'knife'])).toEqual([]);
    // A solid is handled all over, whether its inside is left out or empty.
    expect([off(solid, ['food-wet']), off(massive, ['food-wet'])]).toEqual([[], []]);
    // In a mouth, as a toy, and where nothing is eaten, nothing is left out.
    for (const use of ['mouth', 'toy', 'display'] as const) expect(off(bowl, [use])).toEqual([]);
    expect(off(bowl, ['food-wet', 'mouth'])).toEqual([]);
  });
  it('of what is about the size of another are that one’s', () => {
    const like = { shape: 'like', of: spoon, times: 2 } as unknown as Geometry;
    expect(surfacesMeeting(like, ['food-wet'])).not.toContain('handle');
  });
});

describe('where a material lies', () => {
  const inside = surfacesMeeting(bowl, ['food-wet'])[0] ?? 'inside';
  const steps = [treats('in', inside), treats('out', 'outside'), treats('all'), treats(null, 'outside')];
  it('is by the surfaces its steps name; none named is everywhere', () => {
    expect(isBySurface([treats('oil')])).toBe(false);
    expect(isBySurface(steps)).toBe(true);
    expect(slotMeets(bowl, ['food-wet'], steps, 'in')).toBe(true);
    expect(slotMeets(bowl, ['food-wet'], steps, 'out')).toBe(false);
    expect(slotMeets(bowl, ['food-wet'], steps, 'all')).toBe(true);
    expect(slotMeets(bowl, ['food-wet'], steps, 'none of them')).toBe(true);
    expect(slotMeets(bowl, ['mouth'], steps, 'out')).toBe(true);
    expect(slotMeets(bowl, ['food-wet'], [...steps, treats('out', inside)], 'out')).toBe(true);
    expect(slotMeets(bowl, ['food-wet'], [...steps, treats('out')], 'out')).toBe(true);
    expect(whereSlotLies(bowl, steps, 'out')).toEqual(['outside']);
    expect(whereSlotLies(bowl, steps, 'all')).toEqual(surfacesOf(bowl));
    expect(whereSlotLies(bowl, [treats('in', inside), treats('in')], 'in')).toEqual(surfacesOf(bowl));
  });
  it('is nowhere on a piece that has none of the surfaces', () => {
    const found = withoutSurface(board, steps);
    expect(found).toHaveLength(surfacesOf(board).includes(inside as never) ? 2 : 3);
    expect(withoutSurface(bowl, steps)).toEqual([]);
    expect(withoutSurface(board, [treats('oil')])).toEqual([]);
  });
});

const layer = (change: Partial<FinishLayer> = {}): FinishLayer => ({
  contact: 'food-grade',
  filmForming: false,
  drying: 'never',
  waxEquivalent: 0,
  allergens: [],
  undeclared: false,
  statement: [],
  ...change,
});

describe('what release will ask of a piece that is only thought of', () => {
  const one = (id: number, change: Partial<FinishLayer> = {}): Choosable => ({ ...layer(change), id });
  const ask = (change: Partial<PlannedPiece>) => {
    const found = gatesAhead({
      use: ['food-wet', 'knife'],
      wood: { food: 'good', keepOff: [], origin: 'bought' },
      film: false,
      chosen: {},
      choices: {},
      ...change,
    });
    if (!found.ok) throw new Error(JSON.stringify(found.issues));
    return found.value;
  };
  const film = one(1, { filmForming: true });
  const far = one(2, { contact: 'not-for-food' });
  const good = one(3);
  const open = (of: ReturnType<typeof ask>) =>
    of.gates.filter((gate) => !gate.met).map((gate) => [gate.id, gate.meetBy.map((by) => by.id)]);
  it('names the materials that would meet it, each put in its slot alone', () => {
    expect(open(ask({ chosen: { oil: film }, choices: { oil: [film, far, good] } }))).toEqual([['film', [3]]]);
    expect(open(ask({ chosen: { oil: good }, choices: { oil: [film, good] } }))).toEqual([]);
    // What closes another gate does not meet it, and neither does what is chosen already.
    expect(open(ask({ chosen: { oil: film }, choices: { oil: [film, far] } }))).toEqual([['film', []]]);
    expect(open(ask({ chosen: { oil: undefined }, choices: {} }))).toEqual([]);
  });
  it('counts the regimen’s film, the glue, and only what lies where the use is', () => {
    expect(open(ask({ film: true, chosen: { oil: good } })).map(([id]) => id)).toEqual(['film']);
    expect(open(ask({ glue: layer({ contact: 'not-for-food' }), chosen: { oil: good } })).map(([id]) => id)).toEqual(['contact']);
    expect(open(ask({ chosen: { in: good, out: film }, meets: (slot) => slot === 'in' }))).toEqual([]);
    expect(ask({ chosen: { oil: far } }).notForFood).toBe(true);
    expect(ask({ chosen: { oil: good } }).notForFood).toBe(false);
    expect(gatesAhead({ use: [], wood: { food: 'good', origin: 'bought' }, film: false, chosen: {}, choices: {} }).ok).toBe(
      false,
    );
  });
});

describe('layers together', () => {
  it('are as bad as the worst of them in each way', () => {
    expect(finishOf([])).toMatchObject({
      drying: 'drying',
      filmForming: false,
      waxEquivalent: 0,
      undeclared: false,
      statement: [],
    });
    expect(finishOf([layer(), layer({ drying: 'drying' })]).drying).toBe('drying');
    expect(finishOf([layer(), layer({ drying: 'mixed' }), layer({ drying: 'drying' })]).drying).toBe('mixed');
    expect(finishOf([layer()]).drying).toBe('never');
    expect(finishOf([layer({ filmForming: 'unknown' }), layer()]).filmForming).toBe('unknown');
    expect(finishOf([layer({ filmForming: 'unknown' }), layer({ filmForming: true })]).filmForming).toBe(true);
    expect(finishOf([layer()], true).filmForming).toBe(true);
    expect(finishOf([layer({ waxEquivalent: 0.2 }), layer({ waxEquivalent: 0.1 })]).waxEquivalent).toBe(0.2);
    expect(finishOf([layer({ allergens: ['soya', 'milk'] }), layer({ allergens: ['milk'] })]).allergens).toEqual([
      'milk',
      'soya',
    ]);
    expect(finishOf([layer(), layer({ undeclared: true })]).undeclared).toBe(true);
  });
  it('have a paper where each that wants one has it, and one does', () => {
    const food = { statement: ['food' as const] };
    expect(finishOf([layer({ undeclared: true, ...food }), layer()]).statement).toContain('food');
    expect(finishOf([layer({ undeclared: true, ...food }), layer({ contact: 'indirect-only' })]).statement).not.toContain('food');
    expect(finishOf([layer(food)]).statement).not.toContain('food');
    expect(finishOf([layer({ filmForming: true, statement: ['toy'] })]).statement).toEqual(['toy']);
    expect(finishOf([layer({ filmForming: 'unknown', statement: ['toy'] })]).statement).toEqual(['toy']);
    expect(finishOf([layer({ filmForming: true, statement: ['food'] })]).statement).toEqual([]);
  });
  it('take up what is stirred in, and nothing where nothing is known of it', () => {
    const same = layer({ allergens: ['soya'] });
    expect(withAdded(same, ['unobtainium'], SHIPPED)).toBe(same);
    expect(withAdded(same, ['walnut-oil-raw'], SHIPPED).allergens).toContain('soya');
    expect(withAdded(same, ['walnut-oil-raw'], SHIPPED).allergens.length).toBeGreaterThan(1);
    expect(withAdded(same, ['wiping-varnish'], SHIPPED).filmForming).toBe(true);
    expect(withAdded(same, ['tung-oil'], SHIPPED).filmForming).toBe(false);
  });
  it('of several woods the strictest counts, and what any of them is kept off', () => {
    const good = { food: 'good', keepOff: [] } as const;
    expect(strictest(good, [])).toEqual({ food: 'good', keepOff: [] });
    expect(
      strictest(good, [
        { food: 'unknown', keepOff: ['mouth'] },
        { food: 'caution', keepOff: ['mouth', 'toy'] },
      ]),
    ).toEqual({
      food: 'unknown',
      keepOff: ['mouth', 'toy'],
    });
    expect(strictest({ food: 'toxic', keepOff: [] }, [good]).food).toBe('toxic');
  });
});
