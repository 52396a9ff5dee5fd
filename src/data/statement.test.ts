import { eq, sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { ok } from '@/core/quantity';
import { command } from './command';
import { keep } from './kept';
import { place } from './schema';
import { statement } from './statement';
import { emptyDb } from './testing';

let built = 0;
const byKind = statement((db) => {
  built++;
  return db
    .select()
    .from(place)
    .where(eq(place.kind, sql.placeholder('kind')))
    .prepare();
});

describe('a statement with placeholders', () => {
  it('is built once for each file, whatever it is asked', () => {
    const [one, other] = [emptyDb(), emptyDb()];
    one.insert(place).values({ name: 'Rack', kind: 'rack' }).run();
    built = 0;
    const names = (kind: string) =>
      byKind(one)
        .all({ kind })
        .map((row) => row.name);
    expect([names('rack'), names('bench'), names('rack')]).toEqual([['Rack'], [], ['Rack']]);
    expect(built).toBe(1);
    expect(byKind(other).all({ kind: 'rack' })).toEqual([]);
    expect(built).toBe(2);
  });
  it('counts as a reading of its tables: what was kept of them is made anew when they are written', () => {
    const db = emptyDb();
    const count = () => keep(db, 'racks', () => byKind(db).all({ kind: 'rack' }).length);
    expect([count(), count()]).toEqual([0, 0]);
    db.insert(place).values({ name: 'Rack', kind: 'rack' }).run();
    expect(count()).toBe(1);
    db.insert(place).values({ name: 'Loft', kind: 'rack' }).run();
    expect(count()).toBe(2);
  });
  it('sees inside a transaction what that has written', () => {
    const db = emptyDb();
    const seen = command(db, (tx) => {
      tx.insert(place).values({ name: 'Rack', kind: 'rack' }).run();
      return ok(byKind(tx).all({ kind: 'rack' }).length);
    });
    expect(seen).toMatchObject({ value: 1 });
  });
});
