import 'server-only';
import { asc } from 'drizzle-orm';
import { recordMoisture } from '../moisture/moisture';
import { batch } from '../schema';
import { by, DAY, type DemoScene, INES, must } from './scene';

/** What the meter said of the newest boards: a little damp, drying, and once just wetted. */
export function readWood({ db, nowMs }: DemoScene): void {
  const batchId = db.select({ id: batch.id }).from(batch).orderBy(asc(batch.id)).limit(1).offset(6).get()?.id ?? 0;
  for (const [daysAgo, percent, spot, isValid] of [
    [5, 15.8, 'middle', true],
    [5, 15.2, 'end', true],
    [3, 14.4, 'middle', true],
    [2, 19, 'middle, just wetted', false],
    [1, 13.3, 'middle', true],
  ] as const)
    must(recordMoisture(db, { batchId, percent, spot, isValid }, by(INES, nowMs - daysAgo * DAY)));
}
