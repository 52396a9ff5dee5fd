import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { saveFormula } from '../blends/commands';
import { sellTins } from '../care/tins';
import type { Db } from '../db';
import { fillJars, finishWeighing, recordPotWeighing, startPour } from '../pour/commands';
import { finishHeating } from '../pour/heat';
import { findPot } from '../pour/queries';
import { setUpShop } from '../shop/commands';
import { emptyDb } from '../testing';
import { traceOf } from '../trace/queries';
import { combineLots, topUpSolvent } from './combine';
import { addContainer, countLot, loseFrom, move, receiveLot } from './commands';
import { heldBy, holdLot, liftHold } from './holds';
import { allLots, findLot, leftOf } from './queries';
import { calibrate, checkLot, hardeningOf, keepDeclaration, recordOf, recordThumb, thumbFactors } from './senses';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const bought = (ingredientId: string, grams: number, bestBefore: string | null = null) =>
  receiveLot(
    db,
    { ingredientId, grams, supplier: '', supplierCode: '', openedOn: null, bestBefore, priceMinor: 1000, note: '' },
    by,
  );
const lot = (number: string) => findLot(allLots(db), number);

/** A pot of wax and oil, filled into some tins; gives the made lot's id. */
function pot(wax: number, oil: number, tins = 0): number {
  const saved = saveFormula(
    db,
    {
      id: null,
      version: 1,
      name: `Paste ${wax} ${oil} ${allLots(db).length}`,
      basis: 'mass',
      note: '',
      lines: [
        { ingredient: 'beeswax', parts: wax },
        { ingredient: 'mineral-oil', parts: oil },
      ],
    },
    by,
  );
  const started = saved.ok ? startPour(db, { revisionId: saved.value.revisionId, targetG: wax + oil }, by) : saved;
  if (!started.ok) throw new Error('no pot');
  const { id } = started.value;
  recordPotWeighing(
    db,
    { clientId: `wax-${id}-aaaa`, pourId: id, ingredientId: 'beeswax', lotId: 1, readingG: wax, corrects: null },
    by,
  );
  recordPotWeighing(
    db,
    { clientId: `oil-${id}-aaaa`, pourId: id, ingredientId: 'mineral-oil', lotId: 2, readingG: wax + oil, corrects: null },
    by,
  );
  finishWeighing(db, id, findPot(db, id)?.version ?? 0, by);
  finishHeating(db, id, findPot(db, id)?.version ?? 0, by);
  fillJars(
    db,
    {
      pourId: id,
      version: findPot(db, id)?.version ?? 0,
      residueG: 0,
      jars: tins > 0 ? [{ containerId: 1, count: tins, netG: 50 }] : [],
    },
    by,
  );
  return findPot(db, id)?.lotId ?? 0;
}

beforeEach(() => {
  db = emptyDb();
  setUpShop(
    db,
    { name: 'S', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] },
    NOW,
  );
  addContainer(db, { name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 50 });
  bought('beeswax', 2000, '2031-08-01');
  bought('mineral-oil', 5000);
});

