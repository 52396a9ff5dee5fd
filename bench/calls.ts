import path from 'node:path';
import Database from 'better-sqlite3';
import type { Shop } from '../e2e/shop';
import { asPage } from './address';

/** The views that are measured, each with what it wants of the demo shed. */
export const VIEWS = [
  '/',
  '/stores',
  '/stores/lots/2',
  '/stores/order',
  '/blends',
  '/blends/1',
  '/blends/compare?f=1&f=2&f=3&f=4',
  '/convert',
  '/work',
  '/work/new',
  '/work/choose?uses=food-wet&uses=knife&owner=unknown',
  '/work/31-006',
  '/work/31-006/bench',
  '/work/regimens',
  '/work/regimens/thin-drying',
  '/work/restore',
  '/cure',
  '/cure/31-002',
  '/release/31-003',
  '/care',
  '/returns',
  '/trials/T31-01',
  '/trials/new',
  '/cost?piece=1&wood=sycamore',
  '/guide',
  '/shop',
] as const;

export const middle = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1] ?? 0;

/** Calls a view as a page of the shop and gives how long it took, ms. */
export async function call(shop: Shop, view: string): Promise<number> {
  const from = performance.now();
  const answer = await fetch(shop.url + view, { headers: asPage(shop.url) });
  await answer.text();
  if (!answer.ok) throw new Error(`${view} answered ${answer.status}`);
  return performance.now() - from;
}

/** A reading of the room's air, as another program would write it: all that was computed from the file is dropped. */
export function record(shop: Shop): void {
  const file = new Database(path.join(shop.folder, 'shop.sqlite'), { timeout: 5000 });
  file.exec(`insert into room_reading (client_id, place_id, at, temp_c, rh_fraction, person_id)
    select hex(randomblob(12)), place_id, at + 60000, temp_c, rh_fraction, person_id from room_reading order by at desc limit 1`);
  file.close();
}
