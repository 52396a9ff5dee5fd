import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { boughtLineId } from '@/core/blend';
import { ALLERGENS_NOT_DECLARED, factsLike, findIngredient, ingredientOf, runningOut, SHIPPED } from '@/core/material';
import { saveFormula } from '../blends/commands';
import type { Db } from '../db';
import { finishWeighing, recordPotWeighing, startPour } from '../pour/commands';
import { findPot } from '../pour/queries';
import { setUpShop } from '../shop/commands';
import { emptyDb } from '../testing';
import { traceOf } from '../trace/queries';
import { bottleOf, decant, mlAtLevel, netOf, pourInto, readLevel } from './bottles';
import { catalogueOf } from './catalogue';
import {
  addContainer,
  addReadyMade,
  changeReadyMade,
  countLot,
  loseFrom,
  move,
  placeLot,
  readyMadeBefore,
  receiveLot,
} from './commands';
import { heldBy } from './holds';
import { ownMaterialRows, saveOwnMaterial } from './own-materials';
import { allLots, findLot, leftOf } from './queries';
import { keepReference, references } from './references';
import { checkLot, recordOf } from './senses';
import { addSupply, moveSupply } from './supplies';
import { receiveForTools, toToolWax } from './tool-wax';
import { supplies, usedUp } from './used-up';

const DAY = 86_400_000;
const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
const at = (days: number) => ({ personId: 1, nowMs: NOW + days * DAY });
let db: Db;
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const received = (ingredientId: string, grams: number, more: Partial<Parameters<typeof receiveLot>[1]> = {}): number => {
  const got = receiveLot(
    db,
    {
      ingredientId,
      grams,
      supplier: 'Estuary Supply Loft',
      supplierCode: '',
      openedOn: null,
      bestBefore: null,
      priceMinor: 1000,
      note: '',
      ...more,
    },
    by,
  );
  if (!got.ok) throw new Error(JSON.stringify(got.issues));
  return got.value.id;
};
const lot = (id: number) => allLots(db).find((one) => one.id === id);

beforeEach(() => {
  db = emptyDb();
  setUpShop(
    db,
    { name: 'Saltwick Bench', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] },
    NOW,
  );
});

