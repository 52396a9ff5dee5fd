import { allDesigns, allRegimens } from '../src/data/catalogue/catalogue';
import { migrateOpen, openFile } from '../src/data/db';
import { loadDemo } from '../src/data/demo/load';
import { allLots } from '../src/data/stores/queries';
import { openBatchIds } from '../src/data/work/batch';
import { startBatch } from '../src/data/work/commands';
import { recordEntry } from '../src/data/work/record';

/** When it is in the filled shed. */
export const AT = Date.parse('2031-03-05T14:20:00Z');
const HOUR = 3_600_000;
/** What the batches are done of, each so many of them. */
export const STEPS = ['sand-120', 'wet', 'knock-back-220', 'flood-1', 'wipe-1'] as const;

/** A demo shed with so many open batches, each some steps on its way. */
export function fill(file: string, size: number): void {
  const { db, raw } = openFile(file);
  migrateOpen(raw);
  loadDemo(db, AT);
  const regimen = allRegimens(db).find((one) => one.id === 'soak-wax');
  const design = allDesigns(db)[0];
  const lots = allLots(db);
  const oil = lots.find((lot) => lot.ingredientId === 'mineral-oil')?.id ?? 0;
  const paste = lots.find((lot) => lot.title === 'Lantern paste')?.id ?? 0;
  for (let n = openBatchIds(db).length; n < size; n++) {
    const startAt = AT - (9 + (n % 60)) * HOUR;
    const by = { personId: 1 + (n % 2), nowMs: startAt };
    const made = startBatch(
      db,
      {
        designRevisionId: design?.revisionId ?? 0,
        speciesId: 'sycamore',
        origin: 'bought',
        pieces: 4 + (n % 9),
        regimenRevisionId: regimen?.revisionId ?? 0,
        materials: { oil, paste },
        startAt,
        dueAt: AT + (4 + (n % 20)) * 24 * HOUR,
      },
      by,
    );
    if (!made.ok) throw new Error(JSON.stringify(made.issues));
    STEPS.slice(0, 1 + (n % 5)).forEach((task, i) => {
      const at = startAt + (i + 1) * 1.2 * HOUR;
      const report = {
        clientId: `bench-${n}-${i}`,
        batchId: made.value.id,
        kind: 'done' as const,
        task,
        at,
        device: 'bench-device',
        deviceSequence: i,
      };
      recordEntry(
        db,
        {
          ...report,
          clockOffsetMs: 0,
          queued: false,
          grams: task === 'flood-1' ? 0.1 : null,
          tempC: 18,
          rh: 0.5,
          pass: null,
          seen: '',
        },
        { ...by, nowMs: at },
      );
    });
  }
  raw.close();
}
