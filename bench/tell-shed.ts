import { renameSync, writeFileSync } from 'node:fs';
import { migrateOpen, openFile } from '../src/data/db';
import { loadDemo } from '../src/data/demo/load';

/** Tells the demo shed of a moment into a file: `tell-shed.ts 2031-03-03T10:00:00Z FILE`. */
const [moment = '', file = ''] = process.argv.slice(2);
const { db, raw } = openFile(':memory:');
migrateOpen(raw);
loadDemo(db, Date.parse(moment));
writeFileSync(`${file}.part`, raw.serialize());
renameSync(`${file}.part`, file);
