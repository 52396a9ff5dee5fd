import { describe, expect, it } from 'vitest';
import { type Evidence, GATES, gatesOf, mayRelease } from '.';

const good: Evidence = {
  stepsLeft: 0,
  fitness: { estimate: true, check: true, leastTime: true, fit: true },
  species: { food: 'good' },
  origin: 'bought',
  contact: 'food-grade',
  cutOn: true,
  knifeSurface: true,
  ragsOpen: 0,
  mouthed: false,
  undeclared: 0,
  allergens: [],
};
const unmet = (change: Partial<Evidence>) =>
  gatesOf({ ...good, ...change })
    .filter((gate) => !gate.met)
    .map((gate) => gate.id);

describe('gates', () => {
  it('are all met by a good batch, each once', () => {
    expect(gatesOf(good).map((gate) => gate.id)).toEqual(GATES.filter((id) => id !== 'mouthed'));
    expect(unmet({})).toEqual([]);
  });
  it.each([
    ['steps', { stepsLeft: 1 }],
    ['least-time', { fitness: { ...good.fitness, leastTime: false } }],
    ['estimate', { fitness: { ...good.fitness, estimate: false } }],
    ['check', { fitness: { ...good.fitness, check: false } }],
    ['wood', { species: { food: 'avoid' } }],
    ['wood', { origin: 'found' }],
    ['contact', { contact: 'indirect-only' }],
    ['surface', { knifeSurface: false }],
    ['rags', { ragsOpen: 1 }],
  ] as const)('%s closes on its own', (id, change) => expect(unmet(change as Partial<Evidence>)).toEqual([id]));
  it('may be signed for, but not a check, a film under a knife, or cloths', () => {
    const may = (change: Partial<Evidence>, signed: ('steps' | 'check' | 'surface' | 'rags')[]) =>
      mayRelease(gatesOf({ ...good, ...change }), signed);
    expect(may({ stepsLeft: 2 }, [])).toBe(false);
    expect(may({ stepsLeft: 2 }, ['steps'])).toBe(true);
    expect(may({ fitness: { ...good.fitness, check: false } }, ['check'])).toBe(false);
    expect(may({ knifeSurface: false }, ['surface'])).toBe(false);
    expect(may({ ragsOpen: 1 }, ['rags'])).toBe(false);
  });
  it('are stricter where a piece goes into a mouth, and nobody may sign for that', () => {
    const strict = (change: Partial<Evidence>) =>
      gatesOf({ ...good, mouthed: true, ...change }).find((gate) => gate.id === 'mouthed');
    expect(gatesOf(good).some((gate) => gate.id === 'mouthed')).toBe(false);
    expect(strict({})).toEqual({ id: 'mouthed', met: true, mayOverride: false });
    for (const change of [
      { undeclared: 1 },
      { allergens: ['tree nut'] },
      { knifeSurface: false },
      { fitness: { ...good.fitness, estimate: false } },
    ])
      expect(strict(change)?.met).toBe(false);
  });
});
