import { beforeEach, describe, expect, it } from 'vitest';
import { saveFormula } from '../blends/commands';
import { allFormulas } from '../blends/queries';
import type { Db } from '../db';
import { setUpShop } from '../shop/commands';
import { addContainer, countContainer, countLot, move, receiveLot } from '../stores/commands';
import { allLots, containers, leftOf, pricesPerKg } from '../stores/queries';
import { emptyDb } from '../testing';
import { traceOf } from '../trace/queries';
import { abandonPour, fillJars, finishWeighing, lidJars, makeCold, recordPotWeighing, startPour } from './commands';
import { finishHeating, recordPotTemperature } from './heat';
import { findPot, openJars } from './queries';
import { recordHeatSlip, rescale, settleShort, spreadSlip } from './slips';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
let revisionId: number;
let pourId: number;
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const pot = () => findPot(db, pourId);
const paste = {
  id: null,
  version: 1,
  name: 'Paste',
  basis: 'mass' as const,
  note: '',
  lines: [
    { ingredient: 'beeswax', parts: 1 },
    { ingredient: 'mineral-oil', parts: 3.5 },
  ],
};
const lot = (ingredientId: string, grams: number, bestBefore: string | null, priceMinor: number | null) =>
  receiveLot(db, { ingredientId, grams, supplier: '', supplierCode: '', openedOn: null, bestBefore, priceMinor, note: '' }, by);
const weigh = (clientId: string, ingredientId: string, lotId: number, readingG: number, corrects: string | null = null) =>
  recordPotWeighing(db, { clientId, pourId, ingredientId, lotId, readingG, corrects }, by);

beforeEach(() => {
  db = emptyDb();
  setUpShop(
    db,
    { name: 'S', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] },
    NOW,
  );
  lot('beeswax', 300, null, 600);
  lot('mineral-oil', 2000, '2031-09-01', 2000);
  const saved = saveFormula(db, paste, by);
  revisionId = saved.ok ? saved.value.revisionId : 0;
  const started = startPour(db, { revisionId, targetG: 450 }, by);
  pourId = started.ok ? started.value.id : 0;
});

describe('a hardener in the pot', () => {
  it('is filled into no jar: it sets within the hour, warm', () => {
    addContainer(db, { name: 'Jar', capacityMl: 250, fillFraction: 0.9, have: 3 });
    lot('tung-oil', 500, null, null);
    lot('isocyanate-hardener', 100, null, null);
    const saved = saveFormula(
      db,
      {
        ...paste,
        name: 'Two parts',
        lines: [
          { ingredient: 'tung-oil', parts: 9 },
          { ingredient: 'isocyanate-hardener', parts: 1 },
        ],
      },
      by,
    );
    const started = startPour(db, { revisionId: saved.ok ? saved.value.revisionId : 0, targetG: 100 }, by);
    pourId = started.ok ? started.value.id : 0;
    weigh('hardener-1', 'tung-oil', 3, 90);
    weigh('hardener-2', 'isocyanate-hardener', 4, 100);
    expect(code(finishWeighing(db, pourId, pot()?.version ?? 0, by))).toBe('ok');
    const version = pot()?.version ?? 0;
    const fill = (count: number) =>
      fillJars(db, { pourId, version, residueG: 0, jars: [{ containerId: 1, count, netG: 90 }] }, by);
    expect(code(fill(1))).toBe('sets-in-tin');
    expect(code(fill(0))).toBe('ok');
  });
});

