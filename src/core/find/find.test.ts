import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { askedFor, type Findable, findIn } from '.';

const of = (id: string, at: number, ...parts: readonly (readonly [string, number])[]): Findable => ({
  kind: 'batch',
  id,
  at,
  parts: parts.map(([text, weight]) => ({ text, weight })),
});
const all = [
  of('31-002', 1, ['31-002', 3], ['2 plum lantern bowls', 3], ['took more than ever', 1]),
  of('31-007', 2, ['31-007', 3], ['6 plum spoons', 3]),
  of('31-010', 3, ['31-010', 3], ['5 cherry bread boards', 3], ['the plum batch before it was better; a bowl of soup', 1]),
];
const ids = (question: string) => findIn(all, question).map((one) => one.of.id);

describe('finding by any word', () => {
  it('answers a question as it is asked, the best and then the newest first', () => {
    expect(askedFor('What did I do on the plum bowls?')).toEqual(['plum', 'bowl']);
    expect(ids('what did I do on the plum bowls?')).toEqual(['31-002', '31-010']);
    expect(ids('plum')).toEqual(['31-007', '31-002', '31-010']);
    expect(findIn(all, 'took more')[0]?.says).toBe('took more than ever');
  });
  it('finds a mark whole and by its part, a word by its beginning, and nothing where one word is nowhere', () => {
    expect(ids('31-007')[0]).toBe('31-007');
    expect(ids('007')).toEqual(['31-007']);
    expect(ids('cher')).toEqual(['31-010']);
    expect(ids('plum walnut')).toEqual([]);
    expect(ids('')).toEqual([]);
    expect(ids('PLÜM')).toEqual(ids('plum'));
  });
  it('never breaks on anything typed, and only finds what holds every word', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        for (const found of findIn(all, text)) expect(found.score).toBeGreaterThan(0);
      }),
      { seed: 2 },
    );
  });
});