describe('pouring lots together', () => {
  it('conserves mass to a billionth through any marriage, bath and loss, and never goes below nothing', () => {
    const made = [pot(100, 400), pot(150, 350), pot(60, 600)];
    const action = fc.record({
      from: fc.nat(8),
      other: fc.nat(8),
      share: fc.double({ min: 0, max: 1.2, noNaN: true }),
      what: fc.constantFrom('marry', 'bath', 'top', 'lose', 'count'),
    });
    fc.assert(
      fc.property(fc.array(action, { minLength: 1, maxLength: 8 }), (actions) => {
        for (const { from, other, share, what } of actions) {
          const lots = allLots(db);
          const total = lots.reduce((sum, one) => sum + one.leftG, 0);
          const a = lots[from % lots.length];
          const b = lots[other % lots.length];
          if (!a || !b) continue;
          const grams = a.leftG * share;
          let out = 0;
          if (what === 'lose') out = loseFrom(db, a.id, grams, by).ok ? grams : 0;
          else if (what === 'count')
            out = countLot(db, a.id, a.leftG * Math.min(1, share), by).ok ? a.leftG * (1 - Math.min(1, share)) : 0;
          else {
            const parts = [
              { lotId: a.id, grams },
              { lotId: b.id, grams: b.leftG * 0.3 },
            ];
            const bath = lots.find((one) => one.kind === 'bath');
            combineLots(
              db,
              {
                parts,
                into:
                  what === 'marry'
                    ? { kind: 'made' }
                    : what === 'top' && bath
                      ? { kind: 'top', lotId: bath.id }
                      : { kind: 'bath', name: 'Trough' },
              },
              by,
            );
          }
          const after = allLots(db);
          expect(Math.abs(after.reduce((sum, one) => sum + one.leftG, 0) + out - total)).toBeLessThanOrEqual(
            1e-9 * Math.max(1, total),
          );
          for (const one of after) {
            expect(leftOf(db, one.id)).toBeGreaterThanOrEqual(-1e-6);
            const whole = Object.values(one.composition).reduce((sum, w) => sum + w, 0);
            expect(whole).toBeCloseTo(1, 9);
          }
        }
      }),
      { seed: 21, numRuns: 25 },
    );
    expect(made.every((id) => id > 0)).toBe(true);
  });
  it('makes a married lot that knows both, with the earlier best-before, and refuses circles', () => {
    const [a, b] = [pot(100, 400), pot(150, 350)];
    const wed = combineLots(
      db,
      {
        parts: [
          { lotId: a, grams: 200 },
          { lotId: b, grams: 200 },
        ],
        into: { kind: 'made' },
        slip: { kind: 'marry', says: 'married' },
      },
      by,
    );
    const child = allLots(db).at(-1);
    expect(child).toMatchObject({ kind: 'made', bestBefore: '2031-08-01', composition: { beeswax: expect.closeTo(0.25, 12) } });
    expect(recordOf(db, child?.id ?? 0).slips).toMatchObject([{ kind: 'marry' }]);
    expect(wed.ok).toBe(true);
    combineLots(db, { parts: [{ lotId: child?.id ?? 0, grams: 100 }], into: { kind: 'bath', name: 'Trough' } }, by);
    const bath = allLots(db).at(-1);
    combineLots(db, { parts: [{ lotId: bath?.id ?? 0, grams: 50 }], into: { kind: 'made' } }, by);
    expect(
      code(combineLots(db, { parts: [{ lotId: bath?.id ?? 0, grams: 5 }], into: { kind: 'top', lotId: bath?.id ?? 0 } }, by)),
    ).toBe('same-lot');
    expect(
      code(
        combineLots(
          db,
          {
            parts: [
              { lotId: a, grams: 9 },
              { lotId: a, grams: 9 },
            ],
            into: { kind: 'made' },
          },
          by,
        ),
      ),
    ).toBe('same-lot');
    expect(code(combineLots(db, { parts: [{ lotId: a, grams: 9e6 }], into: { kind: 'made' } }, by))).toBe('overdrawn');
  });
  it('keeps a bath’s allergens for ever, however often it is topped up', () => {
    bought('walnut-oil-raw', 100);
    combineLots(
      db,
      {
        parts: [
          { lotId: 2, grams: 900 },
          { lotId: 3, grams: 100 },
        ],
        into: { kind: 'bath', name: 'Long trough' },
      },
      by,
    );
    const bath = allLots(db).at(-1);
    move(db, { lotId: bath?.id ?? 0, grams: -990, why: 'coat' }, by);
    for (let i = 0; i < 3; i++)
      combineLots(db, { parts: [{ lotId: 2, grams: 900 }], into: { kind: 'top', lotId: bath?.id ?? 0 } }, by);
    expect(allLots(db).at(-1)).toMatchObject({
      title: 'Long trough',
      leftG: expect.closeTo(2710, 9),
      nature: { allergens: ['tree nut'], ragHazard: 'self-heating' },
    });
  });
});

