import 'server-only';
import { asc } from 'drizzle-orm';
import type { Db } from '../db';
import { keep } from '../kept';
import { readyMade } from '../schema';
import type { ReadyMade } from './nature';

export const readyMades = (db: Db): ReadyMade[] =>
  keep(db, 'ready-mades', () => db.select().from(readyMade).orderBy(asc(readyMade.name)).all());