describe('what was made cold', () => {
  it('is closed as it is filled, and no clock waits for it', () => {
    addContainer(db, { name: 'Jar', capacityMl: 250, fillFraction: 0.9, have: 3 });
    lot('citrus-solvent', 500, null, null);
    lot('tung-oil', 500, null, null);
    const saved = saveFormula(
      db,
      {
        ...paste,
        name: 'Half',
        lines: [
          { ingredient: 'tung-oil', parts: 1 },
          { ingredient: 'citrus-solvent', parts: 1 },
        ],
      },
      by,
    );
    const started = startPour(db, { revisionId: saved.ok ? saved.value.revisionId : 0, targetG: 200 }, by);
    pourId = started.ok ? started.value.id : 0;
    weigh('cold-1-aa', 'tung-oil', 4, 100);
    weigh('cold-2-aa', 'citrus-solvent', 3, 200);
    expect(code(finishWeighing(db, pourId, pot()?.version ?? 0, by))).toBe('ok');
    expect(
      code(
        fillJars(db, { pourId, version: pot()?.version ?? 0, residueG: 0, jars: [{ containerId: 1, count: 1, netG: 190 }] }, by),
      ),
    ).toBe('ok');
    expect(openJars(db)).toEqual([]);
  });
});

describe('a formula', () => {
  it('gets a revision for every change and none for the same again; old ones stay', () => {
    expect(code(saveFormula(db, { ...paste, id: 1, version: 1 }, by))).toBe('ok');
    expect(allFormulas(db)[0]?.revisions).toHaveLength(1);
    expect(
      code(
        saveFormula(
          db,
          { ...paste, id: 1, version: 1, lines: [paste.lines[0], { ingredient: 'mineral-oil', parts: 5 }] as typeof paste.lines },
          by,
        ),
      ),
    ).toBe('ok');
    expect(allFormulas(db)[0]?.revisions.map((revision) => revision.lines[1]?.parts)).toEqual([5, 3.5]);
    expect(code(saveFormula(db, { ...paste, id: 1, version: 1, note: 'other' }, by))).toBe('stale');
  });
  it('is refused with one line, with a taken name, or with no such ingredient', () => {
    expect(code(saveFormula(db, { ...paste, name: 'Single', lines: paste.lines.slice(0, 1) }, by))).toBe('one-ingredient');
    expect(code(saveFormula(db, paste, by))).toBe('name-taken');
    expect(code(saveFormula(db, { ...paste, name: 'Odd', lines: [...paste.lines, { ingredient: 'gold', parts: 1 }] }, by))).toBe(
      'unknown-ingredient',
    );
  });
});

