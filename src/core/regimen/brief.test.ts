import { describe, expect, it } from 'vitest';
import { briefly, inFull } from './brief';
import { REGIMENS } from './shipped';

describe('a regimen on its way to a browser', () => {
  it('comes out as it went in, every school', () => {
    for (const regimen of REGIMENS) expect(inFull(JSON.parse(JSON.stringify(briefly(regimen))))).toEqual(regimen);
  });
  it('is at most six tenths as long', () => {
    const long = (value: unknown): number => JSON.stringify(value).length;
    expect(long(REGIMENS.map(briefly)) / long(REGIMENS)).toBeLessThan(0.6);
  });
});