describe('a bottle at hand', () => {
  const filled = (grams = 200, boreMm: number | null = 60) => {
    const from = received('tung-oil', 1000);
    const made = decant(db, { fromLotId: from, grams, name: 'Bench tung', tareG: 182, boreMm, mark: 'T' }, by);
    if (!made.ok) throw new Error(JSON.stringify(made.issues));
    return { from, bottle: made.value.id };
  };
  it('is a lot of its own, traced to the one it came from, and draws it down', () => {
    const { from, bottle } = filled();
    expect([leftOf(db, from), leftOf(db, bottle)]).toEqual([800, 200]);
    expect(lot(bottle)).toMatchObject({ kind: 'bottle', title: 'Bench tung', composition: { 'tung-oil': 1 } });
    expect(traceOf(db, from)?.lots.map((one) => [one.way, one.id])).toContainEqual(['on', bottle]);
  });
  it('wants a name, and no more than there is', () => {
    const { from } = filled();
    const more = { fromLotId: from, tareG: null, boreMm: null, mark: '' };
    expect(code(decant(db, { ...more, grams: 10, name: ' ' }, by))).toBe('name-needed');
    expect(code(decant(db, { ...more, grams: 801, name: 'Too much' }, by))).toBe('overdrawn');
  });
  it('that is let down is what is in it, by what was left of the oil', () => {
    const { bottle } = filled(200);
    move(db, { lotId: bottle, grams: -150, why: 'coat' }, by);
    const thinner = received('citrus-solvent', 500);
    expect(code(pourInto(db, { lotId: bottle, fromLotId: thinner, grams: 50 }, by))).toBe('ok');
    expect(lot(bottle)?.composition['tung-oil']).toBeCloseTo(0.5, 9);
    expect(lot(bottle)?.nature?.flammable).toBe(true);
  });
  it('never gains or loses a gram over any run of pouring in and drawing out, and its shares add up to one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ into: fc.integer({ min: 0, max: 2 }), grams: fc.double({ min: 0.1, max: 40, noNaN: true }) }), {
          minLength: 1,
          maxLength: 12,
        }),
        (acts) => {
          const fresh = emptyDb();
          setUpShop(fresh, { name: 'S', zone: 'UTC', currency: 'EUR', people: [{ initials: 'MO', name: 'M' }], hours: [] }, NOW);
          db = fresh;
          const oil = received('tung-oil', 1000);
          const thinner = received('citrus-solvent', 1000);
          const made = decant(db, { fromLotId: oil, grams: 100, name: 'B', tareG: null, boreMm: null, mark: '' }, by);
          if (!made.ok) throw new Error('no bottle');
          let [inBottle, drawn] = [100, 0];
          for (const { into, grams } of acts) {
            if (into === 2) {
              const takes = Math.min(grams, inBottle - 1);
              if (takes <= 0) continue;
              move(db, { lotId: made.value.id, grams: -takes, why: 'coat' }, by);
              inBottle -= takes;
              drawn += takes;
            } else if (pourInto(db, { lotId: made.value.id, fromLotId: into === 0 ? oil : thinner, grams }, by).ok)
              inBottle += grams;
          }
          expect(leftOf(db, made.value.id)).toBeCloseTo(inBottle, 6);
          expect(leftOf(db, oil) + leftOf(db, thinner) + inBottle + drawn).toBeCloseTo(2000, 6);
          const shares = Object.values(lot(made.value.id)?.composition ?? {});
          expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: process.env.RENDLE_WALKS ? 25 : 5 },
    );
  });
  it('is read by its level only where its bore is known, and by weight where its tare is', () => {
    const { bottle } = filled(200, null);
    expect(code(readLevel(db, { lotId: bottle, levelMm: 50, went: 'used' }, by))).toBe('no-bore');
    const wide = filled(200, 60).bottle;
    expect(readLevel(db, { lotId: wide, levelMm: 50, went: 'used' }, by)).toMatchObject({ ok: true });
    // π/4 · 60² · 50 mm = 141.4 ml of tung oil.
    expect(mlAtLevel(60, 50)).toBeCloseTo(141.37, 2);
    expect(leftOf(db, wide)).toBeCloseTo(141.3717 * ingredientOf('tung-oil', SHIPPED).densityGPerMl, 3);
    expect(netOf(bottleOf(db, wide) ?? { tareG: null }, 282)).toBe(100);
    expect(netOf({ tareG: null }, 282)).toBeNull();
  });
});

describe('an ingredient of the shop’s own', () => {
  const like = factsLike(ingredientOf('walnut-oil-heat-treated', SHIPPED));
  const facts = { ...like, name: 'Hill walnut oil', contact: 'once-cured' as const };
  const save = (more: Partial<typeof facts> = {}, base: string | null = null) =>
    saveOwnMaterial(db, { likeId: 'walnut-oil-heat-treated', facts: { ...facts, ...more }, photoHash: null, base }, by);
  it('is copied, received, and reckoned on the safe side where its sheet is silent', () => {
    const made = save({ unsaid: ['contact', 'allergens', 'iodine'] });
    if (!made.ok) throw new Error('not kept');
    expect(findIngredient(made.value.id, catalogueOf(db))).toMatchObject({ contact: 'not-for-food', selfHeating: true });
    expect(findIngredient(made.value.id, catalogueOf(db))?.allergens).toContain(ALLERGENS_NOT_DECLARED);
    const id = received(made.value.id, 500);
    expect(lot(id)?.title).toBe('Hill walnut oil');
  });
  it('put right is a revision: what was said stays, and its lots are reckoned anew', () => {
    const made = save({ unsaid: ['contact'] });
    if (!made.ok) throw new Error('not kept');
    const id = received(made.value.id, 500);
    expect(lot(id)?.nature?.contact).toBe('not-for-food');
    expect(code(save({}, made.value.id))).toBe('ok');
    expect(lot(id)?.nature?.contact).toBe('once-cured');
    expect(ownMaterialRows(db).map((row) => row.number)).toEqual([2]);
  });
  it('has a name nobody else has', () => {
    save();
    expect(code(save())).toBe('name-taken');
    expect(code(save({ name: 'Beeswax, filtered' }))).toBe('name-taken');
    expect(code(save({ name: '  ' }))).toBe('name-needed');
    expect(code(save({ name: 'Another' }, 'no-such~one'))).toBe('not-found');
  });
});