describe('a pot', () => {
  it('draws its lots as it is weighed, grows after an overshoot, and knows what it is made of', () => {
    expect(code(weigh('w1w1w1w1', 'beeswax', 1, 104))).toBe('ok');
    expect(code(weigh('w1w1w1w1', 'beeswax', 1, 104))).toBe('ok');
    expect(leftOf(db, 1)).toBe(196);
    expect(rescale(db, pourId, 1, by)).toMatchObject({ ok: true, value: { totalG: 468 } });
    expect(code(finishWeighing(db, pourId, pot()?.version ?? 0, by))).toBe('no-readings');
    weigh('w2w2w2w2', 'mineral-oil', 2, 468);
    expect(finishWeighing(db, pourId, pot()?.version ?? 0, by)).toMatchObject({ ok: true, value: { number: 'B31-01' } });
    const made = allLots(db).find((one) => one.kind === 'made');
    expect(made).toMatchObject({
      leftG: 468,
      bestBefore: '2031-09-01',
      composition: { beeswax: expect.closeTo(104 / 468, 12), 'mineral-oil': expect.closeTo(364 / 468, 12) },
    });
    expect(made?.minorPerKg).toBeCloseTo((104 * 2000 + 364 * 1000) / 468, 9);
    expect(
      traceOf(db, made?.id ?? 0)
        ?.lots.filter((one) => one.way === 'back')
        .map((one) => one.number),
    ).toEqual(['S31-01', 'S31-02']);
    expect(pricesPerKg(allLots(db))).toEqual({ beeswax: 2000, 'mineral-oil': 1000 });
  });
  it('keeps what was typed for one ingredient never as the next one’s, and the same reading sent twice once', () => {
    const sent = (clientId: string, readingG: number, follows: string | null) =>
      code(recordPotWeighing(db, { clientId, pourId, ingredientId: 'beeswax', lotId: 1, readingG, corrects: null, follows }, by));
    expect(sent('w1w1w1w1', 100, null)).toBe('ok');
    expect(sent('w1w1w1w1', 100, null)).toBe('ok');
    // From a page that does not know the reading before it.
    expect(sent('w2w2w2w2', 202, null)).toBe('reading-between');
    expect([leftOf(db, 1), pot()?.entries.length]).toEqual([200, 1]);
    expect(sent('w2w2w2w2', 202, 'w1w1w1w1')).toBe('ok');
  });
  it('takes a correction of the last reading and gives back what it drew', () => {
    weigh('w1w1w1w1', 'beeswax', 1, 110);
    expect(code(weigh('w1bw1bw1', 'beeswax', 1, 100, 'w1w1w1w1'))).toBe('ok');
    expect([leftOf(db, 1), pot()?.entries.map((entry) => entry.grams), pot()?.struck.length]).toEqual([200, [100], 1]);
  });
  it.each([
    ['reading-fell', () => weigh('w9w9w9w9', 'beeswax', 1, 0)],
    ['unknown-line', () => weigh('w9w9w9w9', 'tung-oil', 1, 5)],
    ['not-found', () => weigh('w9w9w9w9', 'beeswax', 2, 5)],
  ])('refuses %s and draws nothing', (wanted, run) => {
    expect(code(run())).toBe(wanted);
    expect([leftOf(db, 1), leftOf(db, 2)]).toEqual([300, 2000]);
  });
  it('keeps what was weighed beyond the book of a lot, which a count puts right', () => {
    expect(code(weigh('w9w9w9w9', 'beeswax', 1, 302))).toBe('ok');
    expect([leftOf(db, 1), allLots(db)[0]?.leftG, allLots(db)[0]?.overdrawnG]).toEqual([-2, 0, 2]);
    countLot(db, 1, 0, by);
    expect([leftOf(db, 1), allLots(db)[0]?.overdrawnG]).toEqual([0, 0]);
  });
  it('goes on with a line that is short as it is, or is made less so that its ratio holds', () => {
    weigh('w1w1w1w1', 'beeswax', 1, 90);
    expect(code(settleShort(db, { pourId, version: 9, how: 'less' }, by))).toBe('stale');
    expect(code(settleShort(db, { pourId, version: 1, how: 'less' }, by))).toBe('ok');
    expect(pot()?.targetG).toBeCloseTo(405, 9);
    weigh('w2w2w2w2', 'mineral-oil', 2, 300);
    expect(code(settleShort(db, { pourId, version: pot()?.version ?? 0, how: 'less' }, by))).toBe('nothing-poured');
    expect(code(settleShort(db, { pourId, version: pot()?.version ?? 0, how: 'as-it-is' }, by))).toBe('ok');
    expect(pot()?.targetG).toBeCloseTo(300, 9);
    expect(code(finishWeighing(db, pourId, pot()?.version ?? 0, by))).toBe('ok');
    expect(pot()?.slips.map((one) => one.kind)).toEqual(['short', 'short']);
  });
  it('is heated, filled into tins that are counted down, and what is left is the shop jar', () => {
    weigh('w1w1w1w1', 'beeswax', 1, 100);
    weigh('w2w2w2w2', 'mineral-oil', 2, 450);
    finishWeighing(db, pourId, pot()?.version ?? 0, by);
    expect(pot()?.state).toBe('heating');
    expect(code(recordPotTemperature(db, { clientId: 't1t1t1t1', pourId, tempC: 66 }, by))).toBe('ok');
    finishHeating(db, pourId, pot()?.version ?? 0, by);
    addContainer(db, { name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 5 });
    const fill = (count: number, netG: number) =>
      fillJars(db, { pourId, version: pot()?.version ?? 0, residueG: 5, jars: [{ containerId: 1, count, netG }] }, by);
    expect([code(fill(6, 47)), code(fill(5, 470))]).toEqual(['not-enough-jars', 'overdrawn']);
    expect(fill(5, 47)).toMatchObject({ ok: true, value: { leftG: 450 - 5 - 235 } });
    expect(containers(db)[0]?.have).toBe(0);
    expect(allLots(db).find((one) => one.kind === 'tin')).toMatchObject({ number: 'B31-01/a', leftG: 235, count: 5 });
    expect(code(fill(1, 47))).toBe('pour-closed');
    expect(code(countContainer(db, 1, 12, 1))).toBe('stale');
  });
  it('can be given up, and is refused to an old version', () => {
    weigh('w1w1w1w1', 'beeswax', 1, 104);
    rescale(db, pourId, 1, by);
    expect(code(finishWeighing(db, pourId, 1, by))).toBe('stale');
    expect(code(abandonPour(db, pourId, 2))).toBe('ok');
    expect([pot()?.state, leftOf(db, 1)]).toEqual(['abandoned', 196]);
  });
  it('has its stock put right by weighing', () => {
    countLot(db, 2, 1500, by);
    countLot(db, 1, 0, by);
    expect([leftOf(db, 2), leftOf(db, 1)]).toEqual([1500, 0]);
  });
  it('keeps an overpour and lets the next pot take it up, so that both together hold the ratio', () => {
    weigh('w1w1w1w1', 'beeswax', 1, 120);
    expect(code(spreadSlip(db, pourId, 1, by))).toBe('ok');
    weigh('w2w2w2w2', 'mineral-oil', 2, 470);
    finishWeighing(db, pourId, pot()?.version ?? 0, by);
    expect(pot()?.slips.map((one) => one.kind)).toEqual(['spread']);
    expect(code(startPour(db, { revisionId, targetG: 5, takeUp: true }, by))).toBe('next-pot-too-small');
    const next = startPour(db, { revisionId, targetG: 450, takeUp: true }, by);
    const second = next.ok ? findPot(db, next.value.id) : null;
    const beeswax = second?.weighTo.lines.find((line) => line.ingredient === 'beeswax')?.parts ?? 0;
    expect(120 + beeswax).toBeCloseTo((470 + 450) / 4.5, 9);
    // What was taken up is not offered again.
    const third = startPour(db, { revisionId, targetG: 450, takeUp: true }, by);
    expect(third.ok && findPot(db, third.value.id)?.lines).toBeNull();
  });
  it('owns up to a wrong ingredient: the lot holds it, its allergens and its cost of use', () => {
    lot('tung-oil', 500, null, null);
    weigh('w1w1w1w1', 'beeswax', 1, 100);
    expect(
      code(
        recordPotWeighing(
          db,
          { clientId: 'w3w3w3w3', pourId, ingredientId: 'tung-oil', lotId: 3, readingG: 130, corrects: null, stray: true },
          by,
        ),
      ),
    ).toBe('ok');
    expect(pot()?.weighTo.lines.map((line) => line.ingredient)).toEqual(['beeswax', 'mineral-oil', 'tung-oil']);
    // A reading that was wrong is corrected like any other, and its mark goes with it.
    const again = { clientId: 'w3bw3bw3', pourId, ingredientId: 'tung-oil', lotId: 3, readingG: 125, corrects: 'w3w3w3w3' };
    expect(code(recordPotWeighing(db, again, by))).toBe('ok');
    expect(pot()?.weighTo.lines.at(-1)).toEqual({ ingredient: 'tung-oil', parts: 25 });
    expect([pot()?.targetG, leftOf(db, 3)]).toEqual([475, 475]);
    weigh('w2w2w2w2', 'mineral-oil', 2, 480);
    expect(code(finishWeighing(db, pourId, pot()?.version ?? 0, by))).toBe('ok');
    const made = allLots(db).find((one) => one.kind === 'made');
    expect(made?.nature).toMatchObject({
      allergens: ['bee product', 'tung nut'],
      ragHazard: 'self-heating',
      contact: 'once-cured',
    });
    expect(pot()?.slips.map((one) => one.kind)).toEqual(['stray', 'stray']);
  });
  it('takes the label’s net mass from the lowest jar weighed and draws down their mean', () => {
    weigh('w1w1w1w1', 'beeswax', 1, 100);
    weigh('w2w2w2w2', 'mineral-oil', 2, 450);
    finishWeighing(db, pourId, pot()?.version ?? 0, by);
    finishHeating(db, pourId, pot()?.version ?? 0, by);
    addContainer(db, { name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 5, tareG: 21 });
    fillJars(
      db,
      {
        pourId,
        version: pot()?.version ?? 0,
        residueG: 4,
        jars: [{ containerId: 1, count: 4, netG: 50, samplesG: [46, 48, 47] }],
      },
      by,
    );
    expect(pot()?.fills[0]).toMatchObject({ netG: 46, samplesG: [46, 48, 47] });
    expect(allLots(db).find((one) => one.kind === 'tin')?.leftG).toBe(188);
    expect(openJars(db)).toEqual([{ pourId, number: 'B31-01', filledAt: by.nowMs }]);
    expect([code(lidJars(db, pourId, by)), code(lidJars(db, pourId, by)), openJars(db)]).toEqual(['ok', 'pour-closed', []]);
  });
  it('holds what was browned, so that it goes on no board', () => {
    weigh('w1w1w1w1', 'beeswax', 1, 100);
    weigh('w2w2w2w2', 'mineral-oil', 2, 450);
    finishWeighing(db, pourId, pot()?.version ?? 0, by);
    expect(code(recordHeatSlip(db, { pourId, kind: 'browned', spoilt: true }, by))).toBe('ok');
    const made = allLots(db).find((one) => one.kind === 'made');
    expect(made?.held?.reason).toMatch(/tool wax/);
    expect(code(move(db, { lotId: made?.id ?? 0, grams: -5, why: 'coat' }, by))).toBe('lot-held');
  });
});

