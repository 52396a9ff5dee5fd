import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/material';
import { BASE_READS } from '@/core/quantity';
import { putRight, type Right, type RightLot, rightChoices, rightsOf } from '.';

describe('putting right', () => {
  const lot = (change: Partial<RightLot>): RightLot => ({
    id: 1,
    number: 'B31-01',
    title: 'Paste',
    leftG: 800,
    receivedG: 1000,
    waxEquivalent: 0.2,
    composition: { beeswax: 0.2, 'mineral-oil': 0.8 },
    ...change,
  });
  const wax = lot({ id: 2, number: 'S31-02', waxEquivalent: 1, leftG: 500, composition: { beeswax: 1 } });
  const solvent = lot({ id: 3, number: 'S31-06', waxEquivalent: 0, leftG: 900, composition: { 'citrus-solvent': 1 } });
  const asked = { other: 2, purpose: 'firm-paste', gross: '', tare: '', target: '50' };
  const code = (result: ReturnType<typeof putRight>) => (result.ok ? 'ok' : result.issues[0]?.code);
  it('hardens by the wax it takes, and refuses the wrong way and more than there is', () => {
    const firm = putRight(lot({}), wax, { mode: 'feel', ...asked }, 20, BASE_READS, SHIPPED);
    const added = firm.ok ? (firm.value.parts[1]?.grams ?? 0) : 0;
    expect((800 * 0.2 + added) / (800 + added)).toBeCloseTo(0.32, 12);
    expect(code(putRight(lot({}), wax, { mode: 'feel', ...asked, purpose: 'feed' }, 20, BASE_READS, SHIPPED))).toBe('wrong-way');
    expect(code(putRight(lot({}), { ...wax, leftG: 10 }, { mode: 'feel', ...asked }, 20, BASE_READS, SHIPPED))).toBe('overdrawn');
    expect(code(putRight(lot({}), undefined, { mode: 'feel', ...asked }, 20, BASE_READS, SHIPPED))).toBe('required');
  });
  it('marries two part-lots to what lies between them', () => {
    const hard = lot({ id: 4, number: 'B31-02', waxEquivalent: 0.5, leftG: 300 });
    const wed = putRight(lot({}), hard, { mode: 'marry', ...asked }, 20, BASE_READS, SHIPPED);
    if (!wed.ok) throw new Error('no marriage');
    const [a = 0, b = 0] = wed.value.parts.map((part) => part.grams);
    expect((a * 0.2 + b * 0.5) / (a + b)).toBeCloseTo(0.32, 9);
    expect(code(putRight(lot({}), hard, { mode: 'marry', ...asked, purpose: 'hard-polish' }, 20, BASE_READS, SHIPPED))).toBe(
      'target-out-of-reach',
    );
  });
  it('tops a bottle up by weighing it, and lets a concentrate down', () => {
    const thin = lot({ leftG: 600, receivedG: 600, composition: { 'tung-oil': 0.5, 'citrus-solvent': 0.5 } });
    expect(
      putRight(thin, solvent, { mode: 'top-up', ...asked, gross: '760 g', tare: '180 g' }, 20, BASE_READS, SHIPPED),
    ).toMatchObject({
      ok: true,
      value: { lostG: expect.closeTo(20, 9), parts: [{ lotId: 3 }] },
    });
    expect(
      code(putRight(thin, solvent, { mode: 'top-up', ...asked, gross: '800 g', tare: '180 g' }, 20, BASE_READS, SHIPPED)),
    ).toBe('bottle-gained');
    expect(code(putRight(thin, wax, { mode: 'top-up', ...asked, gross: '760', tare: '180' }, 20, BASE_READS, SHIPPED))).toBe(
      'not-one-volatile',
    );
    expect(code(putRight(thin, solvent, { mode: 'top-up', ...asked, gross: 'x', tare: '180' }, 20, BASE_READS, SHIPPED))).toBe(
      'not-a-number',
    );
    const strong = lot({ leftG: 400, composition: { 'tung-oil': 1 } });
    expect(putRight(strong, solvent, { mode: 'let-down', ...asked, target: '50 %' }, 20, BASE_READS, SHIPPED)).toMatchObject({
      ok: true,
      value: { parts: [{ grams: 400 }, { grams: expect.closeTo(400, 6) }] },
    });
    expect(code(putRight(strong, solvent, { mode: 'let-down', ...asked, target: '0' }, 20, BASE_READS, SHIPPED))).toBe(
      'target-out-of-reach',
    );
  });
  it('offers for each way what it may take', () => {
    const others = [lot({ id: 1 }), wax, solvent, lot({ id: 5, composition: { 'mineral-oil': 1 } })];
    const ids = (mode: Right) => rightChoices(mode, lot({}), others, SHIPPED).map((one) => one.id);
    expect(ids('feel')).toEqual([1, 2, 5]);
    expect(ids('marry')).toEqual([1]);
    expect([ids('top-up'), ids('let-down')]).toEqual([[3], [3]]);
  });
  it('melts nothing that must not be heated, and lets down with what mixes', () => {
    const polish = lot({ composition: { 'shellac-solution': 0.6, 'ethanol-pure': 0.4 } });
    expect(rightsOf(polish, SHIPPED)).toEqual(['top-up', 'let-down']);
    expect(rightsOf(lot({}), SHIPPED)).toEqual(['feel', 'marry', 'let-down']);
    expect(rightsOf(lot({ composition: { undeclared: 1 } }), SHIPPED)).toEqual([]);
    const alcohol = lot({ id: 6, composition: { 'ethanol-pure': 1 } });
    const thin = lot({ id: 7, composition: { 'tung-oil': 0.5, 'citrus-solvent': 0.5 } });
    const offered = (mode: Right, to: RightLot) =>
      rightChoices(mode, to, [solvent, alcohol, thin, wax], SHIPPED).map((one) => one.id);
    expect(offered('let-down', polish)).toEqual([6]);
    expect(offered('let-down', thin)).toEqual([3]);
    expect(offered('marry', lot({}))).toEqual([]);
    expect(offered('feel', lot({}))).toEqual([2]);
  });
  it('is let down with the solvent it holds already, and twice with the same', () => {
    const down = (composition: Record<string, number>, target: string) =>
      putRight(lot({ leftG: 400, composition }), solvent, { mode: 'let-down', ...asked, target }, 20, BASE_READS, SHIPPED);
    const half = down({ 'tung-oil': 0.75, 'citrus-solvent': 0.25 }, '50');
    expect(half).toMatchObject({
      ok: true,
      value: { totalG: expect.closeTo(600, 6), parts: [{ grams: 400 }, { grams: expect.closeTo(200, 6) }] },
    });
    expect(code(down({ 'tung-oil': 0.5, 'citrus-solvent': 0.5 }, '60'))).toBe('ok');
    expect(code(down({ 'tung-oil': 0.5, 'citrus-solvent': 0.5 }, '50'))).toBe('thinner-already');
  });
  it('says what it makes, and leaves no gram out', () => {
    const firm = putRight(lot({}), wax, { mode: 'feel', ...asked }, 20, BASE_READS, SHIPPED);
    const wed = putRight(
      lot({}),
      lot({ id: 4, number: 'B31-02', waxEquivalent: 0.5, leftG: 300 }),
      { mode: 'marry', ...asked },
      20,
      BASE_READS,
      SHIPPED,
    );
    const thin = putRight(
      lot({ leftG: 400, composition: { 'tung-oil': 1 } }),
      solvent,
      { mode: 'let-down', ...asked, target: '25' },
      20,
      BASE_READS,
      SHIPPED,
    );
    for (const found of [firm, wed, thin]) {
      if (!found.ok) throw new Error('not found');
      expect(found.value.totalG).toBeCloseTo(
        found.value.parts.reduce((sum, part) => sum + part.grams, 0),
        9,
      );
      expect(found.value.lostG).toBe(0);
    }
    expect([firm, wed, thin].map((found) => found.ok && found.value.mode)).toEqual(['feel', 'marry', 'let-down']);
    // A quarter of solvent in 400 g of oil: 133 g.
    expect(thin.ok && thin.value.parts[1]?.grams).toBeCloseTo(400 / 3, 6);
    // In a cold shop the same wax stiffens more: less of it is wanted.
    const cold = putRight(lot({}), wax, { mode: 'feel', ...asked }, 10, BASE_READS, SHIPPED);
    const [warmG, coldG] = [firm, cold].map((found) => (found.ok ? (found.value.parts[1]?.grams ?? 0) : 0));
    expect(coldG).toBeLessThan(warmG ?? 0);
  });
  it('counts what was drawn from a bottle since it was full', () => {
    const thin = lot({ leftG: 450, receivedG: 600, composition: { 'tung-oil': 0.5, 'citrus-solvent': 0.5 } });
    // 150 g were drawn: 450 g should stand in it, and 430 g do.
    const found = putRight(thin, solvent, { mode: 'top-up', ...asked, gross: '610', tare: '180' }, 20, BASE_READS, SHIPPED);
    expect(found).toMatchObject({
      ok: true,
      value: {
        mode: 'top-up',
        lostG: expect.closeTo(20, 9),
        totalG: expect.closeTo(470, 9),
        parts: [{ lotId: 3, grams: expect.closeTo(20, 9) }],
      },
    });
    const two = lot({ composition: { 'tung-oil': 0.5, 'citrus-solvent': 0.3, turpentine: 0.2 } });
    expect(code(putRight(two, solvent, { mode: 'top-up', ...asked, gross: '610', tare: '180' }, 20, BASE_READS, SHIPPED))).toBe(
      'not-one-volatile',
    );
    expect(code(putRight(thin, solvent, { mode: 'top-up', ...asked, gross: '610', tare: 'x' }, 20, BASE_READS, SHIPPED))).toBe(
      'not-a-number',
    );
    for (const target of ['100', '-5', 'half', ''])
      expect(code(putRight(thin, solvent, { mode: 'let-down', ...asked, target }, 20, BASE_READS, SHIPPED)), target).toBe(
        'target-out-of-reach',
      );
  });
});
