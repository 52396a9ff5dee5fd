import { desc } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { MS_PER_HOUR } from '@/core/quantity';
import { release, roomReading } from '../schema';
import { places } from '../shop/queries';
import { demoDb } from '../testing';
import { learnedA0 } from './learned';

const NOW = Date.parse('2031-03-05T14:20:00Z');

describe('what the shop learned of its own cure', () => {
  const db = demoDb(NOW);
  const rack = places(db).find((place) => place.kind === 'rack')?.id ?? 0;
  const released = db.select({ at: release.at }).from(release).orderBy(desc(release.at)).get()?.at ?? 0;
  const read = (clientId: string, at: number): void =>
    void db.insert(roomReading).values({ clientId, placeId: rack, at, tempC: 31, rhFraction: 0.3 }).run();

  it('stays while nothing that it was learned from changes', () => {
    const before = learnedA0(db);
    expect(learnedA0(db)).toBe(before);
    read('today', NOW - MS_PER_HOUR);
    read('now', NOW);
    expect(learnedA0(db)).toBe(before);
  });
  it('is reckoned anew when readings of a time before the last release come in late', () => {
    const before = learnedA0(db);
    read('late', released - 5 * MS_PER_HOUR);
    const after = learnedA0(db);
    expect(after).not.toBe(before);
    // Once: what was read is known then.
    expect(learnedA0(db)).toBe(after);
  });
});
