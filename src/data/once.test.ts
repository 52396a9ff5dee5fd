import { describe, expect, it } from 'vitest';
import { fail } from '@/core/quantity';
import { once } from './once';
import { actDone, lot, person } from './schema';
import { setUpShop } from './shop/commands';
import { receiveLot } from './stores/commands';
import { emptyDb } from './testing';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const DAY = 86_400_000;
const rest = { supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' };
function shop() {
  const db = emptyDb();
  setUpShop(db, { name: 'S', zone: 'UTC', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] }, NOW);
  const receive = () => receiveLot(db, { ...rest, ingredientId: 'beeswax', grams: 500 }, { personId: 1, nowMs: NOW });
  const lots = (): number => db.select().from(lot).all().length;
  return { db, receive, lots };
}
const sent = (id: string, said: object = { grams: '500' }) => ({ id, said });

describe('an act of a form', () => {
  it('is done once however often it comes, and answered the same each time', () => {
    const { db, receive, lots } = shop();
    const first = once(db, sent('a'), NOW, receive);
    expect(first.ok).toBe(true);
    expect(once(db, sent('a'), NOW + 1000, receive)).toEqual(first);
    expect(once(db, sent('a', { grams: '500', clientId: 'made-anew' }), NOW, receive)).toEqual(first);
    expect(lots()).toBe(1);
    expect(once(db, sent('b'), NOW, receive).ok).toBe(true);
    expect(lots()).toBe(2);
  });
  it('is refused where it comes with other words: the first stand', () => {
    const { db, receive, lots } = shop();
    once(db, sent('a'), NOW, receive);
    expect(once(db, sent('a', { grams: '700' }), NOW, receive)).toMatchObject({ ok: false, issues: [{ code: 'already-saved' }] });
    expect(lots()).toBe(1);
  });
  it('that is refused or fails leaves nothing, and may be sent again', () => {
    const { db, receive, lots } = shop();
    expect(once(db, sent('a'), NOW, () => fail('required', 'grams')).ok).toBe(false);
    expect(() =>
      once(db, sent('a'), NOW, () => {
        receive();
        db.insert(person).values({ initials: 'ZZ', name: 'Later' }).run();
        throw new Error('the disk is full');
      }),
    ).toThrow('disk is full');
    expect([lots(), db.select().from(actDone).all().length, db.select().from(person).all().length]).toEqual([0, 0, 1]);
    expect(once(db, sent('a'), NOW, receive).ok).toBe(true);
    expect(lots()).toBe(1);
  });
  it('is remembered for sixty days', () => {
    const { db, receive } = shop();
    once(db, sent('a'), NOW, receive);
    once(db, sent('b'), NOW + 59 * DAY, receive);
    expect(db.select().from(actDone).all()).toHaveLength(2);
    once(db, sent('c'), NOW + 61 * DAY, receive);
    expect(
      db
        .select({ id: actDone.id })
        .from(actDone)
        .all()
        .map(({ id }) => id),
    ).toEqual(['b', 'c']);
  });
});
