import { describe, expect, it } from 'vitest';
import { AMISS, AMISS_CAUSES, type AmissFacts, causesOf, STILL_CURING_DAYS } from './amiss';
import { CARE_CLASSES } from './classes';

const facts = (change: Partial<AmissFacts> = {}): AmissFacts => ({
  finish: 'drying-oil',
  slowsCure: false,
  thinned: false,
  isBoard: true,
  ageDays: 20,
  ...change,
});
const names = (...asked: Parameters<typeof causesOf>): string[] => causesOf(...asked).map(({ cause }) => cause);

describe('what is wrong with a finished piece', () => {
  it('has a cause to look for on every finish, old and new, and names each cause once', () => {
    for (const finish of CARE_CLASSES)
      for (const amiss of AMISS)
        for (const ageDays of [0, 1000]) {
          const found = names(amiss, facts({ finish, ageDays }));
          expect(found.length, `${amiss} on ${finish}`).toBeGreaterThan(0);
          expect(new Set(found).size).toBe(found.length);
        }
  });
  it('leaves out what cannot be: nothing that never dries is still curing, and no bowl has an open joint', () => {
    expect(names('sticky', facts({ finish: 'never-dry' }))).toEqual(['not-settled', 'never-sets']);
    expect(names('sticky', facts())).toEqual(['surplus', 'cold', 'never-sets']);
    expect(names('sticky', facts({ slowsCure: true }))).toContain('wood-holds');
    expect(names('cracked', facts({ isBoard: false }))).toEqual(['dried-in-the-house', 'runs-on', 'heated']);
    expect(names('cracked', facts())).toContain('glue-line');
    expect(names('pale', facts({ finish: 'film' }))).toContain('film-lifts');
    expect(names('pale', facts({ finish: 'bare' }))).not.toContain('worn');
    expect(names('pale', facts({ finish: 'drying-oil-wax' }))).toContain('bloom');
    expect(names('pale', facts())).not.toContain('bloom');
  });
  it('calls a drying oil curing for its first weeks, to the day', () => {
    expect(names('smells', facts({ ageDays: STILL_CURING_DAYS }))[0]).toBe('still-curing');
    expect(names('smells', facts({ ageDays: STILL_CURING_DAYS + 1 }))).not.toContain('still-curing');
    expect(names('smells', facts({ thinned: true }))).toContain('thinner');
    expect(names('smells', facts({ thinned: true, ageDays: 400 }))).not.toContain('thinner');
  });
  it('asks after the lot where an oil went off or never set, and keeps mould and running cracks from food', () => {
    const found = AMISS.flatMap((amiss) => causesOf(amiss, facts()));
    expect(found.filter(({ asksLot }) => asksLot).map(({ cause }) => cause)).toEqual(['never-sets', 'rancid']);
    expect(found.filter(({ way }) => way === 'retire').map(({ cause }) => cause)).toEqual(
      expect.arrayContaining(['mould', 'runs-on', 'heated']),
    );
    expect(AMISS_CAUSES).toEqual(expect.arrayContaining(found.map(({ cause }) => cause)));
  });
});
