import { describe, expect, it } from 'vitest';
import { gates } from '@/core/use';
import { type Evidence, GATES, gatesOf, mayRelease } from '.';

const board = {
  use: ['food-wet', 'knife'],
  wood: { food: 'good', origin: 'bought' },
  finish: { contact: 'food-grade', filmForming: false, drying: 'drying', waxEquivalent: 0, allergens: [], undeclared: false },
};
function evidence(change: Partial<Evidence> = {}, piece: Record<string, unknown> = {}): Evidence {
  const use = { ...board, ...piece };
  const judged = gates(use);
  if (!judged.ok) throw new Error(JSON.stringify(judged.issues));
  return {
    stepsLeft: 0,
    fitness: { estimate: true, check: true, leastTime: true, fit: true },
    use: use.use as Evidence['use'],
    useGates: judged.value.gates,
    ragsOpen: 0,
    ...change,
  };
}
const unmet = (...of: Parameters<typeof evidence>) =>
  gatesOf(evidence(...of))
    .filter((gate) => !gate.met)
    .map((gate) => gate.id);

describe('gates', () => {
  it('are all met by a good batch, each once, in their order', () => {
    const ids = gatesOf(evidence()).map((gate) => gate.id);
    expect(ids).toEqual(GATES.filter((id) => ids.includes(id)));
    expect(unmet()).toEqual([]);
  });
  it.each([
    ['steps', { stepsLeft: 1 }],
    ['least-time', { fitness: { estimate: true, check: true, leastTime: false, fit: false } }],
    ['estimate', { fitness: { estimate: false, check: true, leastTime: true, fit: false } }],
    ['check', { fitness: { estimate: true, check: false, leastTime: true, fit: false } }],
    ['rags', { ragsOpen: 1 }],
  ] as const)('%s closes on its own', (id, change) => expect(unmet(change)).toEqual([id]));
  it('ask nothing of food where none is met', () => {
    const stool = { use: ['hands'], tableware: false, wood: { food: 'avoid', origin: 'found' } };
    expect(gatesOf(evidence({}, stool)).map((gate) => gate.id)).toEqual(['steps', 'least-time', 'estimate', 'check', 'rags']);
  });
  it('may be signed for, but never a check, a film under a knife, or cloths', () => {
    const may = (change: Partial<Evidence>, signed: Parameters<typeof mayRelease>[1], piece = {}) =>
      mayRelease(gatesOf(evidence(change, piece)), signed);
    expect(may({ stepsLeft: 2 }, [])).toBe(false);
    expect(may({ stepsLeft: 2 }, ['steps'])).toBe(true);
    expect(may({ fitness: { estimate: true, check: false, leastTime: true, fit: false } }, ['check'])).toBe(false);
    expect(may({}, ['film'], { finish: { ...board.finish, filmForming: true } })).toBe(false);
    expect(may({ ragsOpen: 1 }, ['rags'])).toBe(false);
  });
  it('of time are signed by nobody for a mouth or a toy', () => {
    const late = { stepsLeft: 1, fitness: { estimate: false, check: true, leastTime: false, fit: false } };
    const signable = (use: string[]) =>
      gatesOf(evidence(late, { use }))
        .filter((gate) => gate.maySign)
        .map((gate) => gate.id);
    expect(signable(['food-wet'])).toEqual(['steps', 'least-time', 'estimate']);
    expect(signable(['food-wet', 'mouth'])).toEqual([]);
    expect(signable(['toy'])).toEqual([]);
  });
});
