import { beforeEach, describe, expect, it } from 'vitest';
import { saveFormula } from '../blends/commands';
import type { Db } from '../db';
import { setUpShop } from '../shop/commands';
import { receiveLot } from '../stores/commands';
import { emptyDb } from '../testing';
import { finishWeighing, recordPotWeighing, startPour } from './commands';
import { addPan, fitPanTo, putOnHeat, recordPotTemperature } from './heat';
import { findPot, meltsOf, pans, usualResidue } from './queries';
import { recordHeatSlip } from './slips';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const at = (minutes: number) => ({ personId: 1, nowMs: NOW + minutes * 60_000 });
const pan = { name: 'Enamel pan', waterG: 1400, heaterW: 800, lossWPerK: 3, uaWPerK: 10 };
let db: Db;
let pourId = 0;
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const version = () => findPot(db, pourId)?.version ?? 0;

beforeEach(() => {
  db = emptyDb();
  setUpShop(
    db,
    { name: 'S', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] },
    NOW,
  );
  for (const ingredientId of ['beeswax', 'mineral-oil'])
    receiveLot(
      db,
      { ingredientId, grams: 1000, supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' },
      at(0),
    );
  const lines = [
    { ingredient: 'beeswax', parts: 1 },
    { ingredient: 'mineral-oil', parts: 4 },
  ];
  const saved = saveFormula(db, { id: null, version: 1, name: 'Paste', basis: 'mass', note: '', lines }, at(0));
  const started = saved.ok ? startPour(db, { revisionId: saved.value.revisionId, targetG: 500 }, at(0)) : saved;
  pourId = started.ok ? started.value.id : 0;
  recordPotWeighing(
    db,
    { clientId: 'wax-0001', pourId, ingredientId: 'beeswax', lotId: 1, readingG: 100, corrects: null },
    at(1),
  );
  recordPotWeighing(
    db,
    { clientId: 'oil-0001', pourId, ingredientId: 'mineral-oil', lotId: 2, readingG: 500, corrects: null },
    at(2),
  );
  finishWeighing(db, pourId, version(), at(3));
});

describe('a melt', () => {
  it('is logged from when the pot went on the heat, in the pan by name, and teaches that pan', () => {
    expect([code(addPan(db, pan)), code(addPan(db, pan))]).toEqual(['ok', 'name-taken']);
    expect(code(putOnHeat(db, pourId, version(), 9, at(4)))).toBe('not-found');
    recordPotTemperature(db, { clientId: 'early-01', pourId, tempC: 19 }, at(3));
    expect(code(putOnHeat(db, pourId, version(), 1, at(5)))).toBe('ok');
    expect(code(putOnHeat(db, pourId, 1, 1, at(5)))).toBe('stale');
    for (const [i, tempC] of [30, 52, 64].entries())
      recordPotTemperature(db, { clientId: `temp-000${i}`, pourId, tempC }, at(10 + i * 5));
    // The same reading sent twice is one.
    recordPotTemperature(db, { clientId: 'temp-0002', pourId, tempC: 99 }, at(40));
    expect(meltsOf(db, 1)).toMatchObject([
      {
        potG: 500,
        readings: [
          { min: 5, tempC: 30 },
          { min: 10, tempC: 52 },
          { min: 15, tempC: 64 },
        ],
      },
    ]);
    expect(code(fitPanTo(db, 1, { heaterW: 640, lossWPerK: 3.1, uaWPerK: 8 }, 3))).toBe('ok');
    expect(pans(db)).toMatchObject([{ name: 'Enamel pan', heaterW: 640, fittedReadings: 3, version: 2 }]);
    expect(code(fitPanTo(db, 7, { heaterW: 1, lossWPerK: 1, uaWPerK: 1 }, 1))).toBe('not-found');
  });
  it('keeps a dry bath on the record without holding what did not brown', () => {
    expect(code(recordHeatSlip(db, { pourId, kind: 'boiled-dry', spoilt: false }, at(20)))).toBe('ok');
    expect(findPot(db, pourId)?.slips.map((one) => one.says)).toEqual([expect.stringContaining('Nothing browned')]);
    expect(usualResidue(db)).toBe(0);
  });
});
