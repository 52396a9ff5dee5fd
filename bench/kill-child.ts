/** One task of `kill.ts`, in a process that may be ended at any moment. It says `ack` only once a thing is done for good. */
import path from 'node:path';
import { ok } from '@/core/quantity';
import { command } from '@/data/command';
import { migrateFile, openFile } from '@/data/db';
import { makeDemoFile } from '@/data/demo/load';
import { filesBeside, keepFile } from '@/data/files';
import { backup } from '@/data/safe/backup';
import { restore } from '@/data/safe/restore';
import { receiveLot } from '@/data/stores/commands';

export const TASKS = ['records', 'photos', 'backup', 'restore', 'import', 'migration', 'demo'] as const;
export type Task = (typeof TASKS)[number];

const by = { personId: 1, nowMs: 0 };
const rest = { supplier: '', openedOn: null, bestBefore: null, priceMinor: null };
const say = (line: string): void => void process.stdout.write(`${line}\n`);

const DO: Readonly<Record<Task, (folder: string) => Promise<void> | void>> = {
  records: (folder) => {
    const { db } = openFile(path.join(folder, 'shop.sqlite'));
    for (let i = 0; i < 2000; i++) {
      const done = receiveLot(db, { ...rest, note: '', supplierCode: `record ${i}`, ingredientId: 'beeswax', grams: 1 }, by);
      if (done.ok) say(`ack record ${i}`);
    }
  },
  import: (folder) => {
    const { db } = openFile(path.join(folder, 'shop.sqlite'));
    for (let list = 0; list < 20; list++)
      command(db, (tx) => {
        for (let i = 0; i < 300; i++)
          receiveLot(tx, { ...rest, note: 'of the list', supplierCode: '', ingredientId: 'beeswax', grams: 1 }, by);
        return ok(undefined);
      });
  },
  photos: (folder) => {
    for (let i = 0; i < 2000; i++)
      say(`ack ${keepFile(Buffer.alloc(300_000, `photo ${i}`), filesBeside(path.join(folder, 'shop.sqlite')))}`);
  },
  backup: async (folder) => {
    for (let i = 0; i < 50; i++) {
      await backup(path.join(folder, 'shop.sqlite'), path.join(folder, `copy-${i}.sqlite`), { nowMs: 0 });
      say(`ack copy-${i}.sqlite`);
    }
  },
  restore: (folder) => {
    restore(path.join(folder, 'old', 'copy.sqlite'), folder, 'first');
  },
  migration: (folder) => {
    migrateFile(path.join(folder, 'old', 'shop.sqlite'), 'first');
  },
  demo: (folder) => {
    makeDemoFile(path.join(folder, 'demo', 'shop.sqlite'), Date.parse('2031-03-05T14:20:00Z'));
  },
};

const [task, folder] = process.argv.slice(2);
if (process.argv[1]?.endsWith('kill-child.ts') && task && folder) {
  say('begin');
  await DO[task as Task](folder);
}