describe('a bottle topped up', () => {
  it('holds as much as before, knows the new solvent’s lot, and is no stronger in it than it was', () => {
    bought('tung-oil', 500);
    bought('citrus-solvent', 400);
    bought('citrus-solvent', 400);
    combineLots(
      db,
      {
        parts: [
          { lotId: 3, grams: 300 },
          { lotId: 4, grams: 300 },
        ],
        into: { kind: 'bath', name: 'Thinned tung' },
      },
      by,
    );
    const bottle = allLots(db).at(-1);
    const slip = { kind: 'top-up' as const, says: '20 g left through the lid' };
    expect(code(topUpSolvent(db, { lotId: bottle?.id ?? 0, solventLotId: 5, lostG: 20, slip }, by))).toBe('ok');
    const after = allLots(db).at(-1);
    expect(after).toMatchObject({
      leftG: expect.closeTo(600, 9),
      composition: { 'tung-oil': expect.closeTo(0.5, 9), 'citrus-solvent': expect.closeTo(0.5, 9) },
    });
    expect([leftOf(db, 4), leftOf(db, 5)]).toEqual([100, 380]);
    expect(
      traceOf(db, bottle?.id ?? 0)
        ?.lots.filter((one) => one.way === 'back')
        .map((one) => one.id),
    ).toEqual([3, 4, 5]);
    expect(code(topUpSolvent(db, { lotId: bottle?.id ?? 0, solventLotId: 5, lostG: 0, slip }, by))).toBe('must-be-positive');
    expect(code(topUpSolvent(db, { lotId: bottle?.id ?? 0, solventLotId: 5, lostG: 900, slip }, by))).toBe('overdrawn');
    expect(code(topUpSolvent(db, { lotId: 3, solventLotId: bottle?.id ?? 0, lostG: 1, slip }, by))).toBe('not-found');
    expect(leftOf(db, bottle?.id ?? 0)).toBeCloseTo(600, 9);
  });
});

describe('a hold', () => {
  it('stops the lot and all that came from it at once, and lifting it frees them', () => {
    const made = pot(100, 400, 3);
    expect(code(holdLot(db, 1, ' ', by))).toBe('reason-needed');
    expect(code(holdLot(db, 1, 'Smells of turpentine', by))).toBe('ok');
    const tin = allLots(db).find((one) => one.kind === 'tin');
    const now = by.nowMs;
    expect([heldBy(db, made, now), heldBy(db, tin?.id ?? 0, now), heldBy(db, 2, now)]).toEqual(['S31-01', 'S31-01', null]);
    // What was drawn before the hold was laid is drawn, however late it is written down.
    expect(heldBy(db, made, now - 1)).toBeNull();
    expect(lot('B31-01')?.held).toEqual({ number: 'S31-01', reason: 'Smells of turpentine' });
    for (const why of ['pour', 'coat', 'bath', 'fill', 'sale'] as const)
      expect(code(move(db, { lotId: made, grams: -1, why }, by))).toBe('lot-held');
    expect(code(move(db, { lotId: made, grams: -1, why: 'loss' }, by))).toBe('ok');
    expect(
      code(sellTins(db, { lotId: tin?.id ?? 0, count: 1, priceMinor: null, buyer: '', withPiece: '', soldOn: '2031-03-03' }, by)),
    ).toBe('lot-held');
    expect([code(liftHold(db, 1, ' ', by)), lot('B31-01')?.held?.number]).toEqual(['reason-needed', 'S31-01']);
    const lift = () => code(liftHold(db, 1, 'cleared by the supplier', by));
    expect([lift(), lift(), lot('B31-01')?.held]).toEqual(['ok', 'not-found', null]);
  });
});

describe('a second reason to hold a lot', () => {
  it('is kept beside the first, the same one once, and one lifting clears both', () => {
    pot(100, 400, 3);
    for (const reason of ['Smells of turpentine', 'Recalled by its supplier', 'Recalled by its supplier'])
      expect(code(holdLot(db, 1, reason, by))).toBe('ok');
    expect(lot('B31-01')?.held?.reason).toBe('Smells of turpentine; Recalled by its supplier');
    expect(code(liftHold(db, 1, 'cleared by the supplier', by))).toBe('ok');
    expect(lot('B31-01')?.held).toBeNull();
  });
});

