import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isOfRegimen, ownStepId, readTaskKey, stepOfTask, withKey, writeTaskKey } from './task-key';

const plain = { added: [], way: null, scuffs: false, round: 1, turn: 1 };

describe('the key of a task', () => {
  it.each([
    ['coat-1', { ...plain, step: 'coat-1' }],
    ['coat-1#2', { ...plain, step: 'coat-1', round: 2 }],
    ['check+3', { ...plain, step: 'check', turn: 3 }],
    ['coat-3*12*13#2', { ...plain, step: 'coat-3', added: [12, 13], round: 2 }],
    ['gummed~7:wipe+2', { ...plain, step: 'wipe', way: { kind: 'gummed', id: 7 }, turn: 2 }],
    ['scuff^coat-2', { ...plain, step: 'coat-2', scuffs: true }],
    ['scuff^gummed~7:coat', { ...plain, step: 'coat', way: { kind: 'gummed', id: 7 }, scuffs: true }],
  ])('%s is read and written', (text, key) => {
    expect(readTaskKey(text)).toEqual(key);
    expect(writeTaskKey(key)).toBe(text);
  });
  it('comes back as it was written, whatever it says', () => {
    const step = fc.stringMatching(/^[a-z][a-z0-9-]{0,12}$/);
    const whole = fc.integer({ min: 1, max: 99 });
    const keys = fc.record({
      step,
      added: fc.array(whole, { maxLength: 3 }),
      way: fc.option(fc.record({ kind: step, id: whole })),
      scuffs: fc.boolean(),
      round: whole,
      turn: whole,
    });
    fc.assert(
      fc.property(keys, (key) => {
        expect(readTaskKey(writeTaskKey(key))).toEqual(key);
      }),
    );
  });
  it('of a step with a name of the maker’s own is that name', () => {
    expect(readTaskKey('oil # and + wax').step).toBe('oil # and + wax');
  });
  it('stands for its step, whatever its round and turn', () => {
    expect(['coat-1#2', 'check+3', 'coat-3*12#2', 'gummed~7:wipe+2', 'scuff^coat-2'].map(stepOfTask)).toEqual([
      'coat-1',
      'check',
      'coat-3*12',
      'gummed~7:wipe',
      'scuff^coat-2',
    ]);
  });
  it('tells a regimen’s own steps from ways back and scuffs', () => {
    expect(['coat-1#2', 'coat-3*12', 'gummed~7:wipe', 'scuff^coat-2'].map(isOfRegimen)).toEqual([true, true, false, false]);
  });
  it('is a plain name in a regimen of its own', () => {
    expect(['coat-3*12#2', 'gummed~7:wipe', 'scuff^coat-2+2'].map(ownStepId)).toEqual([
      'coat-3-12',
      'gummed-7-wipe',
      'scuff-coat-2',
    ]);
  });
  it('changes in one part', () => {
    expect(withKey('gummed~7:wipe', { turn: 2 })).toBe('gummed~7:wipe+2');
  });
});