describe('a pot of wax with solvent', () => {
  const thinned = () => {
    lot('citrus-solvent', 800, null, null);
    const lines = [
      { ingredient: 'beeswax', parts: 1 },
      { ingredient: 'mineral-oil', parts: 3 },
      { ingredient: 'citrus-solvent', parts: 1 },
    ];
    const saved = saveFormula(db, { ...paste, name: 'Thin paste', lines }, by);
    const started = saved.ok
      ? startPour(db, { revisionId: saved.value.revisionId, targetG: 500, heater: 'water-bath' }, by)
      : saved;
    pourId = started.ok ? started.value.id : 0;
  };
  const warm = (tempC: number, minutes = 0, clientId = `t-${tempC}-${minutes}`) =>
    recordPotTemperature(db, { clientId, pourId, tempC }, { ...by, nowMs: NOW + minutes * 60_000 });
  const off = (minutes = 0) => code(finishHeating(db, pourId, pot()?.version ?? 0, { ...by, nowMs: NOW + minutes * 60_000 }));
  const done = () => finishWeighing(db, pourId, pot()?.version ?? 0, by);

  it('is melted without it, and takes it only once the thermometer fell below the mark', () => {
    thinned();
    weigh('v1v1v1v1', 'beeswax', 1, 100);
    expect(code(weigh('v2v2v2v2', 'citrus-solvent', 3, 200))).toBe('solvent-last');
    weigh('v3v3v3v3', 'mineral-oil', 2, 400);
    expect(code(done())).toBe('ok');
    expect([pot()?.state, pot()?.lotId, leftOf(db, 3)]).toEqual(['heating', null, 800]);
    expect(off()).toBe('too-warm-for-solvent');
    warm(78);
    expect(off()).toBe('too-warm-for-solvent');
    // What was read half an hour ago does not say how warm it is now.
    warm(21, 1);
    expect(off(31)).toBe('too-warm-for-solvent');
    warm(35, 32);
    expect(off(33)).toBe('ok');
    expect(pot()?.state).toBe('weighing');
    expect(code(weigh('v4v4v4v4', 'citrus-solvent', 3, 500))).toBe('ok');
    expect(done()).toMatchObject({ ok: true, value: { number: 'B31-01' } });
    // It never goes back on the heat with the solvent in.
    expect(pot()?.state).toBe('filling');
  });
  it('may be made cold, and is not filled before someone says that no lump is left', () => {
    thinned();
    expect(code(makeCold(db, pourId, pot()?.version ?? 0))).toBe('ok');
    weigh('c1c1c1c1', 'citrus-solvent', 3, 100);
    weigh('c2c2c2c2', 'beeswax', 1, 200);
    weigh('c3c3c3c3', 'mineral-oil', 2, 500);
    expect(code(done())).toBe('ok');
    expect(pot()?.state).toBe('filling');
    const fill = (noLumps: boolean) => fillJars(db, { pourId, version: pot()?.version ?? 0, residueG: 0, jars: [], noLumps }, by);
    expect([code(fill(false)), pot()?.state]).toEqual(['still-lumps', 'filling']);
    expect(code(fill(true))).toBe('ok');
  });
});