describe('tins', () => {
  it('are sold by the piece, never more than there are, and a trace finds their buyers', () => {
    const made = pot(100, 400, 3);
    const tin = allLots(db).find((one) => one.kind === 'tin');
    const sell = (count: number, withPiece = '') =>
      sellTins(db, { lotId: tin?.id ?? 0, count, priceMinor: 900, buyer: 'A neighbour', withPiece, soldOn: '2031-03-03' }, by);
    expect([code(sell(4)), code(sell(0)), code(sell(1, 'NOSUCHCODE')), code(sell(2))]).toEqual([
      'not-enough-tins',
      'must-be-positive',
      'not-found',
      'ok',
    ]);
    expect(allLots(db).find((one) => one.kind === 'tin')).toMatchObject({ countLeft: 1, leftG: expect.closeTo(50, 9) });
    const trace = traceOf(db, 1);
    expect(trace?.lots.map((one) => [one.number, one.way])).toEqual([
      ['S31-01', 'self'],
      ['B31-01', 'on'],
      ['B31-01/a', 'on'],
    ]);
    expect(trace?.tins).toMatchObject([{ count: 2, buyer: 'A neighbour' }]);
    expect(
      traceOf(db, made)
        ?.lots.filter((one) => one.way === 'back')
        .map((one) => one.number),
    ).toEqual(['S31-01', 'S31-02']);
    expect(traceOf(db, 999)).toBeNull();
  });
});

describe('what is found of a lot', () => {
  it('is kept: senses, declarations, movements', () => {
    expect(code(checkLot(db, { lotId: 1, kind: 'thumbnail', pass: false, note: 'drags' }, by))).toBe('ok');
    expect(code(keepDeclaration(db, { lotId: 1, name: 'wax.pdf', hash: 'ab', bytes: 3 }, by))).toBe('ok');
    expect(code(checkLot(db, { lotId: 77, kind: 'smell', pass: true, note: '' }, by))).toBe('not-found');
    expect(recordOf(db, 1)).toMatchObject({
      checks: [{ kind: 'thumbnail', pass: false, initials: 'MO' }],
      declarations: [{ name: 'wax.pdf' }],
      movements: [{ grams: 2000, why: 'receive' }],
    });
  });
  it('makes it doubtful wherever it stands and in what was made of it, until it passes', () => {
    const made = pot(100, 400);
    const doubts = () => [lot('S31-01')?.doubt, allLots(db).find((one) => one.id === made)?.doubt];
    const check = (pass: boolean, tempC: number | null = null, kind: 'thumbnail' | 'smell' = 'thumbnail') =>
      checkLot(db, { lotId: 1, kind, pass, note: '', tempC }, by);
    expect(doubts()).toEqual([null, null]);
    check(false, 10);
    // Too cold to say anything.
    expect(doubts()).toEqual([null, null]);
    check(false, 20);
    expect(doubts()).toEqual([
      { kind: 'thumbnail', number: 'S31-01' },
      { kind: 'thumbnail', number: 'S31-01' },
    ]);
    check(false, null, 'smell');
    expect(lot('S31-01')?.doubt?.kind).toBe('smell');
    check(true, 20);
    check(true, null, 'smell');
    expect(doubts()).toEqual([null, null]);
  });
  it('moves the shop’s hardening when a calibration is taken up, and back', () => {
    const made = pot(100, 400);
    expect(code(recordThumb(db, { lotId: made, tempC: 20, felt: 'firm-paste' }, by))).toBe('ok');
    expect(code(recordThumb(db, { lotId: made, tempC: 200, felt: 'soap' }, by))).toBe('too-large');
    const factors = thumbFactors(db);
    expect(factors).toMatchObject([{ ingredient: 'beeswax', before: 1, tests: 1 }]);
    calibrate(db, factors, by);
    expect(hardeningOf(db).beeswax).toBe(factors[0]?.after);
    calibrate(db, [], by);
    expect(hardeningOf(db)).toEqual({});
  });
});