describe('a bought finish', () => {
  const label = {
    name: 'Harbourside worktop finish',
    declared: ['tung-oil', 'citrus-solvent'],
    isAllDeclared: false,
    drying: 'drying' as const,
    isPaste: false,
    contact: 'once-cured' as const,
    densityGPerMl: 0.9,
    coverageM2PerL: 14,
    labelRule: '',
    role: 'hard-wax-oil' as const,
  };
  it('is a line of a formula, and what it becomes says what is not declared', () => {
    const made = addReadyMade(db, label);
    if (!made.ok) throw new Error('not kept');
    const tin = received('', 450, { ingredientId: null, readyMadeId: made.value.id });
    const oil = received('tung-oil', 500);
    const line = boughtLineId(made.value.id);
    const saved = saveFormula(
      db,
      {
        id: null,
        version: 1,
        name: 'Half and half',
        basis: 'mass',
        note: '',
        lines: [
          { ingredient: line, parts: 1 },
          { ingredient: 'tung-oil', parts: 1 },
        ],
      },
      by,
    );
    const pot = saved.ok ? startPour(db, { revisionId: saved.value.revisionId, targetG: 200 }, by) : saved;
    if (!pot.ok) throw new Error(JSON.stringify(pot.issues));
    const weighed = (ingredientId: string, lotId: number, readingG: number) =>
      recordPotWeighing(
        db,
        { clientId: `weighed-${ingredientId}`, pourId: pot.value.id, ingredientId, lotId, readingG, corrects: null },
        by,
      );
    expect(code(weighed(line, tin, 100))).toBe('ok');
    expect(code(weighed('tung-oil', oil, 200))).toBe('ok');
    const done = finishWeighing(db, pot.value.id, findPot(db, pot.value.id)?.version ?? 0, by);
    if (!done.ok) throw new Error(JSON.stringify(done.issues));
    const blended = findLot(allLots(db), done.value.number);
    expect(blended?.undeclared).toEqual(['Harbourside worktop finish']);
    expect(blended?.nature).toMatchObject({ ragHazard: 'self-heating', flammable: true });
    expect(leftOf(db, tin)).toBe(350);
  });
  it('put right keeps what stood there before', () => {
    const made = addReadyMade(db, label);
    if (!made.ok) throw new Error('not kept');
    const { id } = made.value;
    expect(code(changeReadyMade(db, { ...label, contact: 'indirect-only', id, version: 1 }, by))).toBe('ok');
    expect(code(changeReadyMade(db, { ...label, id, version: 1 }, by))).toBe('stale');
    expect(readyMadeBefore(db, id).map((row) => [row.number, row.facts.contact])).toEqual([[1, 'once-cured']]);
  });
});