describe('practice', () => {
  it('writes into no real pot', () => {
    const scale = (fromPractice: boolean, id = 'p1p1p1p1') =>
      recordPotWeighing(
        db,
        { clientId: id, pourId, ingredientId: 'beeswax', lotId: 1, readingG: 100, corrects: null, fromPractice },
        by,
      );
    expect(code(scale(true))).toBe('practice-only');
    expect([leftOf(db, 1), pot()?.entries]).toEqual([300, []]);
    expect(code(scale(false))).toBe('ok');
    weigh('p2p2p2p2', 'mineral-oil', 2, 450);
    finishWeighing(db, pourId, pot()?.version ?? 0, by);
    const warm = (practice: boolean) => recordPotTemperature(db, { clientId: `q-${practice}`, pourId, tempC: 60, practice }, by);
    expect([code(warm(true)), pot()?.temperatures.length, code(warm(false))]).toEqual(['practice-only', 0, 'ok']);
  });
  it('in a pot of its own draws no stock, takes no lot number and fills no jar', () => {
    const begun = startPour(db, { revisionId, targetG: 450, practice: true }, by);
    pourId = begun.ok ? begun.value.id : 0;
    for (const [ingredientId, readingG] of [
      ['beeswax', 100],
      ['mineral-oil', 450],
    ] as const)
      expect(
        code(
          recordPotWeighing(
            db,
            { clientId: `x-${ingredientId}`, pourId, ingredientId, lotId: null, readingG, corrects: null, fromPractice: true },
            by,
          ),
        ),
      ).toBe('ok');
    expect(finishWeighing(db, pourId, pot()?.version ?? 0, by)).toMatchObject({ ok: true, value: { number: '' } });
    recordPotTemperature(db, { clientId: 'x-warm', pourId, tempC: 66, practice: true }, by);
    finishHeating(db, pourId, pot()?.version ?? 0, by);
    addContainer(db, { name: 'Tin', capacityMl: 60, fillFraction: 0.9, have: 5 });
    const jars = [{ containerId: 1, count: 2, netG: 47 }];
    expect(code(fillJars(db, { pourId, version: pot()?.version ?? 0, residueG: 5, jars }, by))).toBe('ok');
    expect([leftOf(db, 1), leftOf(db, 2), containers(db)[0]?.have]).toEqual([300, 2000, 5]);
    expect(allLots(db).map((one) => one.kind)).toEqual(['bought', 'bought']);
    expect(pot()).toMatchObject({ state: 'done', lotId: null, practice: true });
  });
});
