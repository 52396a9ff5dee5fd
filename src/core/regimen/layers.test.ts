import { describe, expect, it } from 'vitest';
import { faultsOfLayers, holdsOver } from './layers';
import { Regimen } from './schema';
import { coatStep, wait } from './steps';

const slot = (id: string, wants: 'never' | 'drying') => ({ slot: id, name: id, wants: [wants], roles: ['neat-oil' as const] });
const laid = (id: string) =>
  coatStep(id, 'Rub on', 'Rubbed on', wait(5, 10, 20), { slot: id, coat: 1, lies: 'thin', coatClass: 'thin-oil' });
const over = (first: 'never' | 'drying', then: 'never' | 'drying') => {
  const regimen = Regimen.parse({
    id: 'two-oils',
    name: 'Two oils',
    school: 'one over the other',
    gains: '',
    costs: '',
    careClass: 'drying-oil',
    knifeSurface: true,
    slots: [slot('first', first), slot('then', then)],
    steps: [laid('first'), laid('then')],
  });
  const { wont, test } = faultsOfLayers(regimen);
  return wont.length > 0 ? 'will-not' : test.length > 0 ? 'test' : 'holds';
};

describe('what lies over what', () => {
  it('tells an oil that dries from one that never does', () => {
    expect(over('never', 'drying')).toBe('will-not');
    expect(over('drying', 'never')).toBe('holds');
    expect(over('drying', 'drying')).toBe('holds');
    expect(over('never', 'never')).toBe('holds');
  });
  it('lets nothing that hardens hold on what never dries, and wax on anything', () => {
    for (const one of ['oil', 'varnish', 'polish', 'colour', 'filler'] as const) expect(holdsOver(one, 'never')).toBe('will-not');
    expect(holdsOver('seal', 'never')).toBe('test');
    expect(holdsOver('wax', 'never')).toBe('holds');
    expect(holdsOver('never', 'varnish')).toBe('holds');
  });
});