describe('a lot', () => {
  it('is good for so many days once it is open, never longer than its label', () => {
    const id = received('walnut-oil-heat-treated', 500, { bestBefore: '2031-12-01', useWithinDays: 90 });
    expect(lot(id)?.bestBefore).toBe('2031-12-01');
    const facts = { lotId: id, placeId: 1, openedOn: '2031-03-03', bestBefore: '2031-12-01', useWithinDays: 90 };
    expect(code(placeLot(db, { ...facts, version: 1 }))).toBe('ok');
    expect(lot(id)).toMatchObject({ bestBefore: '2031-06-01', labelBestBefore: '2031-12-01' });
    expect(lot(id)?.placeName).not.toBeNull();
    expect(code(placeLot(db, { ...facts, version: 1 }))).toBe('stale');
    expect(code(placeLot(db, { ...facts, placeId: 99, version: 2 }))).toBe('not-found');
  });
  it('is judged beside a known piece, at a warmth that is kept with it', () => {
    const id = received('beeswax', 500);
    const kept = keepReference(db, { materialId: 'beeswax', says: 'own hives', photoHash: null }, by);
    if (!kept.ok) throw new Error('not kept');
    expect(code(keepReference(db, { materialId: 'beeswax', says: ' ', photoHash: null }, by))).toBe('reason-needed');
    expect(code(keepReference(db, { materialId: 'soap', says: 'x', photoHash: null }, by))).toBe('unknown-ingredient');
    checkLot(db, { lotId: id, kind: 'thumbnail', pass: true, note: '', tempC: 20, referenceId: kept.value.id }, by);
    expect(recordOf(db, id).checks[0]).toMatchObject({ tempC: 20, referenceId: kept.value.id });
    expect(references(db)).toHaveLength(1);
  });
  it('that came in for tools only is held from its first moment', () => {
    const oil = {
      ingredientId: 'mineral-oil',
      grams: 200,
      supplier: '',
      supplierCode: '',
      openedOn: null,
      bestBefore: null,
      priceMinor: null,
      note: 'baby oil',
    };
    const made = receiveForTools(db, oil, by);
    expect(made.ok && lot(made.value.id)?.held?.reason).toContain('for tools only');
  });
  it('of tool wax is found, and nothing is ever drawn from it', () => {
    const id = received('beeswax', 500);
    const made = toToolWax(db, { lotId: id, grams: 40 }, by);
    if (!made.ok) throw new Error('not made');
    expect(heldBy(db, made.value.id, NOW)).toBe(made.value.number);
    expect(code(move(db, { lotId: made.value.id, grams: -1, why: 'coat' }, by))).toBe('lot-held');
    expect(code(loseFrom(db, made.value.id, 1, by))).toBe('ok');
    expect(heldBy(db, id, NOW)).toBeNull();
    expect(lot(made.value.id)?.title).toContain('Tool wax');
  });
});

describe('what is used up', () => {
  it('is counted: what a count finds missing was used, sent twice it counts once', () => {
    const cloths = addSupply(db, { name: 'Cotton cloths', counted: 'pieces', have: 60, clientId: 'supply-01' }, by);
    if (!cloths.ok) throw new Error('not added');
    expect(code(addSupply(db, { name: 'cotton Cloths', counted: '', have: 1, clientId: 'supply-02' }, by))).toBe('name-taken');
    const supplyId = cloths.value.id;
    for (let twice = 0; twice < 2; twice++)
      moveSupply(db, { supplyId, why: 'counted', amount: 40, clientId: 'count-001' }, at(20));
    moveSupply(db, { supplyId, why: 'came', amount: 50, clientId: 'came-0001' }, at(21));
    expect(code(moveSupply(db, { supplyId, why: 'came', amount: 0, clientId: 'came-0002' }, at(21)))).toBe('must-be-positive');
    expect(code(moveSupply(db, { supplyId: 99, why: 'came', amount: 1, clientId: 'came-0003' }, at(21)))).toBe('not-found');
    expect(supplies(db, NOW)).toMatchObject([{ left: 90, used: 20, firstAt: NOW, lastCame: 50 }]);
  });
  it('is everything: oils by what was drawn, jars by fills, supplies by counts; a count of a lot is no use', () => {
    const oil = received('tung-oil', 1000);
    for (const [day, grams] of [
      [1, 200],
      [2, 100],
      [3, 100],
    ] as const)
      move(db, { lotId: oil, grams: -grams, why: 'coat' }, at(day));
    move(db, { lotId: oil, grams: -50, why: 'bath' }, at(4));
    const wax = received('beeswax', 500);
    countLot(db, wax, 100, at(1));
    addContainer(db, { name: 'Tin 60 ml', capacityMl: 60, fillFraction: 0.9, have: 4 });
    const all = usedUp(db, NOW + 20 * DAY);
    expect(all.map((one) => [one.id, one.left, one.used])).toEqual([['tung-oil', 550, 400]]);
    expect(runningOut(all, NOW + 20 * DAY)).toMatchObject([{ name: 'Pure tung oil', packs: 2, pack: { amount: 1000 } }]);
  });
});
