import { describe, expect, it } from 'vitest';
import { PASTE_UP_TO, POURED_BELOW, REGIMENS, suits } from '.';

const soak = REGIMENS.find((one) => one.id === 'soak-wax')?.slots ?? [];
const code = (slot: number, drying: 'never' | 'drying' | 'mixed', waxEquivalent: number) => {
  const of = soak[slot];
  if (!of) throw new Error('no slot');
  const result = suits(of, { drying, waxEquivalent }, 'B31-01');
  return result.ok ? 'ok' : result.issues[0]?.code;
};

describe('a material in its slot', () => {
  it('rests on the bands of feel', () => expect([POURED_BELOW, PASTE_UP_TO]).toEqual([0.14, 0.85]));
  it.each([
    [0, 'never', 0, 'ok'],
    [0, 'never', 0.2, 'wrong-feel'],
    [0, 'drying', 0, 'wrong-drying'],
    [0, 'mixed', 0, 'stays-tacky'],
    [1, 'never', 0.2, 'ok'],
    [1, 'never', 0, 'wrong-feel'],
    [1, 'never', 1, 'wrong-feel'],
  ] as const)('slot %i, %s at %d: %s', (slot, drying, wax, wanted) => expect(code(slot, drying, wax)).toBe(wanted));
});
