import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { check, typed, typedCount, typedOrNone } from '@/core/contract';
import { BASE_READS, parseMass } from '@/core/quantity';
import { hasField, placeFaults } from './faults';

const values = { amount: '', lines: [{ parts: '1' }], materials: {} };

describe('a fault of the server', () => {
  it.each([
    ['amount', true],
    ['lines.0.parts', true],
    ['materials.oil', true],
    ['lines.3.parts', false],
    ['lines.1', false],
    ['gate', false],
    ['amount.deep', false],
    ['', false],
  ])('at %j stands at a field: %s', (path, isAt) => expect(hasField(values, path)).toBe(isAt));
  it('stands at its field, or above the button', () => {
    expect(placeFaults(values, { amount: 'too much', '': 'the disk is full' })).toEqual({
      atFields: [['amount', 'too much']],
      rest: ['the disk is full'],
    });
  });
});

describe('a typed field', () => {
  const shape = z.object({
    grams: typed((one) => parseMass(one, BASE_READS)),
    more: typedOrNone((one) => parseMass(one, BASE_READS)),
    pieces: typedCount('pieces'),
  });
  it('is read once, by the form and by its action alike', () => {
    expect(check(shape, { grams: '1,5 kg', more: ' ', pieces: '3' })).toEqual({
      ok: true,
      value: { grams: 1500, more: null, pieces: 3 },
    });
  });
  it('says what is wrong by the field’s own path, code and bounds', () => {
    const read = check(shape, { grams: 'plenty', more: '-2 g', pieces: '2.5' });
    expect(read.ok ? [] : read.issues.map(({ path, code }) => [path, code])).toEqual([
      ['grams', 'not-a-number'],
      ['more', 'must-be-positive'],
      ['pieces', 'invalid'],
    ]);
  });
  it('is never longer than a field', () => {
    expect(check(shape, { grams: '1'.repeat(500), more: '', pieces: '1' })).toMatchObject({
      ok: false,
      issues: [{ path: 'grams', code: 'too-long' }],
    });
  });
});
