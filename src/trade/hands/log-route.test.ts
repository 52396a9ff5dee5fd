import { describe, expect, it } from 'vitest';
import { Record } from './log-record';

const least = { clientId: 'abcdefgh', batchId: 1, task: 'flood-1', at: 5, device: 'tablet-one', deviceSequence: 1 };

describe('the open shape of a record', () => {
  it('wants little, and says what stands for the rest', () => {
    expect(Record.parse(least)).toEqual({
      ...least,
      kind: 'done',
      faults: [],
      photoData: null,
      clockOffsetMs: 0,
      queued: false,
      grams: null,
      tempC: null,
      rh: null,
      pass: null,
      seen: '',
      nextLot: null,
      sure: false,
    });
  });
  it.each([
    ['clientId', 'short'],
    ['batchId', 0],
    ['batchId', 1.5],
    ['task', ''],
    ['at', -1],
    ['at', 1.5],
    ['kind', 'undo'],
    ['deviceSequence', -1],
    ['grams', -1],
    ['grams', 1e9],
    ['tempC', 700],
    ['rh', 55],
    ['pass', 'yes'],
    ['seen', 'x'.repeat(2001)],
  ])('refuses %s %s', (field, value) => {
    const parsed = Record.safeParse({ ...least, [field]: value });
    expect(parsed.success ? [] : parsed.error.issues.map((issue) => issue.path[0])).toEqual([field]);
  });
});
