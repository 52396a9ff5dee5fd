import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import { ratioFor } from '.';

const PASTE = ['beeswax', 'mineral-oil'];
const of = (text: string, ingredients: readonly string[] = PASTE) => {
  const read = ratioFor(text, ingredients, SHIPPED);
  return read.ok ? read.value.join(' | ') : (read.issues[0]?.code ?? '');
};

describe('a ratio as people write it', () => {
  it.each([
    ['1 : 3.5', '1 | 3.5'],
    ['1:4', '1 | 4'],
    ['1 to 4', '1 | 4'],
    ['1,5 : 4', '1,5 | 4'],
    ['1 part wax 4 parts oil', '1 | 4'],
    ['4 parts oil, 1 part wax', '1 | 4'],
    ['1 part of beeswax and 3,5 parts of mineral oil', '1 | 3,5'],
    ['1 part waxes to 4 parts oils', '1 | 4'],
  ])('“%s” is %s', (text, parts) => {
    expect(of(text)).toBe(parts);
  });
  it('has as many parts as the formula has lines', () => {
    expect(of('1:4:2', [...PASTE, 'citrus-solvent'])).toBe('1 | 4 | 2');
    expect([of('1:4:2'), of('4')]).toEqual(['ratio-lines', 'ratio-lines']);
  });
  it('asks rather than guesses', () => {
    // Two lines are oils; nothing is honey; one part is named twice.
    expect(of('1 part wax 4 parts oil 2 parts walnut oil', ['beeswax', 'mineral-oil', 'walnut-oil-raw'])).toBe('ratio-word');
    expect([of('1 part honey 4 parts oil'), of('1 part oil 4 parts oil')]).toEqual(['ratio-word', 'ratio-word']);
    expect([of('1 : x'), of('one to four'), of('1 : 0'), of('')]).toEqual([
      'not-a-number',
      'not-a-number',
      'must-be-positive',
      'required',
    ]);
  });
});
