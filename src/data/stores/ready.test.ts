import { beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '../db';
import { setUpShop } from '../shop/commands';
import { emptyDb } from '../testing';
import { combineLots } from './combine';
import { addReadyMade, receiveLot } from './commands';
import { allLots } from './queries';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

beforeEach(() => {
  db = emptyDb();
  setUpShop(
    db,
    { name: 'S', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] },
    NOW,
  );
  const lot = { grams: 900, supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: 1000, note: '' };
  for (const ingredientId of ['beeswax', 'mineral-oil']) receiveLot(db, { ...lot, ingredientId }, by);
});

describe('a ready-made', () => {
  const tin = {
    name: 'Harbour board finish',
    declared: ['mineral-oil'],
    isAllDeclared: false,
    drying: 'drying' as const,
    isPaste: false,
    contact: 'once-cured' as const,
    densityGPerMl: 0.88,
    coverageM2PerL: 12,
    labelRule: 'Two thin coats a day apart.',
  };
  it('is used as a blend is, on the safe side, and says what is not known of it', () => {
    expect(addReadyMade(db, { ...tin, isAllDeclared: true, declared: [] })).toMatchObject({ issues: [{ code: 'required' }] });
    const { value } = addReadyMade(db, tin) as { value: { id: number } };
    expect(code(addReadyMade(db, tin))).toBe('name-taken');
    receiveLot(
      db,
      {
        ingredientId: null,
        readyMadeId: value.id,
        grams: 440,
        supplier: '',
        supplierCode: '',
        openedOn: null,
        bestBefore: null,
        priceMinor: 1900,
        note: '',
      },
      by,
    );
    const got = allLots(db).at(-1);
    expect(got).toMatchObject({
      kind: 'ready',
      title: 'Harbour board finish',
      undeclared: ['Harbour board finish'],
      minorPerKg: (1900 / 440) * 1000,
    });
    expect(got?.contents).toEqual(['White mineral oil, food grade', 'Harbour board finish (contents not all declared)']);
    expect(got?.nature).toMatchObject({
      drying: 'drying',
      heat: 'none',
      ragHazard: 'self-heating',
      contact: 'once-cured',
      // A film only where it is declared one, or forms one.
      film: 'unknown',
      knifeSurface: false,
    });
    combineLots(
      db,
      {
        parts: [
          { lotId: got?.id ?? 0, grams: 100 },
          { lotId: 2, grams: 10 },
        ],
        into: { kind: 'bath', name: 'Dip' },
      },
      by,
    );
    expect(allLots(db).at(-1)?.undeclared).toEqual(['Harbour board finish']);
  });
  it('is taken at its word where all is declared', () => {
    addReadyMade(db, { ...tin, isAllDeclared: true, declared: ['walnut-oil-heat-treated', 'carnauba-wax'], isPaste: true });
    receiveLot(
      db,
      {
        ingredientId: null,
        readyMadeId: 1,
        grams: 100,
        supplier: '',
        supplierCode: '',
        openedOn: null,
        bestBefore: null,
        priceMinor: null,
        note: '',
      },
      by,
    );
    const got = allLots(db).at(-1);
    expect(got).toMatchObject({
      undeclared: [],
      nature: { allergens: ['tree nut'], knifeSurface: true, consistency: 'soft-paste' },
    });
    expect(got?.contents).toEqual(['Walnut oil, heat-treated', 'Carnauba wax, flake']);
  });
  it('is what its label says: role, hours to food, coverage, and its contents by their shares', () => {
    const label = {
      ...tin,
      declared: ['tung-oil'],
      shares: { 'tung-oil': 0.4 },
      role: 'hard-wax-oil' as const,
      labelDwellMin: 10,
      labelDwellMaxMin: 15,
      labelGapMin: 12 * 60,
      labelCoats: 3,
      labelFoodHours: 96,
    };
    addReadyMade(db, label);
    addReadyMade(db, { ...label, name: 'No hours', labelFoodHours: null });
    addReadyMade(db, { ...label, name: 'Nobody said', role: null, labelFoodHours: null });
    const rest = { grams: 100, supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' };
    for (const readyMadeId of [1, 2, 3]) receiveLot(db, { ...rest, ingredientId: null, readyMadeId }, by);
    const [said, silent, unsaid] = allLots(db).slice(-3);
    expect(said).toMatchObject({
      roles: ['hard-wax-oil'],
      needs: { hours: 96, source: 'label' },
      composition: { 'tung-oil': 0.4, undeclared: 0.6 },
      nature: { maxDwellMin: { flooded: 15, thin: 15 } },
    });
    expect(silent?.needs).toMatchObject({ hours: 168, source: 'hard-wax' });
    expect(unsaid).toMatchObject({ roles: ['oil-wax', 'hard-wax-oil'], needs: { hours: 240, source: 'bought' } });
  });
});
