import { describe, expect, it } from 'vitest';
import { POT_HEATERS, type PotNow } from '.';
import { potCalls } from './pot-calls';

const heat = { clearC: 58, pourC: 66, holdMaxC: 85 };
const now = (change: Partial<PotNow>): string =>
  potCalls({
    heater: 'water-bath',
    heat,
    tempC: null,
    onHeatMin: null,
    seenMin: Number.POSITIVE_INFINITY,
    readMin: Number.POSITIVE_INFINITY,
    dryAtMin: null,
    ...change,
  }).join(' ');
const on = (onHeatMin: number, change: Partial<PotNow> = {}): string => now({ onHeatMin, seenMin: 1, readMin: 1, ...change });

describe('what a pot calls out', () => {
  it('is quiet before it is on the heat, and says stir, clear and pour as it warms', () => {
    expect([now({}), on(2), on(5, { tempC: 40 }), on(11, { tempC: 60 }), on(12, { tempC: 67 })]).toEqual([
      '',
      '',
      'stir',
      'clear',
      'pour',
    ]);
  });
  it('warns near the ceiling and past it, by whatever warms it', () => {
    for (const heater of POT_HEATERS) {
      expect(on(1, { heater, tempC: 82 })).toContain('near-ceiling');
      expect(on(1, { heater, tempC: 86 })).toMatch(/^past-ceiling/);
      expect(on(1, { heater, tempC: 86 })).not.toContain('near-ceiling');
    }
    // Without a ceiling there is nothing to be near to.
    expect(on(1, { heat: { ...heat, holdMaxC: null }, tempC: 200 })).toBe('pour');
  });
  it('calls who left it, sooner where nothing holds the heat back', () => {
    expect(on(20, { seenMin: 11, readMin: 11, tempC: 40 })).toContain('left-alone');
    expect(on(20, { seenMin: 9, readMin: 11, tempC: 40 })).toContain('unread');
    expect(on(20, { heater: 'slow-cooker', seenMin: 11, readMin: 9, tempC: 40 })).not.toContain('left-alone');
    expect(on(4, { heater: 'microwave', seenMin: 3.5, readMin: 3.5 })).toContain('left-alone');
    expect(on(3, { heater: 'hob', seenMin: 2.5, readMin: 2.5 })).toBe('left-alone no-bath');
  });
  it('calls the water low in time, by the rehearsal of a bath alone', () => {
    expect([on(37, { dryAtMin: 60, seenMin: 1 }), on(35, { dryAtMin: 60, seenMin: 1, tempC: 40 })]).toEqual([
      'water-low',
      'stir',
    ]);
    expect(on(59, { heater: 'slow-cooker', dryAtMin: 60 })).not.toContain('water-low');
  });
  it('sends a pot in two stages off the heat, and calls it cool enough for its solvent', () => {
    const two = { ...heat, addBelowC: 40 };
    expect(on(10, { heat: two, tempC: 60 })).toBe('clear');
    expect(on(22, { heat: two, tempC: 38 })).toBe('cooled');
  });
});
