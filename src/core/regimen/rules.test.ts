import { describe, expect, it } from 'vitest';
import { faultsOfSequence, REGIMENS, type Regimen, type RegimenStep } from '.';
import { buffStep, coatStep, sandStep, step, wait, wipeStep } from './steps';

const drying = {
  slot: 'oil',
  name: 'Oil',
  wants: ['drying' as const],
  feel: 'liquid' as const,
  roles: [],
  quickHours: null,
  repeat: null,
  adds: [],
  hint: '',
};
const paste = { ...drying, slot: 'paste', wants: ['never' as const] };
const of = (...steps: RegimenStep[]): Regimen => ({ ...(REGIMENS[1] as Regimen), slots: [drying, paste], steps });
const flood = (id: string, dwell = wait(5, 10, 20), slot = 'oil') =>
  coatStep(id, 'Flood', 'Flooded', dwell, { slot, coat: 1, lies: 'flooded', coatClass: 'flood-oil' });
const codes = (...steps: RegimenStep[]) => faultsOfSequence(of(...steps)).map(({ code, path }) => [code, path]);

describe('the rules of sequence', () => {
  it.each(REGIMENS.map((regimen) => [regimen.id, regimen] as const))('hold for %s as shipped', (_, regimen) => {
    expect(faultsOfSequence(regimen)).toEqual([]);
  });
  it('bake nothing, under whatever name', () => {
    for (const action of [
      'Warm it with a heat gun',
      'Blow hot air on it',
      'Dry it with a hair dryer',
      'Blow-dry it',
      'Into the oven',
      'Microwave it',
    ])
      expect(codes(step('turn', 'hot', action, 'Warmed', wait(0, 0, null)))).toContainEqual(['no-baking', 'steps.0']);
    expect(codes(step('turn', 'air', 'Set it in moving air to dry', 'Set', wait(0, 0, null)))).toEqual([]);
  });
  it('want each grit finer, and none more than double', () => {
    expect(codes(sandStep(120), sandStep(80))).toEqual([['grit-backwards', 'steps.1']]);
    expect(codes(sandStep(80), sandStep(180))).toEqual([['grit-jump', 'steps.1']]);
    expect(codes(sandStep(120), sandStep(220), sandStep(220 * 2))).toEqual([]);
    const scuff = step('scuff', 'scuff', 'Scuff with 180', 'Scuffed', wait(0, 0, null), { grit: 180 });
    expect(codes(sandStep(120), sandStep(220), scuff)).toEqual([['scuff-coarser', 'steps.2']]);
  });
  it('want what floods wiped before another material or the end', () => {
    expect(codes(flood('a'))).toEqual([['wipe-missing', 'steps.0']]);
    expect(codes(flood('a'), wipeStep('w', wait(0, 0, null)))).toEqual([]);
    expect(codes(flood('a'), flood('b', wait(5, 10, 20)), wipeStep('w', wait(0, 0, null)))).toEqual([]);
  });
  it('want nothing over a coat that is still wet', () => {
    const over = coatStep('p', 'Paste', 'Pasted', wait(5, 10, 60), {
      slot: 'paste',
      coat: 1,
      lies: 'thin',
      coatClass: 'wax-paste',
    });
    expect(codes(flood('a'), over, buffStep('b', wait(0, 0, null))).map(([code]) => code)).toContain('coat-over-wet');
    expect(codes(flood('a'), wipeStep('w', wait(0, 0, null)), over, buffStep('b', wait(0, 0, null)))).toEqual([]);
  });
  it('bound the dwell of what dries, and let a never-drying one lie', () => {
    const first = [flood('first'), wipeStep('v', wait(0, 0, null))];
    expect(codes(...first, flood('a', wait(5, 30, 300)), wipeStep('w', wait(0, 0, null)))).toEqual([
      ['dwell-past-chemistry', 'steps.2'],
    ]);
    expect(codes(...first, flood('a', wait(300, 300, null)), wipeStep('w', wait(0, 0, null)))).toEqual([
      ['dwell-past-chemistry', 'steps.2'],
    ]);
    // A wet first soak may lie longer; what can go wrong is read when a batch begins with it.
    expect(codes(flood('a', wait(300, 300, null)), wipeStep('w', wait(0, 0, null)))).toEqual([]);
    // Without a bound it goes by the oil's own, which the plan keeps.
    expect(codes(flood('a', wait(5, 30, null)), wipeStep('w', wait(0, 0, null)))).toEqual([]);
    expect(codes(flood('a', wait(5, 30, 300), 'paste'), wipeStep('w', wait(0, 0, null)))).toEqual([]);
  });
  it('know the materials and want every step named once', () => {
    expect(codes(flood('a', wait(5, 10, 20), 'tar'), wipeStep('w', wait(0, 0, null)))).toEqual([
      ['unknown-line', 'steps.0.slot'],
    ]);
    expect(codes(sandStep(120), { ...sandStep(180), id: 'sand-120' })).toEqual([['duplicate-id', 'steps.1']]);
  });
});
